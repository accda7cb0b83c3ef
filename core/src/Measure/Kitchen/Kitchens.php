<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure\Kitchen;

use Nebbia\Core\Measure\Units;
use Nebbia\Core\Measure\UnitSystem;

/** The spoons and cups of each system of units. */
final class Kitchens
{
    /** @var array<string, KitchenSet> */
    private array $made = [];

    public function __construct(private readonly Units $units) {}

    public function of(UnitSystem $system): KitchenSet
    {
        return $this->made[$system->value] ??= KitchenSet::of($this->units, $system);
    }
}
