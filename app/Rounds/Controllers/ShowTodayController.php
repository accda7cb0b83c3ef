<?php

declare(strict_types=1);

namespace App\Rounds\Controllers;

use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\OpenApi\Ok;
use App\Rounds\Queries\ShowToday;
use App\Rounds\Resources\TodayResource;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ShowTodayController extends Controller
{
    #[OA\Get(path: '/api/gardens/{garden}/today', operationId: 'showToday', responses: [new Ok(TodayResource::class)])]
    public function __invoke(Garden $garden, ShowToday $today): JsonResponse
    {
        return $this->json($today($garden));
    }
}
