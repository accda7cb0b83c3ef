<?php

declare(strict_types=1);

namespace App\Pantry\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Sprayer;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class DeleteSprayerController extends Controller
{
    #[OA\Delete(path: '/api/gardens/{garden}/sprayers/{sprayer}', operationId: 'deleteSprayer', responses: [new Ok(ChangeResource::class)])]
    public function __invoke(Garden $garden, Sprayer $sprayer, ChangeRecorder $recorder): JsonResponse
    {
        [, $change] = $recorder->record($garden, Say::it('change.sprayer-taken-out'), static fn () => $sprayer->delete());

        return $this->json(ChangeResource::of($change));
    }
}
