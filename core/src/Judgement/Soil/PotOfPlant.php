<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Soil;

/** The pot a plant stands in, as far as salt gathers in it. */
final readonly class PotOfPlant
{
    public function __construct(
        /** Litres of one pot. */
        public float $litres,
        /** mL of this round that one plant gets. */
        public float $mlEach,
        /** mg of sodium that have reached one pot since it was filled, by the log. */
        public float $sodiumMg = 0.0,
    ) {}
}
