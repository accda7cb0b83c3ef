<?php

declare(strict_types=1);

namespace App\Keep\Controllers;

use App\Http\Controllers\Controller;
use App\Keep\Backup\Incoming;
use App\Keep\Queries\LookAtIncoming;
use App\Keep\Resources\IncomingResource;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** A backup or a garden is sent; it is checked, and waits for what is to be done with it. */
final class SendFileController extends Controller
{
    #[OA\Put(
        path: '/api/incoming',
        operationId: 'sendFile',
        requestBody: new OA\RequestBody(
            required: true,
            content: new OA\MediaType(mediaType: 'application/octet-stream', schema: new OA\Schema(type: 'string', format: 'binary')),
        ),
        responses: [new Ok(IncomingResource::class, status: 201)],
    )]
    public function __invoke(Request $request, Incoming $incoming, LookAtIncoming $look): JsonResponse
    {
        return $this->json($look($incoming->keep($request->getContent(true))), 201);
    }
}
