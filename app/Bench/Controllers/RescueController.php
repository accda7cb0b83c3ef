<?php

declare(strict_types=1);

namespace App\Bench\Controllers;

use App\Bench\Queries\PlanMixing;
use App\Bench\Requests\RescueRequest;
use App\Bench\Resources\RescueResource;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** What can be done when something else went in. */
final class RescueController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/bench/rescue',
        operationId: 'rescueMix',
        requestBody: new Body(RescueRequest::class),
        responses: [new Ok(RescueResource::class)],
    )]
    public function __invoke(RescueRequest $request, Garden $garden, PlanMixing $plan): JsonResponse
    {
        return $this->json(
            $plan->rescue(
                $garden,
                $request->body(),
                $request->sprayer($garden),
                $request->planting($garden),
                $request->volume(),
                $request->in(),
                $request->baseMl(),
                $request->line(),
                $request->put(),
            ),
        );
    }
}
