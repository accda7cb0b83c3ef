<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Rescue;

/** One way to bring a mix back to its strengths: take some out, add the rest, end with so much. */
final readonly class WayOut
{
    /** @param  array<int, float>  $add  line => mL poured or g of what is not, still to go in */
    private function __construct(
        /** larger: nothing is thrown away, more is made; as-planned: some is thrown away; fill: as much as the vessel holds. */
        public string $kind,
        /** mL to pour away first. */
        public float $pourAwayMl,
        /** Part of what is in that stays. */
        public float $keep,
        public float $addBaseMl,
        public array $add,
        public float $finalMl,
    ) {}

    /** @param  array<int, float>  $add */
    public static function of(string $kind, float $pourAwayMl, float $keep, float $addBaseMl, array $add, float $finalMl): self
    {
        return new self($kind, $pourAwayMl, $keep, $addBaseMl, $add, $finalMl);
    }
}
