<?php

declare(strict_types=1);

namespace Nebbia\Core\Shelf;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Row;

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
