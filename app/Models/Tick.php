<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * A step of a day's list that was ticked off.
 *
 * @property string $garden_id
 * @property CarbonImmutable $day
 * @property string $step
 */
final class Tick extends HouseholdModel
{
    protected function casts(): array
    {
        return ['day' => 'immutable_date:Y-m-d'];
    }
}
