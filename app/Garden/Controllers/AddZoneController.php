<?php

declare(strict_types=1);

namespace App\Garden\Controllers;

use App\Core\Say;
use App\Garden\Requests\ZoneRequest;
use App\Garden\Resources\SavedZoneResource;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class AddZoneController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/zones',
        operationId: 'addZone',
        requestBody: new Body(ZoneRequest::class),
        responses: [new Ok(SavedZoneResource::class, status: 201)],
    )]
    public function __invoke(ZoneRequest $request, Garden $garden, ChangeRecorder $recorder): JsonResponse
    {
        [$zone, $change] = $recorder->record(
            $garden,
            Say::it('change.zone-added'),
            static fn () => $garden
                ->zones()
                ->create($request->zone() + ['position' => ($garden->zones()->reorder('position', 'desc')->first()->position ?? 0) + 1]),
        );

        return $this->json(new SavedZoneResource($zone->id, ChangeResource::of($change)), 201);
    }
}
