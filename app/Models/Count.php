<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Nebbia\Core\Pest\Decision\EnemiesSeen;
use Nebbia\Core\Target\CountMeasure;

/**
 * What was counted on some plants of a troubled planting.
 *
 * @property string $garden_id
 * @property string $trouble_id
 * @property CarbonImmutable $counted_at UTC
 * @property CountMeasure $measure
 * @property list<float|int> $counts one for each plant
 * @property int $leaves_per_plant
 * @property EnemiesSeen $enemies
 * @property string|null $note
 */
final class Count extends HouseholdModel
{
    protected $attributes = ['note' => null];

    protected function readable(): array
    {
        return [
            'counts' => [Spoilt::list(static fn (mixed $one): bool => is_int($one) || is_float($one)), self::ASIDE],
        ];
    }

    protected function casts(): array
    {
        return [
            'counted_at' => 'immutable_datetime',
            'measure' => CountMeasure::class,
            'counts' => 'array',
            'enemies' => EnemiesSeen::class,
        ];
    }
}
