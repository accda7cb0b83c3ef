<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure\Vessel;

use Nebbia\Core\Data\Interval;

/** What is mixed and sprayed from. */
final readonly class Vessel
{
    private function __construct(
        public string $name,
        public float $capacityMl,
        /** How full it may be: the rest is air for the pump and for foam. */
        public float $usableFraction,
        /** What stays in it and never comes out, mL. */
        public Interval $dead,
        /** mm of the narrowest place that the spray goes through; null where nobody has measured it. */
        public ?float $finestPassageMm,
    ) {}

    /** @throws VesselException if the capacity is not above zero, or the fraction not above 0 and up to 1 */
    public static function of(
        string $name,
        float $capacityMl,
        float $usableFraction = 1.0,
        ?Interval $dead = null,
        ?float $finestPassageMm = null,
    ): self {
        if ($capacityMl <= 0.0) {
            throw VesselException::noCapacity();
        }
        if ($usableFraction <= 0.0 || $usableFraction > 1.0) {
            throw VesselException::fraction();
        }
        if ($finestPassageMm !== null && $finestPassageMm <= 0.0) {
            throw VesselException::passage();
        }

        return new self($name, $capacityMl, $usableFraction, $dead ?? Interval::zero(), $finestPassageMm);
    }

    public function usableMl(): float
    {
        return $this->capacityMl * $this->usableFraction;
    }

    /** The smallest fill from which anything comes out for certain. */
    public function smallestMl(): float
    {
        return min($this->dead->high, $this->usableMl());
    }

    /** @throws VesselException if that much does not go in with its air left */
    public function refuseOverfill(float $ml): void
    {
        if ($ml > $this->usableMl() * (1 + 1e-9)) {
            throw VesselException::tooSmall($this->name, $ml, $this->usableMl());
        }
    }
}
