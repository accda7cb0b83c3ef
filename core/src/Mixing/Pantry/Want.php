<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Pantry;

/** One line of the shopping list: what the planned rounds need beyond what is there. */
final readonly class Want
{
    public function __construct(
        public string $ingredient,
        public string $name,
        public bool $isPoured,
        /** mL or g that all rounds need. */
        public float $needed,
        public float $have,
        public float $missing,
        /** The bottle that was used so far, to be bought again; null where none is known. */
        public ?Product $product,
        /** How many of that bottle; null where its size is not known. */
        public ?int $bottles,
        public ?float $cost,
        /** Some of it is there, and nobody has written how much. */
        public bool $isLeftUnknown,
    ) {}
}
