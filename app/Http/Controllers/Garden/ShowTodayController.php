<?php

declare(strict_types=1);

namespace App\Http\Controllers\Garden;

use App\Actions\ShowToday;
use App\Http\Controllers\Controller;
use App\Http\Resources\TodayResource;
use App\Models\Garden;
use App\OpenApi\Ok;
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
