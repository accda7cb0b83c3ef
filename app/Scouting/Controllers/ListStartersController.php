<?php

declare(strict_types=1);

namespace App\Scouting\Controllers;

use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\OpenApi\Ok;
use App\Scouting\Queries\ListStarters;
use App\Scouting\Resources\StarterResource;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** Recipes to begin with, ready for this garden. */
final class ListStartersController extends Controller
{
    #[OA\Get(path: '/api/gardens/{garden}/starters', operationId: 'listStarters', responses: [new Ok(StarterResource::class, list: true)])]
    public function __invoke(Garden $garden, ListStarters $starters): JsonResponse
    {
        return $this->json($starters->all($garden));
    }
}
