<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Pantry;

/** What a line of a mix takes from the cupboard. */
final readonly class Draw
{
    public function __construct(
        /** Position of the line; null for the base liquid. */
        public ?int $line,
        public string $ingredient,
        public string $name,
        public bool $isPoured,
        /** mL poured or g, as the recipe asks for it. */
        public float $amount,
        /** Null where there is nothing of it. */
        public ?Product $product,
        /** Of that product, mL or g. */
        public float $taken,
        public ?float $cost,
    ) {}
}
