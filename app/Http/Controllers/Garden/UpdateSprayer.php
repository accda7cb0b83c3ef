<?php

declare(strict_types=1);

namespace App\Http\Controllers\Garden;

use App\Http\Controllers\Controller;
use App\Http\Requests\SprayerRequest;
use App\Http\Resources\ChangeResource;
use App\Http\Resources\SavedSprayer;
use App\Http\Resources\SprayerResource;
use App\Models\Garden;
use App\Models\Sprayer;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class UpdateSprayer extends Controller
{
    #[OA\Put(path: '/api/gardens/{garden}/sprayers/{sprayer}', operationId: 'updateSprayer', requestBody: new Body(SprayerRequest::class), responses: [new Ok(SavedSprayer::class)])]
    public function __invoke(SprayerRequest $request, Garden $garden, Sprayer $sprayer, ChangeRecorder $recorder): JsonResponse
    {
        $row = $request->row($garden);
        $sprayer->refuseStale($request->integer('version'), $row, SprayerResource::of($sprayer));
        [, $change] = $recorder->record($garden, 'Sprayer changed', static fn () => $sprayer->update($row));

        return $this->json(new SavedSprayer(SprayerResource::of($sprayer), ChangeResource::of($change)));
    }
}
