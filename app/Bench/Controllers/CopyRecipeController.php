<?php

declare(strict_types=1);

namespace App\Bench\Controllers;

use App\Bench\Resources\RecipeResource;
use App\Bench\Resources\SavedRecipeResource;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Recipe;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class CopyRecipeController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/recipes/{recipe}/copy',
        operationId: 'copyRecipe',
        responses: [new Ok(SavedRecipeResource::class, status: 201)],
    )]
    public function __invoke(Garden $garden, Recipe $recipe, ChangeRecorder $recorder): JsonResponse
    {
        $name = mb_substr("$recipe->name, copy", 0, 120);
        [$copy, $change] = $recorder->record(
            $garden,
            "“{$recipe->name}” copied",
            static fn () => $garden->recipes()->create([
                'name' => $name,
                'use' => $recipe->use,
                'note' => $recipe->note,
                'body' => ['name' => $name] + $recipe->body,
            ]),
        );

        return $this->json(new SavedRecipeResource(RecipeResource::of($copy), ChangeResource::of($change)), 201);
    }
}
