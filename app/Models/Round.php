<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * One planned application of a course.
 *
 * @property string $garden_id
 * @property string $course_id
 * @property int $number
 * @property CarbonImmutable $due_on the day in the garden's time zone
 * @property RoundStatus $status
 * @property string|null $reason why it was moved or skipped
 * @property-read Course $course
 * @property-read Application|null $application
 */
final class Round extends HouseholdModel
{
    protected function casts(): array
    {
        return ['due_on' => 'immutable_date:Y-m-d', 'status' => RoundStatus::class];
    }

    /** @return BelongsTo<Course, $this> */
    public function course(): BelongsTo
    {
        return $this->belongsTo(Course::class)->withTrashed();
    }

    /** @return HasOne<Application, $this> */
    public function application(): HasOne
    {
        return $this->hasOne(Application::class);
    }
}
