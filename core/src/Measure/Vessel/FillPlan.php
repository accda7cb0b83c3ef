<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure\Vessel;

/**
 * How often to fill a vessel for a volume, and how far each time: equal fills, so that the same is measured every time.
 * What stays in the vessel is made once; later fills come on top of it.
 */
final readonly class FillPlan
{
    private function __construct(
        public Vessel $vessel,
        public int $fills,
        /** mL of each fill. */
        public float $eachMl,
        /** mL made in all. */
        public float $madeMl,
        /** mL that come out. */
        public float $sprayedMl,
    ) {}

    /**
     * @param  float  $neededMl  what is to be sprayed, above zero
     * @param  int|null  $fills  as many as that, or as few as it takes
     */
    public static function of(Vessel $vessel, float $neededMl, ?int $fills = null): self
    {
        $made = max($neededMl + $vessel->dead->likely, $vessel->smallestMl());
        $fills ??= (int) ceil($made / $vessel->usableMl() - 1e-9);
        $fills = max(1, $fills);
        $each = min($made / $fills, $vessel->usableMl());

        return new self($vessel, $fills, $each, $each * $fills, max(0.0, $each * $fills - $vessel->dead->likely));
    }
}
