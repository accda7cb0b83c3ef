<?php

declare(strict_types=1);

namespace Nebbia\Core\Making;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Substance\Content;
use Nebbia\Core\Substance\Ingredient;

/** A preparation worked out: how much there will be of it, and what one millilitre holds. */
final readonly class Preparation
{
    /**
     * @param  list<Content>  $contents  of one mL, the main one first
     * @param  array<string, Interval>  $plants  g of plant in one mL of the liquid, by substance, whatever it counts as
     */
    private function __construct(
        public Making $making,
        public Ingredient $ingredient,
        /** mL; null where it is known only once it has been strained. */
        public ?Interval $yield,
        public array $contents,
        public array $plants,
        /** What went into the pot; null where no liquid does. */
        public ?Mix $pot,
    ) {}

    /**
     * @param  list<Content>  $contents
     * @param  array<string, Interval>  $plants
     */
    public static function of(Making $making, Ingredient $ingredient, ?Interval $yield, array $contents, array $plants, ?Mix $pot): self
    {
        return new self($making, $ingredient, $yield, $contents, $plants, $pot);
    }

    /** mL that stay in cloth and pulp, or went up as steam. */
    public function lost(): ?Interval
    {
        $in = $this->pot?->finalVolume;

        return $in === null || $this->yield === null || $this->making->toppedUp !== null
            ? null
            : Interval::of(
                max(0.0, $in->likely - $this->yield->high),
                max(0.0, $in->likely - $this->yield->likely),
                max(0.0, $in->likely - $this->yield->low),
            );
    }
}
