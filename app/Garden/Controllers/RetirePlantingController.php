<?php

declare(strict_types=1);

namespace App\Garden\Controllers;

use App\Core\Say;
use App\Garden\Requests\RetireRequest;
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

/** A planting that is gone: it leaves the garden, its notes stay. Or brings it back. */
final class RetirePlantingController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/plantings/{planting}/retire',
        operationId: 'retirePlanting',
        requestBody: new Body(RetireRequest::class),
        responses: [new Ok(SavedPlantingResource::class)],
    )]
    public function __invoke(RetireRequest $request, Garden $garden, Planting $planting, ChangeRecorder $recorder): JsonResponse
    {
        $back = $request->boolean('back');
        $attributes = [
            'retired_on' => $back ? null : $garden->localNow()->toDateString(),
            'retired_why' => ! $back && $request->filled('why') ? $request->string('why')->toString() : null,
        ];
        $planting->refuseStale($request->integer('version'), $attributes, PlantingResource::of($planting->load('zone')));
        [, $change] = $recorder->record(
            $garden,
            $back ? Say::it('change.planting-brought-back') : Say::it('change.planting-retired'),
            static fn () => $planting->update($attributes),
        );

        return $this->json(new SavedPlantingResource(PlantingResource::of($planting->load('zone')), ChangeResource::of($change)));
    }
}
