<?php

declare(strict_types=1);

namespace App\Pantry\Controllers;

use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\OpenApi\Ok;
use App\Pantry\Queries\ShowPantry;
use App\Pantry\Resources\PantryResource;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** Everything in the cupboard and the shed. */
final class ShowPantryController extends Controller
{
    #[OA\Get(path: '/api/gardens/{garden}/pantry', operationId: 'showPantry', responses: [new Ok(PantryResource::class)])]
    public function __invoke(Garden $garden, ShowPantry $show): JsonResponse
    {
        return $this->json($show($garden));
    }
}
