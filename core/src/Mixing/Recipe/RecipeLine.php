<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Recipe;

use Brick\Math\BigRational;
use Nebbia\Core\Measure\Amount;
use Nebbia\Core\Shelf\OnShelf;
use Nebbia\Core\Substance\Content;
use Nebbia\Core\Substance\Ingredient;
use Nebbia\Core\Substance\Strength;

/** One ingredient of a recipe, and how much of it. */
final readonly class RecipeLine
{
    private function __construct(
        public Ingredient $ingredient,
        public Amount $amount,
        public Strength $strength,
        /** The strength as the recipe states it; null where the usual one is taken. */
        public ?string $statedStrength,
        /** The very one on the shelf that it is taken from; null where any will do. */
        public ?OnShelf $preparation,
    ) {}

    public static function of(
        Ingredient $ingredient,
        Amount $amount,
        Strength $strength,
        ?string $statedStrength = null,
        ?OnShelf $preparation = null,
    ): self {
        return new self($ingredient, $amount, $strength, $statedStrength, $preparation);
    }

    /** @return list<Content> of one mL poured, or of one g */
    public function contents(): array
    {
        return $this->preparation->contents ?? Content::in($this->ingredient, $this->strength);
    }

    public function scaledBy(BigRational $k): self
    {
        return new self($this->ingredient, $this->amount->scaledBy($k), $this->strength, $this->statedStrength, $this->preparation);
    }

    /** k times as much of it in the same base: ratios and strengths too. */
    public function strengthenedBy(BigRational $k): self
    {
        return new self($this->ingredient, $this->amount->strengthenedBy($k), $this->strength, $this->statedStrength, $this->preparation);
    }

    public function withAmount(Amount $amount): self
    {
        return new self($this->ingredient, $amount, $this->strength, $this->statedStrength, $this->preparation);
    }

    /** Whether it is poured, and so adds to the volume. */
    public function isPoured(): bool
    {
        return $this->ingredient->isLiquid || $this->strength->isSolution;
    }
}
