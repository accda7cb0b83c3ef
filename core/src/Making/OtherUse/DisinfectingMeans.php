<?php

declare(strict_types=1);

namespace Nebbia\Core\Making\OtherUse;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Substance\Ingredient;
use Nebbia\Core\Substance\Strength;

/** A way to disinfect tools and pots: how much of a bottle and of water, and how long it has to act. */
final readonly class DisinfectingMeans
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
