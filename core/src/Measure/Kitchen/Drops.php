<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure\Kitchen;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Table;

/** How large a drop is of what drips so. */
final class Drops
{
    /** @var array<string, Interval> */
    private array $made = [];

    public function __construct(private readonly Table $drops) {}

    /**
     * @param  string  $kind  watery, oily or thick; handful for what a hand takes of something spooned
     * @return Interval mL
     */
    public function of(string $kind): Interval
    {
        return $this->made[$kind] ??= $this->drops->part($kind)->interval();
    }
}
