<?php

declare(strict_types=1);

namespace App\Http\Controllers\Making;

use App\Actions\Household;
use App\Http\Controllers\Controller;
use App\Http\Resources\ChangeResource;
use App\Models\Garden;
use App\Models\Preparation;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** A preparation is thrown away, or was used up. */
final class ThrowAwayPreparation extends Controller
{
    #[OA\Delete(path: '/api/gardens/{garden}/preparations/{preparation}', operationId: 'throwAwayPreparation', responses: [new Ok(ChangeResource::class)])]
    public function __invoke(Garden $garden, Preparation $preparation, ChangeRecorder $recorder, Household $household): JsonResponse
    {
        [, $change] = $recorder->record($garden, 'Thrown away', static fn () => $preparation->delete());
        $household->forget($garden);

        return $this->json(ChangeResource::of($change));
    }
}
