<?php

declare(strict_types=1);

namespace App\Rounds\Controllers;

use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Rounds\Queries\ReadOften;
use App\Rounds\Requests\OftenRequest;
use App\Rounds\Resources\OftenResource;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** What "twice a week until it is gone" comes to; nothing is stored. */
final class ReadOftenController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/often',
        operationId: 'readOften',
        requestBody: new Body(OftenRequest::class),
        responses: [new Ok(OftenResource::class)],
    )]
    public function __invoke(OftenRequest $request, Garden $garden, ReadOften $read): JsonResponse
    {
        return $this->json(
            $read(
                $garden,
                $request->string('often')->toString(),
                $request->string('until')->toString(),
                $request->string('starts_on')->toString(),
                $request->filled('usual') ? $request->integer('usual') : null,
            ),
        );
    }
}
