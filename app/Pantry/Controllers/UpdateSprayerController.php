<?php

declare(strict_types=1);

namespace App\Pantry\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Sprayer;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Pantry\Requests\SprayerRequest;
use App\Pantry\Resources\SavedSprayerResource;
use App\Pantry\Resources\SprayerResource;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class UpdateSprayerController extends Controller
{
    #[OA\Put(
        path: '/api/gardens/{garden}/sprayers/{sprayer}',
        operationId: 'updateSprayer',
        requestBody: new Body(SprayerRequest::class),
        responses: [new Ok(SavedSprayerResource::class)],
    )]
    public function __invoke(SprayerRequest $request, Garden $garden, Sprayer $sprayer, ChangeRecorder $recorder): JsonResponse
    {
        $row = $request->row($garden);
        $sprayer->refuseStale($request->integer('version'), $row, SprayerResource::of($sprayer));
        [, $change] = $recorder->record($garden, Say::it('change.sprayer-changed'), static fn () => $sprayer->update($row));

        return $this->json(new SavedSprayerResource(SprayerResource::of($sprayer), ChangeResource::of($change)));
    }
}
