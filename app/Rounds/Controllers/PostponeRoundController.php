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
use App\Rounds\Queries\LookAhead;
use App\Rounds\Requests\SkipRoundRequest;
use App\Rounds\Resources\ChangedRoundResource;
use App\Rounds\Resources\RoundResource;
use App\Undo\ChangeRecorder;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** Not today: the round goes to the best of the days after, by hours, gaps and neighbours. */
final class PostponeRoundController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/rounds/{round}/later',
        operationId: 'postponeRound',
        requestBody: new Body(SkipRoundRequest::class),
        responses: [new Ok(ChangedRoundResource::class)],
    )]
    public function __invoke(
        SkipRoundRequest $request,
        Garden $garden,
        Round $round,
        LookAhead $look,
        ChangeRecorder $recorder,
    ): JsonResponse {
        $round->load(['application', ...Round::MIXED, 'course.rounds.application']);
        $request->refuseUnless($round);
        $tomorrow = $garden->localNow()->addDay();
        [$day, $hour] = [$tomorrow->toDateString(), $round->due_hour];
        $most = -INF;
        foreach ($look($garden, $round) as $one) {
            if ($one->day >= $tomorrow->toDateString() && $one->slot !== null && $one->score > $most) {
                [$most, $day, $hour] = [
                    $one->score,
                    $one->day,
                    CarbonImmutable::createFromTimestamp($one->slot->from, $garden->time_zone)->hour,
                ];
            }
        }
        [, $change] = $recorder->record(
            $garden,
            Say::it('change.moved-to', [
                'when' => CarbonImmutable::parse($day)->format('l j F').($hour === null ? '' : sprintf(', %02d:00', $hour)),
            ]),
            static function () use ($round, $request, $day, $hour): void {
                $round->update(['due_on' => $day, 'due_hour' => $hour, 'reason' => $request->reason()]);
            },
        );

        return $this->json(new ChangedRoundResource(RoundResource::of($round), ChangeResource::of($change)));
    }
}
