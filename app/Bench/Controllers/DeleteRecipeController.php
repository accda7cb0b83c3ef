<?php

declare(strict_types=1);

namespace App\Bench\Controllers;

use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Recipe;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class DeleteRecipeController extends Controller
{
    #[OA\Delete(path: '/api/gardens/{garden}/recipes/{recipe}', operationId: 'deleteRecipe', responses: [new Ok(ChangeResource::class)])]
    public function __invoke(Garden $garden, Recipe $recipe, ChangeRecorder $recorder): JsonResponse
    {
        [, $change] = $recorder->record($garden, "“{$recipe->name}” deleted", static fn () => $recipe->delete());

        return $this->json(ChangeResource::of($change));
    }
}
