<?php

declare(strict_types=1);

namespace App\Bench\Controllers;

use App\Bench\Queries\PlanMixing;
use App\Bench\Requests\BenchRequest;
use App\Bench\Resources\MixingPlanResource;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** The steps of mixing what is on the bench. */
final class PlanMixingController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/bench/steps',
        operationId: 'planMixing',
        requestBody: new Body(BenchRequest::class),
        responses: [new Ok(MixingPlanResource::class)],
    )]
    public function __invoke(BenchRequest $request, Garden $garden, PlanMixing $plan): JsonResponse
    {
        return $this->json($plan($garden, $request->body(), $request->sprayer($garden), $request->planting($garden), $request->volume()));
    }
}
