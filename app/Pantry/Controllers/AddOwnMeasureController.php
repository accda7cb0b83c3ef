<?php

declare(strict_types=1);

namespace App\Pantry\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Pantry\Requests\OwnMeasureRequest;
use App\Pantry\Resources\OwnMeasureResource;
use App\Pantry\Resources\SavedOwnMeasureResource;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class AddOwnMeasureController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/own-measures',
        operationId: 'addOwnMeasure',
        requestBody: new Body(OwnMeasureRequest::class),
        responses: [new Ok(SavedOwnMeasureResource::class, status: 201)],
    )]
    public function __invoke(OwnMeasureRequest $request, Garden $garden, ChangeRecorder $recorder): JsonResponse
    {
        [$ownMeasure, $change] = $recorder->record(
            $garden,
            Say::it('change.measure-added'),
            static fn () => $garden->ownMeasures()->create($request->row($garden)),
        );

        return $this->json(new SavedOwnMeasureResource(OwnMeasureResource::of($ownMeasure->refresh()), ChangeResource::of($change)), 201);
    }
}
