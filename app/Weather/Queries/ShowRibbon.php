<?php

declare(strict_types=1);

namespace App\Weather\Queries;

use App\Core\Say;
use App\Models\Garden;
use App\Models\Round;
use App\Models\RoundStatus;
use App\Settings\AtHome;
use App\Weather\ForecastProvider;
use App\Weather\Resources\RibbonHourResource;
use App\Weather\Resources\RibbonResource;
use Carbon\CarbonImmutable;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Judgement\Hour\SprayWindows;
use Nebbia\Core\Planning\Course\Course;
use Nebbia\Core\Planning\Hour\HourWord;
use Nebbia\Core\Planning\Hour\JudgedHour;
use Nebbia\Core\Planning\Hour\SlotFinder;
use Nebbia\Core\Planning\Round\RoundWords;
use Nebbia\Core\Weather\Climate;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\Sun;
use Nebbia\Core\Weather\WeatherUnits;

/** The next three days hour by hour, for the round that is due first. */
final readonly class ShowRibbon
{
    private const HOURS = 72;

    /** By the garden's clocks: between them a round is thought of. */
    private const FREE = [5, 22];

    public function __construct(
        private ForecastProvider $provider,
        private JudgeHours $hours,
        private Catalogue $catalogue,
        private SprayWindows $windows,
    ) {}

    public function __invoke(Garden $garden, ?string $roundId): RibbonResource
    {
        $place = $garden->place();
        if ($place === null) {
            return new RibbonResource(null, null, null, null, $this->provider->name($garden), [], Say::it('ribbon.write-down-settings'));
        }
        $now = $garden->now();
        $forecast = $this->hours->forecast($garden, self::HOURS);
        $round = $this->round($garden, $roundId);
        $course = $round === null ? null : $this->hours->course($garden, $round, $now);
        if ($round === null || $course === null) {
            return new RibbonResource(null, null, null, null, $this->provider->name($garden), [], Say::it('ribbon.plan-round-against'));
        }
        $judged = $this->hours->hours($garden, $course, $forecast, self::HOURS);
        $units = WeatherUnits::of($garden->units);
        $words = new RoundWords($this->catalogue, $units);
        $best = $this->best($judged, $garden, $course->isIndoors() ? null : $forecast);
        $climate = new Climate($place);

        return new RibbonResource(
            $round->id,
            Say::it('rounds.against', ['remedy' => $round->remedy()->name, 'target' => $course->target->name]),
            $best === null ? null : $this->spoken($judged[$best], $garden, $now),
            $best,
            $this->provider->name($garden),
            array_map(
                fn (JudgedHour $hour): RibbonHourResource => $this->hour($hour, $course, $forecast, $climate, $units, $words),
                $judged,
            ),
            null,
            $forecast->isEmpty() && ! $course->isIndoors() ? $this->byTheClock($judged, $garden, $now) : null,
            $course->isIndoors(),
        );
    }

    private function round(Garden $garden, ?string $id): ?Round
    {
        $rounds = $garden
            ->rounds()
            ->where('status', RoundStatus::Planned)
            ->whereHas('course', static fn ($course) => $course->whereNotNull('target'))
            ->with(Round::MIXED);

        if ($id === null) {
            return $rounds->first();
        }
        $round = (clone $rounds)->find($id);
        // One that was done while this was asked: the next is shown.
        $garden->rounds()->findOrFail($id);

        return $round ?? $rounds->first();
    }

    /**
     * Without a forecast: from when to when sun, bees and the time of day are right; null where they never are.
     *
     * @param  list<JudgedHour>  $judged
     */
    private function byTheClock(array $judged, Garden $garden, CarbonImmutable $now): ?string
    {
        $from = null;
        foreach ($judged as $n => $hour) {
            $clock = CarbonImmutable::createFromTimestamp($hour->at, $garden->time_zone)->hour;
            $isRight = $hour->objections === [] && $clock >= self::FREE[0] && $clock < self::FREE[1];
            if ($isRight) {
                $from ??= $n;
            } elseif ($from !== null) {
                return $this->spoken($judged[$from], $garden, $now).
                    Say::it('ribbon.until', ['at' => CarbonImmutable::createFromTimestamp($hour->at, $garden->time_zone)->format('H:i')]);
            }
        }

        return null;
    }

    /**
     * The best of those that are foretold: of the rest nobody can say it.
     *
     * @param  list<JudgedHour>  $judged
     * @param  Forecast|null  $forecast  null indoors, where it is of no matter
     */
    private function best(array $judged, Garden $garden, ?Forecast $forecast): ?int
    {
        $best = null;
        $most = 0.0;
        foreach ($judged as $n => $hour) {
            $clock = CarbonImmutable::createFromTimestamp($hour->at, $garden->time_zone)->hour;
            $worth = SlotFinder::worth($hour);
            $isKnown = $forecast === null || $forecast->at($hour->at) !== null;
            $isFree = $clock >= self::FREE[0] && $clock < self::FREE[1];
            if ($isKnown && $isFree && $hour->word !== HourWord::No && $worth > $most + 1e-9) {
                [$best, $most] = [$n, $worth];
            }
        }

        return $best;
    }

    private function spoken(JudgedHour $hour, Garden $garden, CarbonImmutable $now): string
    {
        $at = CarbonImmutable::createFromTimestamp($hour->at, $garden->time_zone);
        $days = (int) $now->setTimezone($garden->time_zone)->startOfDay()->diffInDays($at->startOfDay());

        return match ($days) {
            0 => Say::it('rounds.today'),
            1 => Say::it('rounds.tomorrow'),
            default => $at->format('l'),
        }.
            ' at '.
            $at->format('H:i');
    }

    private function hour(
        JudgedHour $hour,
        Course $course,
        Forecast $forecast,
        Climate $climate,
        WeatherUnits $units,
        RoundWords $words,
    ): RibbonHourResource {
        $isDay = Sun::height($course->place, $hour->at + 1800) > 0.0;
        $weather = $course->isIndoors() ? null : $forecast->at($hour->at);
        $room = $course->room ?? $this->windows->room;
        $usual = $course->isIndoors() ? ($isDay ? $room->byDay : $room->byNight) : $climate->hour($hour->at);
        $number = static fn (float $value): string => number_format($value, 0);

        return new RibbonHourResource(
            CarbonImmutable::createFromTimestamp($hour->at, 'UTC')->toIso8601ZuluString(),
            $hour->word->value,
            $words->against($hour),
            $number($units->sayTemperature($weather->temperature ?? $usual)).' '.$units->degrees(),
            $weather->temperature ?? $usual,
            $weather->rain ?? 0.0,
            app(AtHome::class)->units->rain($weather->rain ?? 0.0),
            $weather === null ? '' : $number($units->saySpeed($weather->wind)).' '.$units->speed(),
            $weather->humidity ?? 0.0,
            $weather->cloud ?? 0.0,
            $isDay,
            $weather !== null,
        );
    }
}
