<?php

declare(strict_types=1);

namespace App\Models;

use Nebbia\Core\Measure\Tool\ToolKind;

/**
 * A spoon, cup, syringe, dropper or scale. Size and step are mL; of a scale, g.
 *
 * @property string $garden_id
 * @property string $name
 * @property ToolKind $kind
 * @property float $size
 * @property float $step
 */
final class MeasuringTool extends HouseholdModel
{
    protected $table = 'tools';

    protected function readable(): array
    {
        return [
            'kind' => [static fn (mixed $raw): bool => is_string($raw) && ToolKind::tryFrom($raw) !== null, self::ASIDE],
        ];
    }

    protected function casts(): array
    {
        return ['kind' => ToolKind::class, 'size' => 'float', 'step' => 'float'];
    }
}
