<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** A recipe that is compared. */
#[OA\Schema(schema: 'ComparedRecipe')]
final readonly class ComparedRecipeResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        #[OA\Property(enum: ['fine', 'notice', 'caution', 'stop'])] public string $severity,
        #[OA\Property] public string $headline,
        #[OA\Property] public string $makes,
    ) {}
}
