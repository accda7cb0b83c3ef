<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** Something to mind for people, animals, water or soil. */
#[OA\Schema(schema: 'Care')]
final readonly class CareResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property(enum: ['handle', 'spray', 'after'])] public string $moment,
        #[OA\Property(enum: ['people', 'pets', 'bees', 'water', 'soil', 'kitchen', 'law'])] public string $who,
        #[OA\Property] public string $said,
    ) {}
}
