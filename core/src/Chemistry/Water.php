<?php

declare(strict_types=1);

namespace Nebbia\Core\Chemistry;

use Nebbia\Core\Data\Interval;

/** What comes with the water: hardness and alkalinity, mg/L as calcium carbonate. */
final readonly class Water
{
    /** mg/L CaCO3 of one milliequivalent of alkalinity (half the molar mass of calcium carbonate). */
    public const MG_PER_MEQ = 50.04;

    /** mg/L CaCO3 of one millimole of calcium. */
    public const MG_PER_MMOL = 100.087;

    private function __construct(
        public Interval $hardness,
        public Interval $alkalinity,
        /** The gardener has said what the water is like; else it is what taps usually give. */
        public bool $isKnown,
    ) {}

    /**
     * @param  float  $hardness  0 to 1000 mg/L
     * @param  float  $alkalinity  0 to 1000 mg/L
     *
     * @throws WaterException if either is no such number
     */
    public static function measured(float $hardness, float $alkalinity): self
    {
        foreach (['hardness' => $hardness, 'alkalinity' => $alkalinity] as $what => $value) {
            if (! ($value >= 0.0 && $value <= 1000.0)) {
                throw WaterException::outside($what);
            }
        }

        return new self(Interval::exactly($hardness), Interval::exactly($alkalinity), true);
    }

    /** Water straight out of the laboratory: what worked examples are calculated with. */
    public static function pure(): self
    {
        return new self(Interval::zero(), Interval::zero(), true);
    }

    /** @param  bool  $known  whether anybody would measure it: a tap gives what it gives */
    public static function of(Interval $hardness, Interval $alkalinity, bool $known): self
    {
        return new self($hardness, $alkalinity, $known);
    }
}
