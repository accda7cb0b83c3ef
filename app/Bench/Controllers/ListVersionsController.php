<?php

declare(strict_types=1);

namespace App\Bench\Controllers;

use App\Bench\Resources\RecipeVersionResource;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Recipe;
use App\Models\RecipeVersion;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ListVersionsController extends Controller
{
    #[OA\Get(
        path: '/api/gardens/{garden}/recipes/{recipe}/versions',
        operationId: 'listVersions',
        responses: [new Ok(RecipeVersionResource::class, list: true)],
    )]
    public function __invoke(Garden $garden, Recipe $recipe): JsonResponse
    {
        $versions = $recipe->versions()->limit(100)->get();

        return $this->json(
            $versions->map(static fn (RecipeVersion $version): RecipeVersionResource => RecipeVersionResource::of($version))->all(),
        );
    }
}
