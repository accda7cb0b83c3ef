<?php

declare(strict_types=1);

namespace App\Http\Controllers\Making;

use App\Actions\TellPreparation;
use App\Http\Controllers\Controller;
use App\Http\Resources\PreparationStory;
use App\Models\Garden;
use App\Models\Preparation;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** One preparation with its making. */
final class ShowPreparation extends Controller
{
    #[OA\Get(path: '/api/gardens/{garden}/preparations/{preparation}', operationId: 'showPreparation', responses: [new Ok(PreparationStory::class)])]
    public function __invoke(Garden $garden, Preparation $preparation, TellPreparation $tell): JsonResponse
    {
        return $this->json($tell($garden, $preparation));
    }
}
