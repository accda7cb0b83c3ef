<?php

declare(strict_types=1);

namespace App\Bench\Controllers;

use App\Bench\Queries\CompareRecipes;
use App\Bench\Requests\CompareRequest;
use App\Bench\Resources\ComparisonResource;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** Recipes side by side. */
final class CompareController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/bench/compare',
        operationId: 'compareRecipes',
        requestBody: new Body(CompareRequest::class),
        responses: [new Ok(ComparisonResource::class)],
    )]
    public function __invoke(CompareRequest $request, Garden $garden, CompareRecipes $compare): JsonResponse
    {
        $planting = $request->filled('planting_id') ? $garden->plantings()->findOrFail($request->string('planting_id')->toString()) : null;

        return $this->json($compare($garden, $request->recipeIds(), $planting));
    }
}
