<?php

declare(strict_types=1);

namespace App\Http\Controllers\Recipe;

use App\Http\Controllers\Controller;
use App\Http\Requests\RecipeRequest;
use App\Http\Resources\ChangeResource;
use App\Http\Resources\RecipeResource;
use App\Http\Resources\SavedRecipe;
use App\Models\Garden;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class CreateRecipe extends Controller
{
    #[OA\Post(path: '/api/gardens/{garden}/recipes', operationId: 'createRecipe', requestBody: new Body(RecipeRequest::class), responses: [new Ok(SavedRecipe::class, status: 201)])]
    public function __invoke(RecipeRequest $request, Garden $garden, ChangeRecorder $recorder): JsonResponse
    {
        $recipe = $request->recipe();
        [$saved, $change] = $recorder->record($garden, "“{$recipe['name']}” saved", static fn () => $garden->recipes()->create($recipe));

        return $this->json(new SavedRecipe(RecipeResource::of($saved), ChangeResource::of($change)), 201);
    }
}
