<?php

declare(strict_types=1);

namespace App\Models;

use Nebbia\Core\Measure\Units;

/**
 * What one of the household's own drops, squeezes, handfuls holds, and how that was found.
 *
 * @property string $garden_id
 * @property string $unit
 * @property string|null $ingredient
 * @property int $count
 * @property list<string> $totals
 * @property float $step
 * @property float $low
 * @property float $likely
 * @property float $high
 * @property bool $is_weighed
 */
final class OwnMeasure extends HouseholdModel
{
    protected function readable(): array
    {
        return [
            'totals' => [Spoilt::texts(), '[]'],
            'unit' => [Spoilt::reads(static fn (mixed $raw) => app(Units::class)->get(is_string($raw) ? $raw : '')), self::ASIDE],
        ];
    }

    protected function casts(): array
    {
        return [
            'totals' => 'array',
            'step' => 'float',
            'low' => 'float',
            'likely' => 'float',
            'high' => 'float',
            'is_weighed' => 'boolean',
        ];
    }
}
