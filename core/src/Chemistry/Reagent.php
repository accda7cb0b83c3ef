<?php

declare(strict_types=1);

namespace Nebbia\Core\Chemistry;

use Nebbia\Core\Data\Row;

/** A substance as chemistry sees it. */
final readonly class Reagent
{
    /**
     * @param  float  $molarMass  g/mol
     * @param  string|null  $system  id of its weak acid or base, null where it has none
     * @param  float  $cations  charge of the cations that come with one molecule
     * @param  float|null  $dissolves  g per 100 mL at most, null where that is never reached in a spray
     */
    private function __construct(
        public string $substance,
        public float $molarMass,
        public ?string $system,
        public float $cations,
        public ?float $dissolves,
    ) {}

    public static function fromRow(Row $row): self
    {
        return new self(
            $row->string('substance'), $row->float('molar_mass'), $row->has('system') ? $row->string('system') : null,
            $row->float('cations'), $row->has('dissolves') ? $row->float('dissolves') : null,
        );
    }

    /**
     * @param  float  $percent  g per 100 mL
     * @return float mol/L in solution
     */
    public function molar(float $percent): float
    {
        return 10.0 * ($this->dissolves === null ? $percent : min($percent, $this->dissolves)) / $this->molarMass;
    }

    /** @return float g per 100 mL */
    public function percent(float $molar): float
    {
        return $molar * $this->molarMass / 10.0;
    }
}
