<?php

declare(strict_types=1);

namespace Nebbia\Core\Vessel;

/** What is mixed and sprayed from. */
final readonly class Vessel
{
    private function __construct(
        public string $name,
        public float $capacityMl,
        /** How full it may be: the rest is air for the pump and for foam. */
        public float $usableFraction,
    ) {}

    /** @throws VesselException if the capacity is not above zero, or the fraction not above 0 and up to 1 */
    public static function of(string $name, float $capacityMl, float $usableFraction = 1.0): self
    {
        if ($capacityMl <= 0.0) {
            throw VesselException::noCapacity();
        }
        if ($usableFraction <= 0.0 || $usableFraction > 1.0) {
            throw VesselException::fraction();
        }

        return new self($name, $capacityMl, $usableFraction);
    }

    public function usableMl(): float
    {
        return $this->capacityMl * $this->usableFraction;
    }

    /** @throws VesselException if that much does not go in with its air left */
    public function refuseOverfill(float $ml): void
    {
        if ($ml > $this->usableMl() * (1 + 1e-9)) {
            throw VesselException::tooSmall($this->name, $ml, $this->usableMl());
        }
    }
}
