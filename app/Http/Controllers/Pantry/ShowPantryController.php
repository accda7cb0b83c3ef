<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pantry;

use App\Actions\ShowPantry;
use App\Http\Controllers\Controller;
use App\Http\Resources\PantryResource;
use App\Models\Garden;
use App\OpenApi\Ok;
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
