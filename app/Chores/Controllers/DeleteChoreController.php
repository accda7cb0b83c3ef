<?php

declare(strict_types=1);

namespace App\Chores\Controllers;

use App\Chores\Queries\ChoreDays;
use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Chore;
use App\Models\Garden;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class DeleteChoreController extends Controller
{
    #[OA\Delete(
        path: '/api/gardens/{garden}/chores/{chore}',
        operationId: 'deleteChore',
        responses: [new Ok(ChangeResource::class)],
    )]
    public function __invoke(Garden $garden, Chore $chore, ChangeRecorder $recorder, ChoreDays $days): JsonResponse
    {
        [, $change] = $recorder->record($garden, Say::it('change.job-deleted'), static fn () => $chore->delete());
        $days->forget();

        return $this->json(ChangeResource::of($change));
    }
}
