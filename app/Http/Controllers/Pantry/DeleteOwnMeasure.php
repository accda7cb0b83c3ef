<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pantry;

use App\Http\Controllers\Controller;
use App\Http\Resources\ChangeResource;
use App\Models\Garden;
use App\Models\OwnMeasure;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class DeleteOwnMeasure extends Controller
{
    #[OA\Delete(path: '/api/gardens/{garden}/own-measures/{ownMeasure}', operationId: 'deleteOwnMeasure', responses: [new Ok(ChangeResource::class)])]
    public function __invoke(Garden $garden, OwnMeasure $ownMeasure, ChangeRecorder $recorder): JsonResponse
    {
        [, $change] = $recorder->record($garden, 'Measure taken out', static fn () => $ownMeasure->delete());

        return $this->json(ChangeResource::of($change));
    }
}
