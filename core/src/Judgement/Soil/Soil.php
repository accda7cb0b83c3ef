<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Soil;

/** A depth of soil that holds on to sodium. */
final readonly class Soil
{
    private const SODIUM = 22.98977;

    private function __construct(
        /** m */
        public float $depth,
        /** kg/m³ */
        public float $density,
        /** cation exchange capacity, cmol/kg */
        public float $exchange,
    ) {}

    public static function of(float $depth, float $density, float $exchange): self
    {
        return new self($depth, $density, $exchange);
    }

    /**
     * By how many percentage points sodium raises what is exchangeable, at most: 100·(g/m² ÷ 22.98977) ÷ (depth·density·CEC·0.01), as
     * though all of it reached the soil, stayed and was exchanged.
     *
     * @param  float  $sodium  g/m²
     */
    public function exchangeableRise(float $sodium): float
    {
        return (100.0 * ($sodium / self::SODIUM)) / ($this->depth * $this->density * $this->exchange * 0.01);
    }
}
