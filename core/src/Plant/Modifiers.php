<?php

declare(strict_types=1);

namespace Nebbia\Core\Plant;

use Nebbia\Core\Data\Table;

/** All that changes what a plant bears. */
final readonly class Modifiers
{
    /** @var list<Modifier> */
    public array $all;

    /** Below this part of a threshold none of them together brings it. */
    public float $floor;

    public function __construct(Table $modifiers)
    {
        $this->all = array_values(array_map(Modifier::fromRow(...), $modifiers->rows('rows')));
        $this->floor = $modifiers->part('floor')->float('likely');
    }
}
