<?php

declare(strict_types=1);

namespace Nebbia\Core\Substance;

use Nebbia\Core\Data\Interval;

/**
 * How strong an ingredient is: what one millilitre of a liquid, or one gram of a solid, holds.
 */
final readonly class Strength
{
    private function __construct(
        /** Grams of the substance in one mL (liquid) or one g (solid). */
        public Interval $grams,
        /** Millilitres of the pure substance in one mL; null where it is not measured by volume. */
        public ?Interval $millilitres,
        /** In the ingredient's own percent, for the label and the density. */
        public Interval $percent,
        /** A plant or salt that comes as an extract or a solution, and so is poured. */
        public bool $isSolution,
        /** Taken because the recipe gives none. */
        public bool $isUsual,
        /** Grams of the substance in one tablet, where the label says so. */
        public ?float $tablet = null,
    ) {}

    /** Tablets of so many grams of active substance each. */
    public static function ofTablets(float $grams): self
    {
        return new self(Interval::exactly(1.0), null, Interval::exactly(100.0), false, false, $grams);
    }

    public static function of(Interval $grams, ?Interval $millilitres, Interval $percent, bool $isSolution = false): self
    {
        return new self($grams, $millilitres, $percent, $isSolution, false);
    }

    /** The usual strength of an ingredient. */
    public static function usual(Ingredient $ingredient): self
    {
        $share = $ingredient->usual->times(0.01);
        $density = $ingredient->substance?->density;

        return match ($ingredient->percent) {
            PercentMeaning::ByVolume => new self(
                $density === null ? $share : $share->times($density),
                $share,
                $ingredient->usual,
                false,
                true,
            ),
            default => new self($share, null, $ingredient->usual, false, true),
        };
    }
}
