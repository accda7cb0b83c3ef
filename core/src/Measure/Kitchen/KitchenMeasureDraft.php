<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure\Kitchen;

/** A combination of spoons while the nearest is looked for. */
final readonly class KitchenMeasureDraft
{
    /** @param  list<array{float, string}>  $terms */
    private function __construct(
        public array $terms,
        public float $ml,
    ) {}

    /** @param  list<array{float, string}>  $terms */
    public static function of(array $terms, float $ml): self
    {
        return new self($terms, $ml);
    }
}
