<?php

declare(strict_types=1);

namespace App\Http\Controllers\Garden;

use App\Http\Controllers\Controller;
use App\Http\Requests\PlantingRequest;
use App\Http\Resources\ChangeResource;
use App\Http\Resources\PlantingResource;
use App\Http\Resources\SavedPlanting;
use App\Models\Garden;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class AddPlanting extends Controller
{
    #[OA\Post(path: '/api/gardens/{garden}/plantings', operationId: 'addPlanting', requestBody: new Body(PlantingRequest::class), responses: [new Ok(SavedPlanting::class, status: 201)])]
    public function __invoke(PlantingRequest $request, Garden $garden, ChangeRecorder $recorder): JsonResponse
    {
        [$planting, $change] = $recorder->record($garden, 'Planting added', static fn () => $garden->plantings()->create($request->planting($garden)));

        return $this->json(new SavedPlanting(PlantingResource::of($planting->load('zone')), ChangeResource::of($change)), 201);
    }
}
