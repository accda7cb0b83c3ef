<?php

declare(strict_types=1);

namespace App\Making\Controllers;

use App\Http\Controllers\Controller;
use App\Making\Queries\ShowOtherUses;
use App\Making\Resources\OtherUsesResource;
use App\Models\Garden;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** Disinfecting and feeding. */
final class ShowOtherUsesController extends Controller
{
    #[OA\Get(
        path: '/api/gardens/{garden}/other-uses',
        operationId: 'showOtherUses',
        parameters: [new OA\Parameter(name: 'volume', in: 'query', schema: new OA\Schema(type: 'string'))],
        responses: [new Ok(OtherUsesResource::class)],
    )]
    public function __invoke(Request $request, Garden $garden, ShowOtherUses $show): JsonResponse
    {
        return $this->json($show($garden, $request->query('volume') === null ? null : $request->string('volume')->toString()));
    }
}
