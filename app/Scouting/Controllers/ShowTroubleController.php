<?php

declare(strict_types=1);

namespace App\Scouting\Controllers;

use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Trouble;
use App\OpenApi\Ok;
use App\Scouting\Queries\ShowTrouble;
use App\Scouting\Resources\TroublePageResource;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ShowTroubleController extends Controller
{
    #[OA\Get(path: '/api/gardens/{garden}/troubles/{trouble}', operationId: 'showTrouble', responses: [new Ok(TroublePageResource::class)])]
    public function __invoke(Garden $garden, Trouble $trouble, ShowTrouble $show): JsonResponse
    {
        return $this->json($show($garden, $trouble));
    }
}
