<?php

declare(strict_types=1);

namespace Nebbia\Core\Making;

use Nebbia\Core\Knowledge\Row;
use Nebbia\Core\Measure\Interval;

/** A raw material of a kind of preparation, and how much of it is usual. */
final readonly class Raw
{
    private function __construct(
        public string $ingredient,
        /** g of a solid, mL of a liquid, for each litre of liquid; for each kilogram of what is chopped where no liquid is added. */
        public Interval $perLitre,
        /** It adds to the volume. */
        public bool $isPoured,
        public string $basis,
        public string $sure,
    ) {}

    public static function fromRow(Row $row, bool $isPoured): self
    {
        $figure = $row->row('per_litre');

        return new self($row->string('ingredient'), $figure->interval(), $isPoured, $figure->string('basis'), $figure->string('sure'));
    }
}
