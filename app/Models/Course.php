<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A remedy for some plantings, and the rounds until it is done.
 *
 * @property string $garden_id
 * @property string $recipe_id
 * @property string|null $sprayer_id
 * @property string|null $trouble_id
 * @property string|null $target
 * @property float $volume_ml
 * @property int $every_days
 * @property int $times
 * @property CarbonImmutable $starts_on
 * @property array<int, string>|null $products line of the recipe => the bottle that is taken for it
 * @property-read Recipe $recipe
 * @property-read Sprayer|null $sprayer
 */
final class Course extends HouseholdModel
{
    protected function casts(): array
    {
        return ['starts_on' => 'immutable_date:Y-m-d', 'products' => 'array'];
    }

    /** @return BelongsTo<Recipe, $this> */
    public function recipe(): BelongsTo
    {
        // A course outlives its recipe.
        return $this->belongsTo(Recipe::class)->withTrashed();
    }

    /** @return BelongsTo<Sprayer, $this> */
    public function sprayer(): BelongsTo
    {
        return $this->belongsTo(Sprayer::class)->withTrashed();
    }

    /** @return BelongsToMany<Planting, $this> */
    public function plantings(): BelongsToMany
    {
        return $this->belongsToMany(Planting::class)->withTrashed()->orderBy('name');
    }

    /** @return BelongsTo<Trouble, $this> */
    public function trouble(): BelongsTo
    {
        return $this->belongsTo(Trouble::class);
    }

    /** @return HasMany<Round, $this> */
    public function rounds(): HasMany
    {
        return $this->hasMany(Round::class)->orderBy('number');
    }
}
