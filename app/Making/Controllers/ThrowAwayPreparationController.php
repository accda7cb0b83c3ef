<?php

declare(strict_types=1);

namespace App\Making\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Preparation;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Ok;
use App\Pantry\Household;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** A preparation is thrown away, or was used up. */
final class ThrowAwayPreparationController extends Controller
{
    #[OA\Delete(
        path: '/api/gardens/{garden}/preparations/{preparation}',
        operationId: 'throwAwayPreparation',
        responses: [new Ok(ChangeResource::class)],
    )]
    public function __invoke(Garden $garden, Preparation $preparation, ChangeRecorder $recorder, Household $household): JsonResponse
    {
        [, $change] = $recorder->record($garden, Say::it('change.thrown-away'), static fn () => $preparation->delete());
        $household->forget($garden);

        return $this->json(ChangeResource::of($change));
    }
}
