<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Decision;

use Nebbia\Core\Plant\Plant;

/** Another planting of the same garden. */
final readonly class NeighbourPlanting
{
    public function __construct(
        public string $id,
        public Plant $plant,
        public string $zone,
        public bool $indoors,
        /** It has the same trouble already. */
        public bool $troubled,
    ) {}
}
