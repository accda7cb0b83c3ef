<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Pantry;

use DateTimeImmutable;
use Nebbia\Core\Mixing\Recipe\RecipeLine;
use Nebbia\Core\Substance\Density;
use Nebbia\Core\Substance\Ingredient;
use Nebbia\Core\Substance\OwnIngredients;
use Nebbia\Core\Substance\Strength;

/** A bottle, bag or box in the cupboard: an ingredient at its own label's strength. Contents are mL of a liquid, g of a solid. */
final readonly class Product
{
    private function __construct(
        public string $id,
        public string $name,
        public Ingredient $ingredient,
        public Strength $strength,
        /** As the label says it; null where it says nothing. */
        public ?string $stated,
        /** When it was full; null where it is not known. */
        public ?float $size,
        public ?float $left,
        /** Of a full one, in the household's money. */
        public ?float $price,
        /** g/mL where it was measured. */
        public ?float $density,
        public ?DateTimeImmutable $openedOn,
        public ?DateTimeImmutable $bestBefore,
    ) {}

    /** @throws PantryException naming `size`, `left`, `price` or `density` */
    public static function of(
        string $id, string $name, Ingredient $ingredient, Strength $strength, ?string $stated, ?float $size = null, ?float $left = null,
        ?float $price = null, ?float $density = null, ?DateTimeImmutable $openedOn = null, ?DateTimeImmutable $bestBefore = null,
    ): self {
        if ($size !== null && $size <= 0.0) {
            throw PantryException::size('size');
        }
        if ($left !== null && $left < 0.0) {
            throw PantryException::size('left');
        }
        if ($price !== null && $price < 0.0) {
            throw PantryException::price();
        }
        if ($density !== null && ($density < 0.1 || $density > 3.0)) {
            throw PantryException::density();
        }

        // Of a thing of one's own the bottle's name is all that says what it is.
        $isOwn = OwnIngredients::isOwn($ingredient->id);
        $ingredient = $isOwn ? $ingredient->called($name, $density === null ? null : Density::weighed($density)) : $ingredient;

        return new self($id, $name, $ingredient, $strength, $stated, $size, $left, $price, $density, $openedOn, $bestBefore);
    }

    /** Whether it is kept as a liquid, and so counted in mL. */
    public function isPoured(): bool
    {
        return $this->ingredient->isLiquid || $this->strength->isSolution;
    }

    /**
     * How much of this bottle does the work of so much of what a line asks for: by what acts, so that a stronger bottle gives less.
     *
     * @param  float  $amount  mL poured or g, of the line
     */
    public function neededFor(RecipeLine $line, float $amount): float
    {
        $byVolume = $line->strength->millilitres !== null && $this->strength->millilitres !== null;
        $was = $byVolume ? $line->strength->millilitres->likely : $line->strength->grams->likely;
        $is = $byVolume ? $this->strength->millilitres->likely : $this->strength->grams->likely;

        return $is > 0.0 && $was > 0.0 ? $amount * $was / $is : $amount;
    }

    /** In the household's money; null where price or size is not known. */
    public function costOf(float $amount): ?float
    {
        return $this->price === null || $this->size === null ? null : $this->price * $amount / $this->size;
    }
}
