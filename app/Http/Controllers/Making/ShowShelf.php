<?php

declare(strict_types=1);

namespace App\Http\Controllers\Making;

use App\Actions\ShowMadeAhead;
use App\Http\Controllers\Controller;
use App\Http\Resources\ShelfResource;
use App\Models\Garden;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** The jars, and what can be made. */
final class ShowShelf extends Controller
{
    #[OA\Get(path: '/api/gardens/{garden}/preparations', operationId: 'showMadeAhead', responses: [new Ok(ShelfResource::class)])]
    public function __invoke(Garden $garden, ShowMadeAhead $show): JsonResponse
    {
        return $this->json($show($garden));
    }
}
