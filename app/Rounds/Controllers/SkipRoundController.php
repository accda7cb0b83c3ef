<?php

declare(strict_types=1);

namespace App\Rounds\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Round;
use App\Models\RoundStatus;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Rounds\Requests\SkipRoundRequest;
use App\Rounds\Resources\ChangedRoundResource;
use App\Rounds\Resources\RoundResource;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class SkipRoundController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/rounds/{round}/skip',
        operationId: 'skipRound',
        requestBody: new Body(SkipRoundRequest::class),
        responses: [new Ok(ChangedRoundResource::class)],
    )]
    public function __invoke(SkipRoundRequest $request, Garden $garden, Round $round, ChangeRecorder $recorder): JsonResponse
    {
        [, $change] = $recorder->record($garden, Say::it('change.round-skipped'), static function () use ($request, $round): void {
            $request->refuseUnless($round->refresh()->load(['application', 'course']));
            $round->update(['status' => RoundStatus::Skipped, 'reason' => $request->reason()]);
        });

        return $this->json(
            new ChangedRoundResource(RoundResource::of($round->load(['application', 'course'])), ChangeResource::of($change)),
        );
    }
}
