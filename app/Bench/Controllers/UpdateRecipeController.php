<?php

declare(strict_types=1);

namespace App\Bench\Controllers;

use App\Bench\Requests\RecipeRequest;
use App\Bench\Resources\RecipeResource;
use App\Bench\Resources\SavedRecipeResource;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Recipe;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class UpdateRecipeController extends Controller
{
    #[OA\Put(
        path: '/api/gardens/{garden}/recipes/{recipe}',
        operationId: 'updateRecipe',
        requestBody: new Body(RecipeRequest::class),
        responses: [new Ok(SavedRecipeResource::class)],
    )]
    public function __invoke(RecipeRequest $request, Garden $garden, Recipe $recipe, ChangeRecorder $recorder): JsonResponse
    {
        $wanted = $request->recipe();
        [, $change] = $recorder->record($garden, "“{$wanted['name']}” saved", static function () use ($request, $recipe, $wanted): void {
            $recipe->refresh()->refuseStale($request->integer('version'), $wanted, RecipeResource::of($recipe));
            $recipe->update($wanted);
        });

        return $this->json(new SavedRecipeResource(RecipeResource::of($recipe), ChangeResource::of($change)));
    }
}
