<?php

declare(strict_types=1);

namespace Nebbia\Core\OtherUse;

use Nebbia\Core\Ingredient\Ingredient;
use Nebbia\Core\Ingredient\Strength;
use Nebbia\Core\Measure\Interval;

/** A way to disinfect tools and pots: how much of a bottle and of water, and how long it has to act. */
final readonly class Means
{
    public function __construct(
        public Ingredient $ingredient,
        public Strength $strength,
        /** In the unit of the strength. */
        public float $aim,
        public string $unit,
        /** mL of the bottle, and of water; null where the bottle is too weak. */
        public ?float $bottleMl,
        public ?float $waterMl,
        public string $contact,
        /** Strength of the bottle in that unit. */
        public Interval $bottle,
        public string $basis,
        public string $sure,
    ) {}
}
