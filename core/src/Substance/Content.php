<?php

declare(strict_types=1);

namespace Nebbia\Core\Substance;

use Nebbia\Core\Data\Interval;

/** How much of one substance is in a millilitre of what is poured, or in a gram of what is not. */
final readonly class Content
{
    private function __construct(
        public Substance $substance,
        public Interval $grams,
        /** mL of the pure substance; null where it is not measured by volume. */
        public ?Interval $millilitres,
        /** As grams, with dry plant material counted as fresh. */
        public Interval $fresh,
    ) {}

    public static function of(Substance $substance, Interval $grams, ?Interval $millilitres = null, ?Interval $fresh = null): self
    {
        return new self(
            $substance,
            $grams,
            $millilitres ?? ($substance->density === null ? null : $grams->dividedBy($substance->density)),
            $fresh ?? $grams,
        );
    }

    /** @return list<self> what an ingredient holds at a strength: its substance, and what else comes with it in the same measure */
    public static function in(Ingredient $ingredient, Strength $strength): array
    {
        if ($ingredient->substance === null) {
            return [];
        }
        $main = self::of(
            $ingredient->substance,
            $strength->grams,
            $strength->millilitres,
            $strength->grams->times($ingredient->freshEquivalent),
        );
        $factor = $ingredient->usual->likely > 0.0 ? $strength->percent->likely / $ingredient->usual->likely : 1.0;

        return [$main, ...array_map(static fn (self $other): self => $other->times($factor), $ingredient->others)];
    }

    public function times(Interval|float $factor): self
    {
        return new self($this->substance, $this->grams->times($factor), $this->millilitres?->times($factor), $this->fresh->times($factor));
    }
}
