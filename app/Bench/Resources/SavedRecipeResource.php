<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use App\Notebook\Resources\ChangeResource;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SavedRecipe')]
final readonly class SavedRecipeResource
{
    public function __construct(
        #[OA\Property] public RecipeResource $recipe,
        #[OA\Property] public ChangeResource $change,
    ) {}
}
