<?php

declare(strict_types=1);

namespace App\Pantry\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\OwnMeasure;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Pantry\Requests\OwnMeasureRequest;
use App\Pantry\Resources\OwnMeasureResource;
use App\Pantry\Resources\SavedOwnMeasureResource;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class UpdateOwnMeasureController extends Controller
{
    #[OA\Put(
        path: '/api/gardens/{garden}/own-measures/{ownMeasure}',
        operationId: 'updateOwnMeasure',
        requestBody: new Body(OwnMeasureRequest::class),
        responses: [new Ok(SavedOwnMeasureResource::class)],
    )]
    public function __invoke(OwnMeasureRequest $request, Garden $garden, OwnMeasure $ownMeasure, ChangeRecorder $recorder): JsonResponse
    {
        $attributes = $request->row($garden);
        $ownMeasure->refuseStale($request->integer('version'), $attributes, OwnMeasureResource::of($ownMeasure));
        [, $change] = $recorder->record($garden, Say::it('change.measure-changed'), static fn () => $ownMeasure->update($attributes));

        return $this->json(new SavedOwnMeasureResource(OwnMeasureResource::of($ownMeasure), ChangeResource::of($change)));
    }
}
