<?php

declare(strict_types=1);

namespace App\Rounds\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Round;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Rounds\Requests\LogRoundRequest;
use App\Rounds\Resources\ChangedRoundResource;
use App\Rounds\Resources\RoundResource;
use App\Rounds\Writes\LogBatch;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class LogRoundController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/rounds/{round}/log',
        operationId: 'logRound',
        requestBody: new Body(LogRoundRequest::class),
        responses: [new Ok(ChangedRoundResource::class)],
    )]
    public function __invoke(LogRoundRequest $request, Garden $garden, Round $round, ChangeRecorder $recorder, LogBatch $log): JsonResponse
    {
        [, $change] = $recorder->record($garden, Say::it('change.round-logged'), static function () use (
            $request,
            $garden,
            $round,
            $log,
        ): void {
            $request->refuseUnless($round->refresh()->load(['application', 'course']));
            $round->load(Round::MIXED);
            $log(
                $garden,
                collect([$round]),
                null,
                $request->appliedAt($garden),
                $request->volumeMl($round->volumeMl(), $garden),
                by: $request->by(),
                note: $request->note(),
            );
        });

        return $this->json(
            new ChangedRoundResource(RoundResource::of($round->load(['application', 'course'])), ChangeResource::of($change)),
        );
    }
}
