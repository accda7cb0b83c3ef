<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pantry;

use App\Http\Controllers\Controller;
use App\Http\Requests\OwnMeasureRequest;
use App\Http\Resources\ChangeResource;
use App\Http\Resources\OwnMeasureResource;
use App\Http\Resources\SavedOwnMeasure;
use App\Models\Garden;
use App\Models\OwnMeasure;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class UpdateOwnMeasure extends Controller
{
    #[OA\Put(path: '/api/gardens/{garden}/own-measures/{ownMeasure}', operationId: 'updateOwnMeasure', requestBody: new Body(OwnMeasureRequest::class), responses: [new Ok(SavedOwnMeasure::class)])]
    public function __invoke(OwnMeasureRequest $request, Garden $garden, OwnMeasure $ownMeasure, ChangeRecorder $recorder): JsonResponse
    {
        $attributes = $request->row($garden);
        $ownMeasure->refuseStale($request->integer('version'), $attributes, OwnMeasureResource::of($ownMeasure));
        [, $change] = $recorder->record($garden, 'Measure changed', static fn () => $ownMeasure->update($attributes));

        return $this->json(new SavedOwnMeasure(OwnMeasureResource::of($ownMeasure), ChangeResource::of($change)));
    }
}
