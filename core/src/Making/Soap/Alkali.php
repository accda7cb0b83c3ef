<?php

declare(strict_types=1);

namespace Nebbia\Core\Making\Soap;

use Nebbia\Core\Chemistry\Reactor;
use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Row;

/** One of the alkalis of a soap: how much of all the alkali it is, by moles, and how pure as bought. */
final readonly class Alkali
{
    /** g/mol of potassium hydroxide, in which oils are measured. */
    public const KOH = Reactor::POTASSIUM_HYDROXIDE;

    private function __construct(
        public string $id,
        public string $name,
        /** The ingredient it is bought as. */
        public string $ingredient,
        /** g/mol */
        public float $molar,
        /** kJ/mol given off as it dissolves. */
        public float $heat,
        /** Share by moles, 0 to 1. */
        public float $share,
        /** Of what is bought, 0 to 1. */
        public Interval $purity,
        /** Nobody has said how pure it is. */
        public bool $isUsual,
    ) {}

    public static function fromRow(Row $row, float $share, ?Interval $purity): self
    {
        return new self(
            $row->string('id'), $row->string('name'), $row->string('ingredient'), $row->float('molar'), $row->float('heat'), $share,
            $purity ?? $row->row('purity')->interval()->times(0.01), $purity === null,
        );
    }
}
