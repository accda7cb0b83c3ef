<?php

declare(strict_types=1);

namespace App\Http\Controllers\Round;

use App\Http\Controllers\Controller;
use App\Http\Requests\MoveRoundRequest;
use App\Http\Resources\ChangedRound;
use App\Http\Resources\ChangeResource;
use App\Http\Resources\RoundResource;
use App\Models\Garden;
use App\Models\Round;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class MoveRound extends Controller
{
    #[OA\Post(path: '/api/gardens/{garden}/rounds/{round}/move', operationId: 'moveRound', requestBody: new Body(MoveRoundRequest::class), responses: [new Ok(ChangedRound::class)])]
    public function __invoke(MoveRoundRequest $request, Garden $garden, Round $round, ChangeRecorder $recorder): JsonResponse
    {
        [, $change] = $recorder->record($garden, 'Round moved', static function () use ($request, $round): void {
            $request->refuseUnless($round->refresh()->load(['application', 'course']));
            $round->update(['due_on' => $request->day(), 'due_hour' => $request->hour() ?? $round->due_hour, 'reason' => $request->reason()]);
        });

        return $this->json(new ChangedRound(RoundResource::of($round->load(['application', 'course'])), ChangeResource::of($change)));
    }
}
