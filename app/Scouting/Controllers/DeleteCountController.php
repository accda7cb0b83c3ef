<?php

declare(strict_types=1);

namespace App\Scouting\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Count;
use App\Models\Garden;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class DeleteCountController extends Controller
{
    #[OA\Delete(path: '/api/gardens/{garden}/counts/{count}', operationId: 'deleteCount', responses: [new Ok(ChangeResource::class)])]
    public function __invoke(Garden $garden, Count $count, ChangeRecorder $recorder): JsonResponse
    {
        [, $change] = $recorder->record($garden, Say::it('change.count-deleted'), static fn () => $count->delete());

        return $this->json(ChangeResource::of($change));
    }
}
