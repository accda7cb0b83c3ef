<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure\Tool;

/** A dose too small to measure, taken from a larger amount of it thinned with water: "10 mL into 90 mL, then 8 mL of that". */
final readonly class StockDilution
{
    private function __construct(
        /** Of the ingredient: mL, or g where it is weighed. */
        public Measurement $take,
        /** Water it goes into. */
        public Measurement $water,
        /** Of the thinned stock. */
        public Measurement $use,
        /** mL of the thinned stock in all. */
        public float $stockMl,
        /** What the spray gets of the ingredient that way, mL or g. */
        public float $amount,
        public float $wanted,
        /** The most that may be off, as a part of what is wanted. */
        public float $worst,
    ) {}

    public static function of(
        Measurement $take,
        Measurement $water,
        Measurement $use,
        float $stockMl,
        float $amount,
        float $wanted,
        float $worst,
    ): self {
        return new self($take, $water, $use, $stockMl, $amount, $wanted, $worst);
    }

    /** Left of the stock, mL: for the next batch, or to be thrown away. */
    public function leftOverMl(): float
    {
        return $this->stockMl - $this->use->amount;
    }

    /** mL of water that come into the spray with it, which the base has to be short of. */
    public function waterInUseMl(): float
    {
        return ($this->water->amount * $this->use->amount) / $this->stockMl;
    }

    public function error(): float
    {
        return $this->amount / $this->wanted - 1.0;
    }
}
