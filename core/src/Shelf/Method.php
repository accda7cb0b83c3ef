<?php

declare(strict_types=1);

namespace Nebbia\Core\Shelf;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Row;

/** A way of making: what it gives back of the liquid that went in. */
final readonly class Method
{
    private function __construct(
        public string $id,
        /** Share of the liquid that comes through the cloth, 0 to 1. */
        public Interval $recovered,
        /** Share that boils away before, 0 to 1. */
        public Interval $evaporated,
    ) {}

    public static function fromRow(string $id, Row $row): self
    {
        return new self(
            $id,
            $row->has('recovered') ? $row->row('recovered')->interval()->times(0.01) : Interval::exactly(1.0),
            $row->has('evaporated') ? $row->row('evaporated')->interval()->times(0.01) : Interval::zero(),
        );
    }

    /** Share of the liquid that is left in the pot. */
    public function leftInPot(): Interval
    {
        return Interval::of(1.0 - $this->evaporated->high, 1.0 - $this->evaporated->likely, 1.0 - $this->evaporated->low);
    }

    public function isStrained(): bool
    {
        return $this->recovered->likely < 1.0;
    }
}
