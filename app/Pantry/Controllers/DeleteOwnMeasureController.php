<?php

declare(strict_types=1);

namespace App\Pantry\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\OwnMeasure;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class DeleteOwnMeasureController extends Controller
{
    #[OA\Delete(
        path: '/api/gardens/{garden}/own-measures/{ownMeasure}',
        operationId: 'deleteOwnMeasure',
        responses: [new Ok(ChangeResource::class)],
    )]
    public function __invoke(Garden $garden, OwnMeasure $ownMeasure, ChangeRecorder $recorder): JsonResponse
    {
        [, $change] = $recorder->record($garden, Say::it('change.measure-taken-out'), static fn () => $ownMeasure->delete());

        return $this->json(ChangeResource::of($change));
    }
}
