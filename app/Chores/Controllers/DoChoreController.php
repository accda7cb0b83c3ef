<?php

declare(strict_types=1);

namespace App\Chores\Controllers;

use App\Chores\Queries\ChoreDays;
use App\Chores\Requests\DoChoreRequest;
use App\Chores\Resources\ChoreResource;
use App\Chores\Resources\SavedChoreResource;
use App\Chores\Writes\DoChore;
use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Chore;
use App\Models\Garden;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** A job is done for this time, or left for this time. */
final class DoChoreController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/chores/{chore}/done',
        operationId: 'doChore',
        requestBody: new Body(DoChoreRequest::class),
        responses: [new Ok(SavedChoreResource::class)],
    )]
    public function __invoke(
        DoChoreRequest $request,
        Garden $garden,
        Chore $chore,
        DoChore $do,
        ChangeRecorder $recorder,
        ChoreDays $days,
    ): JsonResponse {
        $chore->load('planting');
        $chore->refuseStale($request->integer('version'), [], ChoreResource::of($chore));
        $isLeft = $request->boolean('left');
        [, $change] = $recorder->record(
            $garden,
            $isLeft ? Say::it('change.job-left') : Say::it('change.job-done'),
            static function () use ($garden, $chore, $isLeft, $do, $request): void {
                $do($garden, $chore, $isLeft);
                // Whoever has done one of them meanwhile has done it for this time.
                $today = $garden->localNow()->toDateString();
                $due = $garden->chores()->whereKey($request->array('also'))->where('next_on', '<=', $today)->get();
                $due->each(static fn (Chore $one) => $do($garden, $one, $isLeft));
            },
        );
        $days->forget();

        return $this->json(new SavedChoreResource(ChoreResource::of($chore), ChangeResource::of($change)));
    }
}
