<?php

declare(strict_types=1);

namespace App\Bench;

use Nebbia\Core\Weather\Hour;

/** What the gardener says of this hour, this plant and this sprayer, and no row keeps. */
final readonly class TypedCircumstances
{
    /**
     * @param  list<string>  $states  of the plant
     * @param  string|null  $water  rain or distilled, where it is not the garden's own
     * @param  bool  $washed  rain or a rinse has gone over the plant since its last spray
     * @param  float|null  $measuredPh  of the finished mix
     * @param  bool|null  $rinsed  the sprayer has been; null where nothing is said
     */
    public function __construct(
        public ?Hour $hour = null,
        public array $states = [],
        public ?string $water = null,
        public bool $washed = false,
        public ?bool $rinsed = null,
        public ?float $measuredPh = null,
    ) {}
}
