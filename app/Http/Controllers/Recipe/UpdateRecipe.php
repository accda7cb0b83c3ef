<?php

declare(strict_types=1);

namespace App\Http\Controllers\Recipe;

use App\Http\Controllers\Controller;
use App\Http\Requests\RecipeRequest;
use App\Http\Resources\ChangeResource;
use App\Http\Resources\RecipeResource;
use App\Http\Resources\SavedRecipe;
use App\Models\Garden;
use App\Models\Recipe;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class UpdateRecipe extends Controller
{
    #[OA\Put(path: '/api/gardens/{garden}/recipes/{recipe}', operationId: 'updateRecipe', requestBody: new Body(RecipeRequest::class), responses: [new Ok(SavedRecipe::class)])]
    public function __invoke(RecipeRequest $request, Garden $garden, Recipe $recipe, ChangeRecorder $recorder): JsonResponse
    {
        $wanted = $request->recipe();
        [, $change] = $recorder->record($garden, "“{$wanted['name']}” saved", static function () use ($request, $recipe, $wanted): void {
            $recipe->refresh()->refuseStale($request->integer('version'), $wanted, RecipeResource::of($recipe));
            $recipe->update($wanted);
        });

        return $this->json(new SavedRecipe(RecipeResource::of($recipe), ChangeResource::of($change)));
    }
}
