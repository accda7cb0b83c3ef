<?php

declare(strict_types=1);

namespace App\Rounds\Controllers;

use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\OpenApi\Ok;
use App\Rounds\Queries\ShowLanes;
use App\Rounds\Resources\LanesResource;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ShowLanesController extends Controller
{
    #[OA\Get(path: '/api/gardens/{garden}/lanes', operationId: 'showLanes', responses: [new Ok(LanesResource::class)])]
    public function __invoke(Garden $garden, ShowLanes $show): JsonResponse
    {
        return $this->json($show($garden));
    }
}
