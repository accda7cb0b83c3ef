<?php

declare(strict_types=1);

namespace App\Http\Controllers\Garden;

use App\Http\Controllers\Controller;
use App\Http\Requests\SprayerRequest;
use App\Http\Resources\ChangeResource;
use App\Http\Resources\SavedSprayer;
use App\Http\Resources\SprayerResource;
use App\Models\Garden;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class AddSprayer extends Controller
{
    #[OA\Post(path: '/api/gardens/{garden}/sprayers', operationId: 'addSprayer', requestBody: new Body(SprayerRequest::class), responses: [new Ok(SavedSprayer::class, status: 201)])]
    public function __invoke(SprayerRequest $request, Garden $garden, ChangeRecorder $recorder): JsonResponse
    {
        [$sprayer, $change] = $recorder->record($garden, 'Sprayer added', static fn () => $garden->sprayers()->create($request->row($garden)));

        return $this->json(new SavedSprayer(SprayerResource::of($sprayer->refresh()), ChangeResource::of($change)), 201);
    }
}
