<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pantry;

use App\Http\Controllers\Controller;
use App\Http\Requests\OwnMeasureRequest;
use App\Http\Resources\ChangeResource;
use App\Http\Resources\OwnMeasureResource;
use App\Http\Resources\SavedOwnMeasure;
use App\Models\Garden;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class AddOwnMeasure extends Controller
{
    #[OA\Post(path: '/api/gardens/{garden}/own-measures', operationId: 'addOwnMeasure', requestBody: new Body(OwnMeasureRequest::class), responses: [new Ok(SavedOwnMeasure::class, status: 201)])]
    public function __invoke(OwnMeasureRequest $request, Garden $garden, ChangeRecorder $recorder): JsonResponse
    {
        [$ownMeasure, $change] = $recorder->record($garden, 'Measure added', static fn () => $garden->ownMeasures()->create($request->row($garden)));

        return $this->json(new SavedOwnMeasure(OwnMeasureResource::of($ownMeasure->refresh()), ChangeResource::of($change)), 201);
    }
}
