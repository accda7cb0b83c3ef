<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** A recipe with another bottle in it. */
#[OA\Schema(schema: 'Swap')]
final readonly class SwapResource
{
    /**
     * @param  array<string, mixed>  $recipe  nebbia.recipe/1
     * @param  list<FindingResource>  $findings
     */
    public function __construct(
        #[OA\Property(ref: '#/components/schemas/RecipeBody', type: 'object')] public array $recipe,
        #[OA\Property(items: new OA\Items(ref: FindingResource::class))] public array $findings,
    ) {}
}
