<?php

declare(strict_types=1);

namespace App\Weather\Controllers;

use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\OpenApi\Ok;
use App\Weather\Queries\ShowRibbon;
use App\Weather\Resources\RibbonResource;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** The next 72 hours for a round. */
final class ShowRibbonController extends Controller
{
    #[OA\Get(
        path: '/api/gardens/{garden}/ribbon',
        operationId: 'showRibbon',
        parameters: [new OA\Parameter(name: 'round', in: 'query', schema: new OA\Schema(type: 'string'))],
        responses: [new Ok(RibbonResource::class)],
    )]
    public function __invoke(Request $request, Garden $garden, ShowRibbon $show): JsonResponse
    {
        return $this->json($show($garden, $request->query('round') === null ? null : $request->string('round')->toString()));
    }
}
