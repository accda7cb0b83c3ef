<?php

declare(strict_types=1);

namespace App\Making\Controllers;

use App\Http\Controllers\Controller;
use App\Making\Queries\TellPreparation;
use App\Making\Resources\PreparationStoryResource;
use App\Models\Garden;
use App\Models\Preparation;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** One preparation with its making. */
final class ShowPreparationController extends Controller
{
    #[OA\Get(
        path: '/api/gardens/{garden}/preparations/{preparation}',
        operationId: 'showPreparation',
        responses: [new Ok(PreparationStoryResource::class)],
    )]
    public function __invoke(Garden $garden, Preparation $preparation, TellPreparation $tell): JsonResponse
    {
        return $this->json($tell($garden, $preparation));
    }
}
