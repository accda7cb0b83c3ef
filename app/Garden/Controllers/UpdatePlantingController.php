<?php

declare(strict_types=1);

namespace App\Garden\Controllers;

use App\Core\Say;
use App\Garden\Requests\PlantingRequest;
use App\Garden\Resources\PlantingResource;
use App\Garden\Resources\SavedPlantingResource;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Planting;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class UpdatePlantingController extends Controller
{
    #[OA\Put(
        path: '/api/gardens/{garden}/plantings/{planting}',
        operationId: 'updatePlanting',
        requestBody: new Body(PlantingRequest::class),
        responses: [new Ok(SavedPlantingResource::class)],
    )]
    public function __invoke(PlantingRequest $request, Garden $garden, Planting $planting, ChangeRecorder $recorder): JsonResponse
    {
        $attributes = $request->planting($garden, $planting);
        $planting->refuseStale($request->integer('version'), $attributes, PlantingResource::of($planting->load('zone')));
        [, $change] = $recorder->record($garden, Say::it('change.planting-changed'), static fn () => $planting->update($attributes));

        return $this->json(new SavedPlantingResource(PlantingResource::of($planting->load('zone')), ChangeResource::of($change)));
    }
}
