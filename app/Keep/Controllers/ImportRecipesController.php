<?php

declare(strict_types=1);

namespace App\Keep\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Keep\Lists\RecipeFile;
use App\Keep\Requests\RecipeFileRequest;
use App\Keep\Resources\RecipesBroughtResource;
use App\Models\Garden;
use App\Models\Recipe;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** Recipes come in from a file: all of them, or none. */
final class ImportRecipesController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/recipes/import',
        operationId: 'importRecipes',
        requestBody: new Body(RecipeFileRequest::class),
        responses: [new Ok(RecipesBroughtResource::class, status: 201)],
    )]
    public function __invoke(RecipeFileRequest $request, Garden $garden, RecipeFile $file, ChangeRecorder $recorder): JsonResponse
    {
        [[$added, $same], $change] = $recorder->record(
            $garden,
            Say::it('change.recipes-brought-in'),
            static fn (): array => $file->read($garden, $request->string('text')->toString()),
        );
        $said = Say::it('recipe-file.done', ['added' => count($added), 'same' => $same]);

        return $this->json(
            new RecipesBroughtResource(array_map(static fn (Recipe $one): string => $one->id, $added), $said, ChangeResource::of($change)),
            201,
        );
    }
}
