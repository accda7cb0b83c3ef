<?php

declare(strict_types=1);

namespace App\Bench\Controllers;

use App\Bench\Queries\ReadText;
use App\Bench\Requests\ReadRequest;
use App\Bench\Resources\ReadingResource;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** A recipe in plain words, read. */
final class ReadController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/read',
        operationId: 'readRecipe',
        requestBody: new Body(ReadRequest::class),
        responses: [new Ok(ReadingResource::class)],
    )]
    public function __invoke(ReadRequest $request, Garden $garden, ReadText $read): JsonResponse
    {
        return $this->json($read($garden, $request->string('text')->toString()));
    }
}
