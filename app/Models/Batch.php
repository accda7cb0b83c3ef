<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What was mixed at once: for one round, or for several that take the same.
 *
 * @property string $garden_id
 * @property string $recipe_id
 * @property string|null $sprayer_id
 * @property string $name of the recipe on that day
 * @property float $volume_ml
 * @property int $fills
 * @property CarbonImmutable $made_at UTC
 * @property CarbonImmutable|null $use_by
 * @property float $left_ml
 * @property CarbonImmutable|null $gone_at when what was left was got rid of
 */
final class Batch extends HouseholdModel
{
    protected $attributes = ['gone_at' => null, 'use_by' => null];

    protected function casts(): array
    {
        return [
            'volume_ml' => 'float',
            'left_ml' => 'float',
            'fills' => 'integer',
            'made_at' => 'immutable_datetime',
            'use_by' => 'immutable_datetime',
            'gone_at' => 'immutable_datetime',
        ];
    }

    /** @return HasMany<Application, $this> */
    public function applications(): HasMany
    {
        return $this->hasMany(Application::class);
    }
}
