<?php

declare(strict_types=1);

namespace App\Bench\Controllers;

use App\Bench\Queries\WriteLabel;
use App\Bench\Requests\BenchRequest;
use App\Bench\Resources\LabelResource;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** The label for the bottle. */
final class WriteLabelController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/bench/label',
        operationId: 'writeLabel',
        requestBody: new Body(BenchRequest::class),
        responses: [new Ok(LabelResource::class)],
    )]
    public function __invoke(BenchRequest $request, Garden $garden, WriteLabel $write): JsonResponse
    {
        return $this->json($write($garden, $request->body(), $request->sprayer($garden), $request->volume()));
    }
}
