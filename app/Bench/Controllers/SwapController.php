<?php

declare(strict_types=1);

namespace App\Bench\Controllers;

use App\Bench\Queries\SwapBottle;
use App\Bench\Requests\SwapRequest;
use App\Bench\Resources\SwapResource;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** Another bottle for a line of the recipe. */
final class SwapController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/bench/swap',
        operationId: 'swapBottle',
        requestBody: new Body(SwapRequest::class),
        responses: [new Ok(SwapResource::class)],
    )]
    public function __invoke(SwapRequest $request, Garden $garden, SwapBottle $swap): JsonResponse
    {
        return $this->json(
            $swap($garden, $request->body(), $request->line(), $request->product($garden), $request->ingredient(), $request->strength()),
        );
    }
}
