<?php

declare(strict_types=1);

namespace Nebbia\Core\Making\Soap;

use Nebbia\Core\Data\Interval;

/** A soap worked out. All masses in g; superfat in %, below zero where alkali is left over. */
final readonly class Soap
{
    /** @param  list<array{Alkali, float, float}>  $alkalis  each with its pure grams for all the oil, and those as bought that go in */
    public function __construct(
        public SoapRequest $request,
        public array $alkalis,
        /** Pure, for all of the oil. */
        public float $neededG,
        /** As bought, at the planned superfat. */
        public float $productG,
        /** As bought, that goes in: as planned, or as given. */
        public float $goesInG,
        public Interval $superfat,
        public SoapVerdict $verdict,
        public Interval $soap,
        public float $glycerolG,
        /** Set free from fatty acids. */
        public float $waterG,
        public Interval $oilLeft,
        /** Pure alkali that finds no oil. */
        public Interval $alkaliLeft,
        /** Pure alkali that goes in. */
        public float $pureG,
        /** Water to dissolve the alkali in, g. */
        public Interval $solvent,
        /** Kelvin by which that water warms. */
        public Interval $rise,
        /** mL that the soap makes at the strength it is stored in. */
        public float $storageMl,
        /** mL of oil, alkali and water in the pot. */
        public float $potMl,
    ) {}

    /** °C that the alkali water may reach. */
    public function hottest(): float
    {
        return min(100.0, $this->request->waterTemperature + $this->rise->high);
    }

    /** Share of all alkali that is sodium hydroxide, by moles. */
    public function sodiumShare(): float
    {
        $share = 0.0;
        foreach ($this->request->alkalis as $alkali) {
            $share += $alkali->id === 'NaOH' ? $alkali->share : 0.0;
        }

        return $share;
    }
}
