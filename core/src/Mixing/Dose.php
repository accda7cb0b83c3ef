<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Measure\UnitKind;

/**
 * What a line asks for, in the one way the balance understands: millilitres of what is poured, grams of what is not;
 * outright, per mL of base, or per mL of finished spray.
 */
final readonly class Dose
{
    private function __construct(
        public Interval $size,
        /** Volume or Mass for outright, PerBase, or PerFinal. */
        public UnitKind $per,
        public bool $isPoured,
    ) {}

    public static function outright(Interval $size, bool $isPoured): self
    {
        return new self($size, $isPoured ? UnitKind::Volume : UnitKind::Mass, $isPoured);
    }

    public static function perBase(Interval $size, bool $isPoured): self
    {
        return new self($size, UnitKind::PerBase, $isPoured);
    }

    public static function perFinal(Interval $size, bool $isPoured): self
    {
        return new self($size, UnitKind::PerFinal, $isPoured);
    }

    /** Outright doses grow with the mix; relative ones do so by themselves. */
    public function scaledBy(float $k): self
    {
        return $this->per === UnitKind::PerBase || $this->per === UnitKind::PerFinal
            ? $this
            : new self($this->size->times($k), $this->per, $this->isPoured);
    }
}
