<?php

declare(strict_types=1);

namespace App\Scouting\Controllers;

use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Scouting\Queries\DiagnosePlanting;
use App\Scouting\Requests\ScoutRequest;
use App\Scouting\Resources\DiagnosisResource;
use Illuminate\Http\JsonResponse;
use Nebbia\Core\Pest\Diagnosis\Signs;
use Nebbia\Core\Plant\Plants;
use OpenApi\Attributes as OA;

/** Causes ranked anew after each answer; nothing is stored. */
final class ScoutController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/scout',
        operationId: 'scout',
        requestBody: new Body(ScoutRequest::class),
        responses: [new Ok(DiagnosisResource::class)],
    )]
    public function __invoke(ScoutRequest $request, Garden $garden, Signs $signs, Plants $plants, DiagnosePlanting $diagnose): JsonResponse
    {
        return $this->json($diagnose($request->answers($signs), $request->circumstances($plants, $garden, $request->planting($garden))));
    }
}
