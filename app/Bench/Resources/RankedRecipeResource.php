<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** A recipe of the garden that is a spray of a family. */
#[OA\Schema(schema: 'RankedRecipe')]
final readonly class RankedRecipeResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        #[OA\Property] public bool $meant_for_it,
    ) {}
}
