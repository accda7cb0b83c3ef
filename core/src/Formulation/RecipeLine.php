<?php

declare(strict_types=1);

namespace Nebbia\Core\Formulation;

use Brick\Math\BigRational;
use Nebbia\Core\Ingredient\Content;
use Nebbia\Core\Ingredient\Ingredient;
use Nebbia\Core\Ingredient\Strength;
use Nebbia\Core\Making\OnShelf;
use Nebbia\Core\Measure\Amount;

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

    public static function of(Ingredient $ingredient, Amount $amount, Strength $strength, ?string $statedStrength = null, ?OnShelf $preparation = null): self
    {
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
