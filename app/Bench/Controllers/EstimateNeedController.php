<?php

declare(strict_types=1);

namespace App\Bench\Controllers;

use App\Bench\Queries\EstimateNeed;
use App\Bench\Requests\NeedRequest;
use App\Bench\Resources\NeedResource;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** How much spray some plantings take. */
final class EstimateNeedController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/bench/need',
        operationId: 'estimateNeed',
        requestBody: new Body(NeedRequest::class),
        responses: [new Ok(NeedResource::class)],
    )]
    public function __invoke(NeedRequest $request, Garden $garden, EstimateNeed $estimate): JsonResponse
    {
        return $this->json(
            $estimate($garden, $request->plantings($garden), $request->wetting(), $request->boolean('wets'), $request->groundM2()),
        );
    }
}
