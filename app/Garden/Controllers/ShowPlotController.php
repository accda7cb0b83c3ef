<?php

declare(strict_types=1);

namespace App\Garden\Controllers;

use App\Garden\Queries\ShowPlot;
use App\Garden\Resources\PlotResource;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ShowPlotController extends Controller
{
    #[OA\Get(path: '/api/gardens/{garden}/plot', operationId: 'showPlot', responses: [new Ok(PlotResource::class)])]
    public function __invoke(Garden $garden, ShowPlot $show): JsonResponse
    {
        return $this->json($show($garden));
    }
}
