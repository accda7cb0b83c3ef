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

    public string $basis;

    public string $sure;

    public function __construct(Table $modifiers)
    {
        $this->all = array_values(array_map(Modifier::fromRow(...), $modifiers->rows('rows')));
        $floor = $modifiers->part('floor');
        $this->floor = $floor->float('likely');
        $this->basis = $floor->string('basis');
        $this->sure = $floor->string('sure');
    }
}
