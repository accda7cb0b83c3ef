<?php

declare(strict_types=1);

namespace App\Making\Controllers;

use App\Http\Controllers\Controller;
use App\Making\Queries\ShowMadeAhead;
use App\Making\Resources\ShelfResource;
use App\Models\Garden;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** The jars, and what can be made. */
final class ShowShelfController extends Controller
{
    #[OA\Get(path: '/api/gardens/{garden}/preparations', operationId: 'showMadeAhead', responses: [new Ok(ShelfResource::class)])]
    public function __invoke(Garden $garden, ShowMadeAhead $show): JsonResponse
    {
        return $this->json($show($garden));
    }
}
