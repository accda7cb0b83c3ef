<?php

declare(strict_types=1);

namespace App\Bench\Controllers;

use App\Bench\Resources\RecipeResource;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Recipe;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ShowRecipeController extends Controller
{
    #[OA\Get(path: '/api/gardens/{garden}/recipes/{recipe}', operationId: 'showRecipe', responses: [new Ok(RecipeResource::class)])]
    public function __invoke(Garden $garden, Recipe $recipe): JsonResponse
    {
        return $this->json(RecipeResource::of($recipe));
    }
}
