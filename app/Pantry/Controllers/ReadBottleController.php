<?php

declare(strict_types=1);

namespace App\Pantry\Controllers;

use App\Bench\Requests\ReadRequest;
use App\Http\Controllers\Controller;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Pantry\Queries\ReadBottle;
use App\Pantry\Resources\LabelReadingResource;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** What a bottle says is in it. */
final class ReadBottleController extends Controller
{
    #[OA\Post(
        path: '/api/bottle',
        operationId: 'readBottle',
        requestBody: new Body(ReadRequest::class),
        responses: [new Ok(LabelReadingResource::class)],
    )]
    public function __invoke(ReadRequest $request, ReadBottle $read): JsonResponse
    {
        return $this->json($read($request->string('text')->toString()));
    }
}
