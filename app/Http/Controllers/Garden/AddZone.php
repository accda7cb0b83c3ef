<?php

declare(strict_types=1);

namespace App\Http\Controllers\Garden;

use App\Http\Controllers\Controller;
use App\Http\Requests\ZoneRequest;
use App\Http\Resources\ChangeResource;
use App\Http\Resources\SavedZone;
use App\Models\Garden;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class AddZone extends Controller
{
    #[OA\Post(path: '/api/gardens/{garden}/zones', operationId: 'addZone', requestBody: new Body(ZoneRequest::class), responses: [new Ok(SavedZone::class, status: 201)])]
    public function __invoke(ZoneRequest $request, Garden $garden, ChangeRecorder $recorder): JsonResponse
    {
        [$zone, $change] = $recorder->record($garden, 'Zone added', static fn () => $garden->zones()->create(
            $request->zone() + ['position' => (int) $garden->zones()->max('position') + 1],
        ));

        return $this->json(new SavedZone($zone->id, ChangeResource::of($change)), 201);
    }
}
