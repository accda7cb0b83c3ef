<?php

declare(strict_types=1);

namespace App\Http\Controllers\Recipe;

use App\Http\Controllers\Controller;
use App\Http\Resources\RecipeResource;
use App\Models\Garden;
use App\Models\Recipe;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ShowRecipe extends Controller
{
    #[OA\Get(path: '/api/gardens/{garden}/recipes/{recipe}', operationId: 'showRecipe', responses: [new Ok(RecipeResource::class)])]
    public function __invoke(Garden $garden, Recipe $recipe): JsonResponse
    {
        return $this->json(RecipeResource::of($recipe));
    }
}
