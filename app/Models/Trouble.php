<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Nebbia\Core\Target\Targets;

/**
 * Something that is wrong with a planting, from the first sign to its end.
 *
 * @property string $garden_id
 * @property string $planting_id
 * @property string|null $target null while it is not known what it is
 * @property CarbonImmutable $noticed_on
 * @property TroubleStatus $status
 * @property CarbonImmutable|null $closed_on
 * @property string|null $outcome
 * @property string|null $note
 * @property-read Planting $planting
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Count> $counts
 * @property-read \Illuminate\Database\Eloquent\Collection<int, TacticUse> $tacticUses
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Glance> $glances
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Scouting> $scoutings
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Course> $courses
 */
final class Trouble extends HouseholdModel
{
    protected $attributes = ['target' => null, 'closed_on' => null, 'outcome' => null, 'note' => null];

    protected function readable(): array
    {
        return [
            'target' => [
                static fn (mixed $raw): bool => $raw === null || (is_string($raw) && app(Targets::class)->idOf($raw) !== null),
                null,
            ],
        ];
    }

    protected function casts(): array
    {
        return ['noticed_on' => 'immutable_date:Y-m-d', 'closed_on' => 'immutable_date:Y-m-d', 'status' => TroubleStatus::class];
    }

    /** @return BelongsTo<Planting, $this> */
    public function planting(): BelongsTo
    {
        return $this->belongsTo(Planting::class)->withTrashed();
    }

    /** @return HasMany<Count, $this> */
    public function counts(): HasMany
    {
        return $this->hasMany(Count::class)->orderBy('counted_at');
    }

    /** @return HasMany<TacticUse, $this> */
    public function tacticUses(): HasMany
    {
        return $this->hasMany(TacticUse::class)->orderBy('done_at');
    }

    /** @return HasMany<Glance, $this> */
    public function glances(): HasMany
    {
        return $this->hasMany(Glance::class)->orderBy('seen_at')->orderBy('id');
    }

    /** @return HasMany<Scouting, $this> */
    public function scoutings(): HasMany
    {
        return $this->hasMany(Scouting::class)->orderByDesc('scouted_at');
    }

    /** @return HasMany<Course, $this> */
    public function courses(): HasMany
    {
        return $this->hasMany(Course::class);
    }
}
