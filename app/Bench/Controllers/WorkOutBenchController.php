<?php

declare(strict_types=1);

namespace App\Bench\Controllers;

use App\Bench\Queries\WorkOutBench;
use App\Bench\Requests\BenchRequest;
use App\Bench\Resources\BenchResource;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** Everything on the bench, worked out anew for each change; nothing is stored. */
final class WorkOutBenchController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/bench',
        operationId: 'workOut',
        requestBody: new Body(BenchRequest::class),
        responses: [new Ok(BenchResource::class)],
    )]
    public function __invoke(BenchRequest $request, Garden $garden, WorkOutBench $bench): JsonResponse
    {
        return $this->json(
            $bench(
                $garden,
                $request->body(),
                $request->sprayer($garden),
                $request->planting($garden),
                $request->volume(),
                $request->now($garden),
                $request->factor(),
            ),
        );
    }
}
