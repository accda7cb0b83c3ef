<?php

declare(strict_types=1);

namespace App\Scouting\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Neighbour')]
final readonly class NeighbourResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $zone,
        #[OA\Property] public bool $same_day,
        #[OA\Property] public bool $troubled,
    ) {}
}
