<?php

declare(strict_types=1);

namespace App\Keep\Controllers;

use App\Http\Controllers\Controller;
use App\Keep\Lists\RecipeFile;
use App\Models\Garden;
use App\Models\Recipe;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Str;
use OpenApi\Attributes as OA;

/** A recipe as a file for other gardens. */
final class ExportRecipeController extends Controller
{
    #[OA\Get(
        path: '/api/gardens/{garden}/recipes/{recipe}/recipe.json',
        operationId: 'exportRecipe',
        responses: [
            new OA\Response(
                response: 200,
                description: 'nebbia.recipe/1',
                content: new OA\MediaType(mediaType: 'application/json', schema: new OA\Schema()),
            ),
        ],
    )]
    public function __invoke(Garden $garden, Recipe $recipe, RecipeFile $file): JsonResponse
    {
        $answer = $this->json($file->body($recipe));
        $answer->setEncodingOptions($answer->getEncodingOptions() | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES);
        $answer->headers->set('Content-Disposition', 'attachment; filename="'.Str::slug($recipe->name).'.json"');

        return $answer;
    }
}
