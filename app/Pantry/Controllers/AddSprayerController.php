<?php

declare(strict_types=1);

namespace App\Pantry\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Pantry\Requests\SprayerRequest;
use App\Pantry\Resources\SavedSprayerResource;
use App\Pantry\Resources\SprayerResource;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class AddSprayerController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/sprayers',
        operationId: 'addSprayer',
        requestBody: new Body(SprayerRequest::class),
        responses: [new Ok(SavedSprayerResource::class, status: 201)],
    )]
    public function __invoke(SprayerRequest $request, Garden $garden, ChangeRecorder $recorder): JsonResponse
    {
        [$sprayer, $change] = $recorder->record(
            $garden,
            Say::it('change.sprayer-added'),
            static fn () => $garden->sprayers()->create($request->row($garden)),
        );

        return $this->json(new SavedSprayerResource(SprayerResource::of($sprayer->refresh()), ChangeResource::of($change)), 201);
    }
}
