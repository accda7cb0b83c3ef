<?php

declare(strict_types=1);

namespace App\Notebook\Controllers;

use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Planting;
use App\Notebook\Queries\ShowLooks;
use App\Notebook\Resources\LooksResource;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ShowLooksController extends Controller
{
    #[OA\Get(path: '/api/gardens/{garden}/plantings/{planting}/looks', operationId: 'showLooks', responses: [new Ok(LooksResource::class)])]
    public function __invoke(Garden $garden, Planting $planting, ShowLooks $show): JsonResponse
    {
        return $this->json($show($garden, $planting->load('zone')));
    }
}
