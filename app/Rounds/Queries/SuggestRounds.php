<?php

declare(strict_types=1);

namespace App\Rounds\Queries;

use App\Core\Say;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Recipe;
use App\Rounds\CourseInCore;
use App\Rounds\Resources\SuggestedRoundResource;
use App\Rounds\Resources\SuggestionResource;
use App\Weather\ForecastProvider;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Planning\Course\Purpose;
use Nebbia\Core\Planning\Round\PlannedRound;
use Nebbia\Core\Planning\Round\Planner;
use Nebbia\Core\Planning\Round\RoundWords;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\WeatherUnits;

/** How often and when to spray: by the life cycle at the temperatures expected, in the best hours of the forecast. */
final readonly class SuggestRounds
{
    private const DAYS = 60;

    public function __construct(
        private ForecastProvider $provider,
        private CourseInCore $courses,
        private Planner $planner,
        private Catalogue $catalogue,
        private FindNeighbours $neighbours,
    ) {}

    /**
     * @param  non-empty-list<Recipe>  $recipes  one, or two that take turns
     * @param  Collection<int, Planting>  $plantings
     * @param  list<string>  $useless  what is said of those that are too weak
     * @return SuggestionResource|null null where the garden's place or the target is not known
     *
     * @throws BadInput
     */
    public function __invoke(
        Garden $garden,
        array $recipes,
        Collection $plantings,
        ?string $target,
        string $start,
        Purpose $purpose = Purpose::Outbreak,
        array $useless = [],
    ): ?SuggestionResource {
        $course = $this->courses->of(
            $garden,
            'new',
            array_map(static fn (Recipe $one): array => $one->body, $recipes),
            $plantings,
            $target,
            $start,
            null,
            null,
            $purpose,
        );
        if ($course === null) {
            return null;
        }
        $now = $garden->now();
        // Made-up weather plans no real round: then only the season and the time of day are known.
        $isTrue = $this->provider->isTrue($garden);
        $forecast = $isTrue
            ? $this->provider->forecast($garden, $now->getTimestamp(), $now->getTimestamp() + self::DAYS * 86400)
            : Forecast::of([]);
        $neighbours = $this->neighbours->among($garden, $this->neighbours->courses($garden), null, $plantings, null, $course->mixes);
        $plan = $this->planner->plan([$course], $forecast, $now->getTimestamp(), $neighbours)['new'];
        $words = new RoundWords($this->catalogue, WeatherUnits::of($garden->units));

        return new SuggestionResource(
            $plan->rhythm->days,
            $plan->rhythm->number,
            $words->rhythm($plan->rhythm),
            array_map(
                static fn (PlannedRound $round): SuggestedRoundResource => new SuggestedRoundResource(
                    $round->slot->day,
                    CarbonImmutable::createFromTimestamp($round->slot->from, $garden->time_zone)->hour,
                    CarbonImmutable::createFromTimestamp($round->slot->from, 'UTC')->toIso8601ZuluString(),
                    $recipes[($round->number - 1) % count($recipes)]->name,
                    $words->because($round, $plan->rhythm, $forecast, $course->isIndoors()),
                    $round->isLate,
                    $round->slot->hours[0]->word->value,
                ),
                $plan->rounds,
            ),
            match (true) {
                $course->isIndoors() => Say::it('rounds.in-a-room'),
                $isTrue => $this->provider->name($garden),
                default => Say::it('rounds.no-forecast-only'),
            },
            Say::ground($plan->rhythm->basis, $plan->rhythm->sure),
            $useless,
        );
    }
}
