<?php

declare(strict_types=1);

namespace App\Bench\Controllers;

use App\Bench\Resources\RecipeResource;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Recipe;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ListRecipesController extends Controller
{
    /** Words of a search; more of them narrow nothing down. */
    private const MOST_WORDS = 8;

    #[OA\Get(
        path: '/api/gardens/{garden}/recipes',
        operationId: 'listRecipes',
        parameters: [new OA\QueryParameter(name: 'search', schema: new OA\Schema(type: 'string'))],
        responses: [new Ok(RecipeResource::class, list: true)],
    )]
    public function __invoke(Request $request, Garden $garden): JsonResponse
    {
        $query = $garden->recipes();
        foreach (
            array_slice(
                preg_split('/\s+/u', mb_strtolower(mb_substr(trim($request->string('search')->toString()), 0, 200))) ?: [],
                0,
                self::MOST_WORDS,
            ) as $word
        ) {
            // Names are kept with spaces or hyphens; a search for either finds both.
            $query->where('searchable', 'like', '%'.addcslashes(str_replace('-', '_', $word), '%\\').'%');
        }

        return $this->json($query->get()->map(static fn (Recipe $recipe): RecipeResource => RecipeResource::of($recipe))->all());
    }
}
