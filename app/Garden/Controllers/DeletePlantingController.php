<?php

declare(strict_types=1);

namespace App\Garden\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Planting;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class DeletePlantingController extends Controller
{
    #[OA\Delete(
        path: '/api/gardens/{garden}/plantings/{planting}',
        operationId: 'deletePlanting',
        responses: [new Ok(ChangeResource::class)],
    )]
    public function __invoke(Garden $garden, Planting $planting, ChangeRecorder $recorder): JsonResponse
    {
        [, $change] = $recorder->record($garden, Say::it('change.planting-taken-out'), static fn () => $planting->delete());

        return $this->json(ChangeResource::of($change));
    }
}
