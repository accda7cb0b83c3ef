<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * One planned application of a course.
 *
 * @property string $garden_id
 * @property string $course_id
 * @property int $number
 * @property CarbonImmutable $due_on the day in the garden's time zone
 * @property int|null $due_hour by the garden's clocks; null where nobody has said
 * @property list<string> $done_planting_ids that have had it, where only a part was done
 * @property RoundStatus $status
 * @property string|null $reason why it was moved or skipped
 * @property-read Course $course
 * @property-read Application|null $application
 */
final class Round extends HouseholdModel
{
    /** What is mixed for it, with what, for which plants. */
    public const MIXED = ['course.recipe', 'course.other', 'course.sprayer', 'course.plantings'];

    /** Where no hour is said, rounds are in the evening. */
    private const USUAL_HOUR = 18;

    protected $attributes = ['due_hour' => null, 'done_planting_ids' => '[]', 'reason' => null];

    protected function readable(): array
    {
        return [
            'done_planting_ids' => [Spoilt::texts(), '[]'],
        ];
    }

    protected function casts(): array
    {
        return [
            'due_on' => 'immutable_date:Y-m-d',
            'due_hour' => 'integer',
            'done_planting_ids' => 'array',
            'status' => RoundStatus::class,
        ];
    }

    /** @return BelongsTo<Course, $this> */
    public function course(): BelongsTo
    {
        return $this->belongsTo(Course::class)->withTrashed();
    }

    /** What is sprayed; the course with both its recipes must be loaded. */
    public function remedy(): Recipe
    {
        return $this->course->remedy($this->number);
    }

    /** When it is meant to begin. */
    public function dueAt(string $timeZone): CarbonImmutable
    {
        return CarbonImmutable::parse($this->due_on->toDateString(), $timeZone)->setTime($this->due_hour ?? self::USUAL_HOUR, 0);
    }

    /** mL that it still takes: what was planned, less the share of the plants that have had it. */
    public function volumeMl(): float
    {
        $count = static fn (Planting $planting): int => $planting->number;
        $all = $this->course->plantings->sum($count);

        return $all > 0 ? ($this->course->volume_ml * $this->open()->sum($count)) / $all : $this->course->volume_ml;
    }

    /** @return Collection<int, Planting> that still want it; the course's plantings must be loaded */
    public function open(): Collection
    {
        return $this->course->plantings->reject(fn (Planting $one): bool => in_array($one->id, $this->done_planting_ids, true))->values();
    }

    /** @return HasOne<Application, $this> the last, where it was done in parts */
    public function application(): HasOne
    {
        return $this->hasOne(Application::class)->latest('applied_at');
    }
}
