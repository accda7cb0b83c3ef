<?php

declare(strict_types=1);

namespace App\Rounds\Queries;

use App\Making\Queries\PlanMakings;
use App\Models\Course;
use App\Models\Garden;
use App\Models\Round;
use App\Models\RoundStatus;
use App\Rounds\CourseInCore;
use App\Rounds\Resources\CourseMarkResource;
use App\Rounds\Resources\CourseWindowsResource;
use App\Rounds\Resources\LanesResource;
use App\Rounds\Resources\WindowDayResource;
use App\Weather\ForecastProvider;
use App\Weather\Queries\ShowWeatherDays;
use Carbon\CarbonImmutable;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Judgement\Hour\SprayWindows;
use Nebbia\Core\Mixing\FinalStrength;
use Nebbia\Core\Planning\Course\Course as CoreCourse;
use Nebbia\Core\Planning\Hour\HourJudge;
use Nebbia\Core\Planning\Hour\LookAfter;
use Nebbia\Core\Planning\Hour\Slot;
use Nebbia\Core\Planning\Hour\SlotFinder;
use Nebbia\Core\Weather\Forecast;

/** What the lanes of the courses show beside their rounds: weather, windows, makings to be started and looks. */
final readonly class ShowLanes
{
    /** Days of the forecast that are worth a word. */
    private const DAYS = 10;

    public function __construct(
        private ShowWeatherDays $weather,
        private ForecastProvider $provider,
        private CourseInCore $courses,
        private SprayWindows $windows,
        private LookAfter $after,
        private PlanMakings $makings,
        private Catalogue $catalogue,
    ) {}

    public function __invoke(Garden $garden): LanesResource
    {
        $now = $garden->now();
        $from = $now->getTimestamp();
        $forecast = $this->provider->isTrue($garden)
            ? $this->provider->forecast($garden, $from, $from + self::DAYS * 86400)
            : Forecast::of([]);
        $open = static fn ($rounds) => $rounds->where('status', RoundStatus::Planned);
        $courses = $garden
            ->courses()
            ->whereHas('rounds', $open)
            ->with(['recipe', 'other', 'sprayer', 'plantings', 'rounds' => $open])
            ->get();
        $windows = $marks = [];
        $judge = null;
        foreach ($courses as $course) {
            $core = $this->core($garden, $course, $now);
            if ($core === null) {
                continue;
            }
            $judge ??= new HourJudge($this->windows, $core->place, $forecast);
            $windows[] = new CourseWindowsResource(
                $course->id,
                $forecast->isEmpty() ? [] : $this->days(new SlotFinder($judge), $core, $from),
            );
            foreach ($course->rounds as $round) {
                $marks[] = $this->look($garden, $course, $core, $round);
            }
        }

        return new LanesResource(($this->weather)($garden), $windows, [...$marks, ...$this->starts($garden, $courses)]);
    }

    private function core(Garden $garden, Course $course, CarbonImmutable $now): ?CoreCourse
    {
        try {
            return $this->courses->stored(
                $garden,
                $course,
                $now->setTimezone($garden->time_zone)->toDateString(),
                $course->rounds->firstOrFail()->number,
            );
        } catch (BadInput) {
            return null;
        }
    }

    /** @return list<WindowDayResource> */
    private function days(SlotFinder $finder, CoreCourse $course, int $now): array
    {
        $best = [];
        foreach ($finder->find($course, $course->mixes[0], self::DAYS, $now) as $slot) {
            if (! isset($best[$slot->day]) || $slot->worth > $best[$slot->day]->worth) {
                $best[$slot->day] = $slot;
            }
        }
        $days = [];
        for ($n = 0; $n < self::DAYS; $n++) {
            $day = CarbonImmutable::parse($course->start)->addDays($n)->toDateString();
            $slot = $best[$day] ?? null;
            $days[] = new WindowDayResource($day, $slot instanceof Slot ? $slot->hours[0]->word->value : 'no');
        }

        return $days;
    }

    private function look(Garden $garden, Course $course, CoreCourse $core, Round $round): CourseMarkResource
    {
        $mix = $core->mixOf($round->number - $course->rounds->firstOrFail()->number);
        $hours = $this->after->hours(array_map(static fn (FinalStrength $one): string => $one->substance->id, $mix->strengths));
        $on = $round->dueAt($garden->time_zone)->addHours((int) $hours)->toDateString();

        return new CourseMarkResource(
            $course->id,
            'look',
            $on,
            $this->catalogue->say(Message::of('course.mark.look', ['n' => $round->number, 'hours' => $hours])),
        );
    }

    /**
     * @param  iterable<Course>  $courses
     * @return list<CourseMarkResource>
     */
    private function starts(Garden $garden, iterable $courses): array
    {
        $of = [];
        foreach ($courses as $course) {
            foreach ($course->rounds as $round) {
                $of[$round->id] = $course->id;
            }
        }
        $marks = [];
        foreach ($this->makings->batches($garden) as $batch) {
            $course = $batch->needs === [] ? null : $of[$batch->needs[0]->round] ?? null;
            if ($course !== null && $batch->kind->hours->likely > 0.0) {
                $day = CarbonImmutable::instance($batch->startAt)->setTimezone($garden->time_zone)->toDateString();
                $marks[] = new CourseMarkResource(
                    $course,
                    'start',
                    $day,
                    $this->catalogue->say(Message::of('making.task.start', ['name' => $this->catalogue->say($batch->kind->name())])),
                );
            }
        }

        return $marks;
    }
}
