<?php

declare(strict_types=1);

namespace App\Http\Controllers\Garden;

use App\Http\Controllers\Controller;
use App\Http\Requests\ZoneRequest;
use App\Http\Resources\ChangeResource;
use App\Http\Resources\SavedZone;
use App\Models\Garden;
use App\Models\Zone;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class UpdateZone extends Controller
{
    #[OA\Put(path: '/api/gardens/{garden}/zones/{zone}', operationId: 'updateZone', requestBody: new Body(ZoneRequest::class), responses: [new Ok(SavedZone::class)])]
    public function __invoke(ZoneRequest $request, Garden $garden, Zone $zone, ChangeRecorder $recorder): JsonResponse
    {
        $zone->refuseStale($request->integer('version'), $request->zone(), ['name' => $zone->name, 'note' => $zone->note, 'version' => $zone->version]);
        [, $change] = $recorder->record($garden, 'Zone changed', static fn () => $zone->update($request->zone()));

        return $this->json(new SavedZone($zone->id, ChangeResource::of($change)));
    }
}
