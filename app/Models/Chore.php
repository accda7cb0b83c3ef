<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A job of the calendar that is no spray: feeding, watering, or what else comes round.
 *
 * @property string $garden_id
 * @property string|null $planting_id
 * @property string $kind feed, water or other
 * @property string $what
 * @property string $often as it was said
 * @property string|null $until
 * @property bool $from_above water goes over the leaves
 * @property CarbonImmutable $starts_on
 * @property CarbonImmutable|null $next_on null once it is over
 * @property CarbonImmutable|null $done_on the last time
 * @property-read Planting|null $planting
 */
final class Chore extends HouseholdModel
{
    public const KINDS = ['feed', 'water', 'other'];

    protected $attributes = ['planting_id' => null, 'until' => null, 'from_above' => false, 'next_on' => null, 'done_on' => null];

    protected function casts(): array
    {
        return [
            'from_above' => 'boolean',
            'starts_on' => 'immutable_date:Y-m-d',
            'next_on' => 'immutable_date:Y-m-d',
            'done_on' => 'immutable_date:Y-m-d',
        ];
    }

    /** @return BelongsTo<Planting, $this> */
    public function planting(): BelongsTo
    {
        return $this->belongsTo(Planting::class)->withTrashed();
    }
}
