<?php

declare(strict_types=1);

namespace App\Http\Controllers\Recipe;

use App\Http\Controllers\Controller;
use App\Http\Resources\ChangeResource;
use App\Http\Resources\RecipeResource;
use App\Http\Resources\SavedRecipe;
use App\Models\Garden;
use App\Models\Recipe;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class CopyRecipe extends Controller
{
    #[OA\Post(path: '/api/gardens/{garden}/recipes/{recipe}/copy', operationId: 'copyRecipe', responses: [new Ok(SavedRecipe::class, status: 201)])]
    public function __invoke(Garden $garden, Recipe $recipe, ChangeRecorder $recorder): JsonResponse
    {
        $name = mb_substr("$recipe->name, copy", 0, 120);
        [$copy, $change] = $recorder->record($garden, "“{$recipe->name}” copied", static fn () => $garden->recipes()->create([
            'name' => $name, 'use' => $recipe->use, 'note' => $recipe->note, 'body' => ['name' => $name] + $recipe->body,
        ]));

        return $this->json(new SavedRecipe(RecipeResource::of($copy), ChangeResource::of($change)), 201);
    }
}
