<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SavedRecipe')]
final readonly class SavedRecipe
{
    public function __construct(
        #[OA\Property] public RecipeResource $recipe,
        #[OA\Property] public ChangeResource $change,
    ) {}
}
