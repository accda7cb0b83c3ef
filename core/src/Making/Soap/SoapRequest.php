<?php

declare(strict_types=1);

namespace Nebbia\Core\Making\Soap;

use Nebbia\Core\Data\Interval;

/** A soap as it is planned. */
final readonly class SoapRequest
{
    /**
     * @param  list<array{Oil, Interval}>  $oils  with their grams
     * @param  list<Alkali>  $alkalis  whose shares come to one
     */
    public function __construct(
        public array $oils,
        public array $alkalis,
        /** %, of the oil that is to be left. */
        public float $superfat,
        /** g as bought, where it is given rather than planned. */
        public ?float $alkaliMass = null,
        /** % w/v of soap in which it is stored. */
        public float $storage = 20.0,
        /** mL of the pot it is cooked in. */
        public ?float $vesselMl = null,
        /** °C of the water that the alkali goes into. */
        public float $waterTemperature = 20.0,
    ) {}

    public function oilGrams(): Interval
    {
        $sum = Interval::zero();
        foreach ($this->oils as [, $grams]) {
            $sum = $sum->plus($grams);
        }

        return $sum;
    }
}
