<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What was sprayed, with everything as it was on that day.
 *
 * @property string $garden_id
 * @property string|null $round_id
 * @property CarbonImmutable $applied_at UTC
 * @property float $volume_ml
 * @property string|null $by
 * @property string|null $note
 * @property array<string, mixed> $snapshot
 * @property array<string, float> $doses substance => strength in the unit of its threshold
 * @property list<string> $planting_ids
 * @property string|null $sprayer_id
 * @property string|null $batch_id
 * @property bool|null $rinsed the plants, after a while
 * @property-read Round|null $round
 * @property-read Batch|null $batch
 */
final class Application extends HouseholdModel
{
    protected $attributes = ['batch_id' => null, 'rinsed' => null];

    protected function readable(): array
    {
        return [
            'snapshot' => [Spoilt::map(), self::ASIDE],
            'doses' => [Spoilt::map(static fn (mixed $one): bool => is_int($one) || is_float($one)), '[]'],
            'planting_ids' => [Spoilt::texts(), '[]'],
        ];
    }

    protected function casts(): array
    {
        return [
            'applied_at' => 'immutable_datetime',
            'snapshot' => 'array',
            'doses' => 'array',
            'planting_ids' => 'array',
            'rinsed' => 'boolean',
        ];
    }

    /** @return BelongsTo<Round, $this> */
    public function round(): BelongsTo
    {
        return $this->belongsTo(Round::class);
    }

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        return $this->belongsTo(Batch::class);
    }
}
