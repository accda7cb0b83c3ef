<?php

declare(strict_types=1);

namespace App\Rounds\Queries;

use App\Core\Say;
use App\Models\Course;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Round;
use App\Models\RoundStatus;
use App\Rounds\CourseInCore;
use App\Rounds\Resources\ReplanMoveResource;
use App\Rounds\Resources\ReplanResource;
use App\Weather\ForecastProvider;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Judgement\Hour\SprayWindows;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Planning\Course\Course as CoreCourse;
use Nebbia\Core\Planning\Course\Rhythm;
use Nebbia\Core\Planning\Hour\HourJudge;
use Nebbia\Core\Planning\Hour\WashOff;
use Nebbia\Core\Planning\Round\Move;
use Nebbia\Core\Planning\Round\OpenRound;
use Nebbia\Core\Planning\Round\Replanner;
use Nebbia\Core\Planning\Round\RoundWords;
use Nebbia\Core\Target\Targets;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\WeatherUnits;

/** Courses that are under way, held against the rain that fell and the forecast as it is now: what should change, and why. */
final readonly class CheckCourses
{
    private const AHEAD_DAYS = 10;

    /** Rain longer ago than that has been looked at. */
    private const BACK_DAYS = 14;

    public function __construct(
        private Targets $targets,
        private SprayWindows $windows,
        private ForecastProvider $provider,
        private CourseInCore $courses,
        private Replanner $replanner,
        private Catalogue $catalogue,
        private FindNeighbours $neighbours,
    ) {}

    /** @return list<ReplanResource> only courses for which something has changed */
    public function __invoke(Garden $garden): array
    {
        $open = static fn ($rounds) => $rounds->where('status', RoundStatus::Planned);
        $courses = $garden
            ->courses()
            ->whereHas('rounds', $open)
            ->whereNotNull('target')
            ->with(Course::PLANNED)
            ->get();
        $now = $garden->now();
        $forecast = $this->forecast($garden, $now);
        $all = $this->neighbours->courses($garden);
        $changed = [];
        foreach ($courses as $course) {
            $one = $this->check($garden, $course, $forecast, $now, $all);
            if ($one !== null && ($one->moves !== [] || $one->news !== null)) {
                $changed[] = $one;
            }
        }

        return $changed;
    }

    /**
     * Null where nothing can be said.
     *
     * @param  Collection<int, Course>|null  $all  courses whose rounds it may not come in the way of
     */
    public function check(
        Garden $garden,
        Course $course,
        ?Forecast $forecast = null,
        ?CarbonImmutable $now = null,
        ?Collection $all = null,
    ): ?ReplanResource {
        $now ??= $garden->now();
        $forecast ??= $this->forecast($garden, $now);
        $ending = JudgeEnding::of($course);
        if (in_array($ending->word, ['over', 'give-up'], true)) {
            // What is over is not planned anew.
            return new ReplanResource($course->id, $this->name($course), $this->catalogue->say($ending->said), []);
        }
        $open = array_values(
            $course->rounds->filter(static fn (Round $round): bool => $round->status === RoundStatus::Planned)->sortBy('due_on')->all(),
        );
        $next = $open[0] ?? null;
        try {
            $core = $this->courses->stored($garden, $course, $now->setTimezone($garden->time_zone)->toDateString(), $next->number ?? 1);
        } catch (BadInput) {
            return null;
        }
        if ($core === null) {
            return null;
        }
        // Of a round that was only done in part the rest had nothing yet.
        $done = $course->rounds
            ->filter(static fn (Round $round): bool => $round->status !== RoundStatus::Planned && $round->application !== null)
            ->sortBy(static fn (Round $round): int => $round->application?->applied_at->getTimestamp() ?? 0)
            ->last();
        $last = $done?->application?->applied_at->getTimestamp();
        // Rain took what was sprayed last, which of two remedies in turn may be the other one.
        $washed = $this->washed($garden, $core, $core->mixOf($done === null ? 0 : abs($done->number - ($next->number ?? 1))), $last, $now);
        $rhythm = Rhythm::written($course->every_days, $course->times);
        $rounds = array_map(
            static fn (Round $round): OpenRound => new OpenRound(
                $round->due_on->toDateString(),
                abs($round->number - ($next->number ?? 1)),
                $round->due_hour,
            ),
            $open,
        );
        $all ??= $this->neighbours->courses($garden);
        $neighbours = $this->neighbours->among($garden, $all, $course->id, $course->plantings, $course->sprayer_id, $core->mixes);
        $isWashed = $washed?->lost === 'all';
        $moves = $this->replanner->replan($core, $rhythm, $rounds, $last, $isWashed, $forecast, $now->getTimestamp(), $neighbours);
        $words = new RoundWords($this->catalogue, WeatherUnits::of($garden->units));
        $news = array_filter([$this->news($washed)]);
        $found = [];
        foreach ($moves as $move) {
            $round = $open[$move->round];
            if ($move->slot === null) {
                $against = $move->against === null ? '' : $words->against($move->against);
                $news[] = $this->say('stuck', [
                    'n' => $round->number,
                    'day' => CarbonImmutable::parse($move->from)->format('j F'),
                    'why' => $against === '' ? 'none' : $against,
                ]);
            } else {
                $found[] = new ReplanMoveResource(
                    $round->id,
                    $round->number,
                    $move->from,
                    $move->to,
                    CarbonImmutable::createFromTimestamp($move->slot->from, $garden->time_zone)->hour,
                    $this->why($move, $open, $washed, $words),
                );
            }
        }

        return new ReplanResource($course->id, $this->name($course), $news === [] ? null : implode(' ', $news), $found);
    }

    private function name(Course $course): string
    {
        return $course->target === null
            ? $course->recipe->name
            : Say::it('rounds.against', ['remedy' => $course->recipe->name, 'target' => $this->targets->named($course->target)->name]);
    }

    /** Made-up weather moves no real round. */
    private function forecast(Garden $garden, CarbonImmutable $now): Forecast
    {
        return $this->provider->isTrue($garden)
            ? $this->provider->forecast($garden, $now->getTimestamp(), $now->getTimestamp() + self::AHEAD_DAYS * 86400)
            : Forecast::of([]);
    }

    private function washed(Garden $garden, CoreCourse $course, Mix $mix, ?int $last, CarbonImmutable $now): ?WashOff
    {
        if ($last === null || $last < $now->getTimestamp() - self::BACK_DAYS * 86400) {
            return null;
        }
        $happened = $this->provider->happened($garden, $last, $now->getTimestamp());
        $windows = (new HourJudge($this->windows, $course->place, $happened))->windowsOf($mix, $course->isBareWood());

        return WashOff::of($windows, $happened, $last, $now->getTimestamp(), $course->isIndoors());
    }

    private function news(?WashOff $washed): ?string
    {
        return match ($washed?->lost) {
            'all' => $this->say('washed', ['hours' => (int) ($washed->after ?? 0.0), 'mm' => $washed->rain]),
            'partly' => $this->say('partly', ['mm' => $washed->rain]),
            default => null,
        };
    }

    /** @param  list<Round>  $open  with their course and its plantings loaded */
    private function why(Move $move, array $open, ?WashOff $washed, RoundWords $words): string
    {
        $day = CarbonImmutable::parse($move->from)->format('j F');

        return match ($move->why) {
            'washed' => $this->news($washed) ?? '',
            'weather' => $this->say('weather', ['day' => $day, 'why' => $move->against === null ? '' : $words->against($move->against)]),
            'missed' => $open[$move->round]->done_planting_ids === []
                ? $this->say('missed', ['day' => $day])
                : $this->say('part', [
                    'names' => $open[$move->round]->open()->map(static fn (Planting $one): string => $one->name)->join(', ', ' and '),
                ]),
            default => $this->say('follows', []),
        };
    }

    /** @param  array<string, string|int|float>  $params */
    private function say(string $key, array $params): string
    {
        return $this->catalogue->say(Message::of("course.replan.$key", $params));
    }
}
