<?php

declare(strict_types=1);

namespace App\Garden\Controllers;

use App\Core\Say;
use App\Garden\Requests\ZoneRequest;
use App\Garden\Resources\SavedZoneResource;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Zone;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class UpdateZoneController extends Controller
{
    #[OA\Put(
        path: '/api/gardens/{garden}/zones/{zone}',
        operationId: 'updateZone',
        requestBody: new Body(ZoneRequest::class),
        responses: [new Ok(SavedZoneResource::class)],
    )]
    public function __invoke(ZoneRequest $request, Garden $garden, Zone $zone, ChangeRecorder $recorder): JsonResponse
    {
        $zone->refuseStale($request->integer('version'), $request->zone(), [
            'name' => $zone->name,
            'note' => $zone->note,
            'version' => $zone->version,
        ]);
        [, $change] = $recorder->record($garden, Say::it('change.zone-changed'), static fn () => $zone->update($request->zone()));

        return $this->json(new SavedZoneResource($zone->id, ChangeResource::of($change)));
    }
}
