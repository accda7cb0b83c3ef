<?php

declare(strict_types=1);

namespace App\Keep\Controllers;

use App\Http\Controllers\Controller;
use App\Keep\Lists\RecipeFile;
use App\Models\Garden;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** All recipes as a file for other gardens. */
final class ExportRecipesController extends Controller
{
    #[OA\Get(
        path: '/api/gardens/{garden}/recipes.json',
        operationId: 'exportRecipes',
        responses: [
            new OA\Response(
                response: 200,
                description: 'A list of nebbia.recipe/1',
                content: new OA\MediaType(mediaType: 'application/json', schema: new OA\Schema()),
            ),
        ],
    )]
    public function __invoke(Garden $garden, RecipeFile $file): JsonResponse
    {
        $answer = $this->json($garden->recipes()->get()->map($file->body(...))->all());
        $answer->setEncodingOptions($answer->getEncodingOptions() | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES);
        $answer->headers->set('Content-Disposition', 'attachment; filename="'.'recipes'.'.json"');

        return $answer;
    }
}
