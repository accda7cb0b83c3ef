<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Nebbia\Core\Planning\Course\Purpose;
use Nebbia\Core\Target\Targets;

/**
 * A remedy for some plantings, and the rounds until it is done.
 *
 * @property string $garden_id
 * @property string $recipe_id
 * @property string|null $other_recipe_id the remedy of every second round
 * @property Purpose $purpose
 * @property string|null $sprayer_id
 * @property string|null $trouble_id
 * @property string|null $target
 * @property float $volume_ml
 * @property int $every_days
 * @property int $times
 * @property CarbonImmutable $starts_on
 * @property string|null $until gone or frost: what ends it before its rounds are done
 * @property array<int, string>|null $products line of the recipe => the bottle that is taken for it
 * @property-read Recipe $recipe
 * @property-read Recipe|null $other
 * @property-read Sprayer|null $sprayer
 */
final class Course extends HouseholdModel
{
    /** What a course is shown with. */
    public const SHOWN = [
        'recipe', 'other', 'sprayer', 'plantings.zone', 'rounds.application', 'rounds.course', 'trouble.counts', 'trouble.glances',
    ];

    /** What it is planned anew with. */
    public const PLANNED = [
        'recipe', 'other', 'sprayer', 'plantings', 'rounds.application', 'rounds.course.plantings', 'trouble.counts', 'trouble.glances',
    ];

    protected $attributes = ['purpose' => 'outbreak', 'other_recipe_id' => null, 'until' => null];

    protected function readable(): array
    {
        return [
            'target' => [
                static fn (mixed $raw): bool => $raw === null || (is_string($raw) && app(Targets::class)->idOf($raw) !== null),
                null,
            ],
            'products' => [Spoilt::or(Spoilt::map(is_string(...))), null],
        ];
    }

    protected function casts(): array
    {
        return ['starts_on' => 'immutable_date:Y-m-d', 'products' => 'array', 'purpose' => Purpose::class];
    }

    /** @return BelongsTo<Recipe, $this> */
    public function recipe(): BelongsTo
    {
        // A course outlives its recipe.
        return $this->belongsTo(Recipe::class)->withTrashed();
    }

    /** @return BelongsTo<Recipe, $this> that takes turns with the first */
    public function other(): BelongsTo
    {
        return $this->belongsTo(Recipe::class, 'other_recipe_id')->withTrashed();
    }

    /** What is sprayed in a round, counted from 1. Both recipes must be loaded. */
    public function remedy(int $round): Recipe
    {
        return $this->other !== null && $round % 2 === 0 ? $this->other : $this->recipe;
    }

    /** @return non-empty-list<Recipe> what takes turns, beginning with that of a round, counted from 1 */
    public function remediesFrom(int $round): array
    {
        return $this->other === null ? [$this->recipe] : [$this->remedy($round), $this->remedy($round + 1)];
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
