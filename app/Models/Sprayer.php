<?php

declare(strict_types=1);

namespace App\Models;

use Nebbia\Core\Measure\Vessel\Vessel;
use Nebbia\Core\Mixing\Need\NeedEstimator;

/**
 * A bottle or sprayer.
 *
 * @property string $garden_id
 * @property string $name
 * @property float $capacity_ml
 * @property float $usable_fraction
 * @property string|null $material
 * @property string|null $dedicated_to
 * @property float|null $finest_passage_mm
 * @property float|null $ml_per_squeeze
 * @property float|null $ml_per_minute
 */
final class Sprayer extends HouseholdModel
{
    protected $attributes = [
        'material' => null,
        'dedicated_to' => null,
        'finest_passage_mm' => null,
        'ml_per_squeeze' => null,
        'ml_per_minute' => null,
    ];

    protected function casts(): array
    {
        return [
            'capacity_ml' => 'float',
            'usable_fraction' => 'float',
            'finest_passage_mm' => 'float',
            'ml_per_squeeze' => 'float',
            'ml_per_minute' => 'float',
        ];
    }

    public function vessel(): Vessel
    {
        return Vessel::of(
            $this->name,
            $this->capacity_ml,
            $this->usable_fraction,
            app(NeedEstimator::class)->dead($this->capacity_ml),
            $this->finest_passage_mm,
        );
    }
}
