<?php

declare(strict_types=1);

namespace App\Scouting\Resources;

use OpenApi\Attributes as OA;

/** A mild recipe to begin with, as it would be kept. */
#[OA\Schema(schema: 'Starter')]
final readonly class StarterResource
{
    /** @param  array<string, mixed>  $body */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $use,
        #[OA\Property(description: 'All that it takes is in the cupboard.')] public bool $in_cupboard,
        #[OA\Property(description: 'What to mind, if anything.')] public ?string $mind,
        #[OA\Property(ref: '#/components/schemas/RecipeBody', type: 'object')] public array $body,
    ) {}
}
