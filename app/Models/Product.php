<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Nebbia\Core\Mixing\Pantry\Product as Bottle;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Substance\Strength;
use Nebbia\Core\Substance\StrengthParser;

/**
 * A bottle, bag or box in the cupboard. Size and rest are mL of a liquid, g of a solid.
 *
 * @property string $garden_id
 * @property string $name
 * @property string $ingredient
 * @property string|null $strength
 * @property float|null $density
 * @property float|null $size
 * @property float|null $left
 * @property float|null $price
 * @property CarbonImmutable|null $opened_on
 * @property CarbonImmutable|null $best_before
 * @property string|null $note
 */
final class Product extends HouseholdModel
{
    protected $attributes = [
        'strength' => null,
        'density' => null,
        'size' => null,
        'left' => null,
        'price' => null,
        'opened_on' => null,
        'best_before' => null,
        'note' => null,
    ];

    protected function readable(): array
    {
        return [
            'ingredient' => [
                static fn (mixed $raw): bool => is_string($raw) && in_array($raw, app(Ingredients::class)->ids(), true),
                self::ASIDE,
            ],
            // After the ingredient: a row without one is put aside.
            'strength' => [
                static fn (mixed $raw, array $row): bool => $raw === null ||
                    Spoilt::reads(
                        static fn () => StrengthParser::parse(
                            is_string($raw) ? $raw : '',
                            app(Ingredients::class)->named((string) $row['ingredient']),
                        ),
                    )($raw),
                null,
            ],
        ];
    }

    protected function casts(): array
    {
        return [
            'density' => 'float',
            'size' => 'float',
            'left' => 'float',
            'price' => 'float',
            'opened_on' => 'immutable_date:Y-m-d',
            'best_before' => 'immutable_date:Y-m-d',
        ];
    }

    public function bottle(): Bottle
    {
        $ingredient = app(Ingredients::class)->named($this->ingredient);

        return Bottle::of(
            $this->id,
            $this->name,
            $ingredient,
            $this->strength === null ? Strength::usual($ingredient) : StrengthParser::parse($this->strength, $ingredient),
            $this->strength,
            $this->size,
            $this->left,
            $this->price,
            $this->density,
            $this->opened_on,
            $this->best_before,
        );
    }
}
