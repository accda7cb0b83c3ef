<?php

declare(strict_types=1);

namespace App\Rounds\Controllers;

use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Round;
use App\OpenApi\Ok;
use App\Rounds\Queries\LookAhead;
use App\Rounds\Resources\RoundConsequenceResource;
use App\Rounds\Resources\RoundDayResource;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Planning\Round\Consequence;
use Nebbia\Core\Planning\Round\DayOutlook;
use Nebbia\Core\Planning\Round\RoundWords;
use Nebbia\Core\Weather\WeatherUnits;
use OpenApi\Attributes as OA;

/** What each of the coming days would mean for a round; nothing is moved. */
final class ShowRoundDaysController extends Controller
{
    #[OA\Get(
        path: '/api/gardens/{garden}/rounds/{round}/days',
        operationId: 'showRoundDays',
        responses: [new Ok(RoundDayResource::class, list: true)],
    )]
    public function __invoke(Garden $garden, Round $round, LookAhead $look, Catalogue $catalogue): JsonResponse
    {
        $days = $look(
            $garden,
            $round->load([...Round::MIXED, 'course.rounds.application']),
        );
        $words = new RoundWords($catalogue, WeatherUnits::of($garden->units));
        $best = $days === [] ? 0.0 : max(array_map(static fn (DayOutlook $one): float => $one->score, $days));

        return $this->json(
            array_map(
                static fn (DayOutlook $one): RoundDayResource => new RoundDayResource(
                    $one->day,
                    $one->slot === null ? null : CarbonImmutable::createFromTimestamp($one->slot->from, $garden->time_zone)->hour,
                    $one->slot === null ? 'no' : $one->slot->hours[0]->word->value,
                    $one->against === null ? '' : $words->against($one->against),
                    array_map(
                        static fn (Consequence $each): RoundConsequenceResource => new RoundConsequenceResource(
                            $each->severity->value,
                            $catalogue->say($each->said),
                        ),
                        $one->consequences,
                    ),
                    $one->worst()->value,
                    $one->score === $best,
                ),
                $days,
            ),
        );
    }
}
