<?php

declare(strict_types=1);

namespace App\Garden\Controllers;

use App\Core\Say;
use App\Garden\Requests\PlantingRequest;
use App\Garden\Resources\PlantingResource;
use App\Garden\Resources\SavedPlantingResource;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class AddPlantingController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/plantings',
        operationId: 'addPlanting',
        requestBody: new Body(PlantingRequest::class),
        responses: [new Ok(SavedPlantingResource::class, status: 201)],
    )]
    public function __invoke(PlantingRequest $request, Garden $garden, ChangeRecorder $recorder): JsonResponse
    {
        [$planting, $change] = $recorder->record(
            $garden,
            Say::it('change.planting-added'),
            static fn () => $garden->plantings()->create($request->planting($garden)),
        );

        return $this->json(new SavedPlantingResource(PlantingResource::of($planting->load('zone')), ChangeResource::of($change)), 201);
    }
}
