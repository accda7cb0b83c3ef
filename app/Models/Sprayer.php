<?php

declare(strict_types=1);

namespace App\Models;

use Nebbia\Core\Vessel\Vessel;

/**
 * A bottle or sprayer.
 *
 * @property string $garden_id
 * @property string $name
 * @property float $capacity_ml
 * @property float $usable_fraction
 * @property string|null $material
 * @property string|null $dedicated_to
 */
final class Sprayer extends HouseholdModel
{
    public function vessel(): Vessel
    {
        return Vessel::of($this->name, $this->capacity_ml, $this->usable_fraction);
    }
}
