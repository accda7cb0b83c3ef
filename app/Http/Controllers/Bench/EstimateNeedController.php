<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Actions\EstimateNeed;
use App\Http\Controllers\Controller;
use App\Http\Requests\NeedRequest;
use App\Http\Resources\NeedResource;
use App\Models\Garden;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** How much spray some plantings take. */
final class EstimateNeedController extends Controller
{
    #[OA\Post(path: '/api/gardens/{garden}/bench/need', operationId: 'estimateNeed', requestBody: new Body(NeedRequest::class), responses: [new Ok(NeedResource::class)])]
    public function __invoke(NeedRequest $request, Garden $garden, EstimateNeed $estimate): JsonResponse
    {
        return $this->json($estimate($garden, $request->plantings($garden), $request->wetting(), $request->boolean('wets'), $request->groundM2()));
    }
}
