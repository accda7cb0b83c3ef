<?php

declare(strict_types=1);

namespace Nebbia\Core\Chemistry;

/**
 * What gas does in a closed vessel at 25 °C: part of it stays dissolved (Henry's law), the rest fills the headspace, so that
 * n = p·(kH·V + Vh/RT).
 */
final readonly class GasPressure
{
    /**
     * @param  float  $gauge  atm above the air outside
     * @param  float  $litres  of gas at 25 °C and 1 atm, were all of it to come out of the water
     */
    private function __construct(
        public float $gauge,
        public float $litres,
    ) {}

    /**
     * @param  float  $moles  of carbon dioxide set free in the vessel
     * @param  float  $liquidMl  above 0
     * @param  float  $headspaceMl  0 and above
     */
    public static function ofCarbonDioxide(float $moles, float $liquidMl, float $headspaceMl, Reagents $reagents): self
    {
        $room = $reagents->henry * $liquidMl / 1000.0 + $headspaceMl / 1000.0 / $reagents->molarVolume;

        return new self($moles / $room, $moles * $reagents->molarVolume);
    }

    /** Oxygen hardly dissolves: all of it goes into the headspace. */
    public static function ofOxygen(float $moles, float $headspaceMl, Reagents $reagents): self
    {
        $room = max(1.0, $headspaceMl) / 1000.0 / $reagents->molarVolume;

        return new self($moles / $room, $moles * $reagents->molarVolume);
    }
}
