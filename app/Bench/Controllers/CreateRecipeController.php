<?php

declare(strict_types=1);

namespace App\Bench\Controllers;

use App\Bench\Requests\RecipeRequest;
use App\Bench\Resources\RecipeResource;
use App\Bench\Resources\SavedRecipeResource;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class CreateRecipeController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/recipes',
        operationId: 'createRecipe',
        requestBody: new Body(RecipeRequest::class),
        responses: [new Ok(SavedRecipeResource::class, status: 201)],
    )]
    public function __invoke(RecipeRequest $request, Garden $garden, ChangeRecorder $recorder): JsonResponse
    {
        $recipe = $request->recipe();
        [$saved, $change] = $recorder->record($garden, "“{$recipe['name']}” saved", static fn () => $garden->recipes()->create($recipe));

        return $this->json(new SavedRecipeResource(RecipeResource::of($saved), ChangeResource::of($change)), 201);
    }
}
