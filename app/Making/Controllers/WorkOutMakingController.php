<?php

declare(strict_types=1);

namespace App\Making\Controllers;

use App\Http\Controllers\Controller;
use App\Making\Queries\WorkOutMaking;
use App\Making\Requests\MakingRequest;
use App\Making\Resources\MakingResource;
use App\Models\Garden;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** A making worked out anew for each change; nothing is stored. */
final class WorkOutMakingController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/makings',
        operationId: 'workOutMaking',
        requestBody: new Body(MakingRequest::class),
        responses: [new Ok(MakingResource::class)],
    )]
    public function __invoke(MakingRequest $request, Garden $garden, WorkOutMaking $workOut): JsonResponse
    {
        return $this->json($workOut($garden, $request->kind(), $request->want(), $request->body(), $request->sprayer($garden)));
    }
}
