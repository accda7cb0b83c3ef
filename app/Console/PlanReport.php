<?php

declare(strict_types=1);

namespace App\Console;

use Carbon\CarbonImmutable;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Making\StockBatch;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Pest\Tactic;
use Nebbia\Core\Planning\Course\Course;
use Nebbia\Core\Planning\Course\CourseJudge;
use Nebbia\Core\Planning\Course\Purpose;
use Nebbia\Core\Planning\Hour\LookAfter;
use Nebbia\Core\Planning\Round\CoursePlan;
use Nebbia\Core\Planning\Round\MakeAhead;
use Nebbia\Core\Planning\Round\PlannedRound;
use Nebbia\Core\Planning\Round\RoundWords;
use Nebbia\Core\Shelf\Length;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\WeatherUnits;

/** Writes a plan down: as JSON, or as a page to read. */
final readonly class PlanReport
{
    /** Where nothing is sprayed, so many weeks are looked. */
    private const LOOKS = 3;

    /** Between two looks for what is not there yet: two to four are usual. */
    private const WEEKS_BETWEEN = 4;

    public function __construct(
        private LookAfter $after,
        private Catalogue $catalogue,
        private MakeAhead $ahead,
        private CourseJudge $judge,
    ) {}

    /**
     * @param  list<Finding>  $findings
     * @return array<string, mixed>
     */
    public function toArray(CoursePlan $plan, Forecast $forecast, array $findings = []): array
    {
        $course = $plan->course;

        return [
            'interval_days' => $plan->rhythm->days,
            'number' => $plan->rhythm->number,
            'because' => $this->because($plan),
            'rounds' => array_map(
                fn (PlannedRound $round): array => [
                    'from' => self::time($course, $round->slot->from),
                    'to' => self::time($course, $round->slot->to),
                    'score' => round($round->slot->worth, 3),
                    'because' => $this->reason($plan, $round, $forecast),
                    'gap_days' => $round->gap,
                    'late' => $round->isLate,
                    'recipe' => $this->recipe($course, $round),
                ],
                $plan->rounds,
            ),
            'preparations' => array_map(
                fn (StockBatch $batch): array => $this->batch($course, $batch),
                $this->ahead->of($plan, CarbonImmutable::createFromTimestamp($plan->rounds[0]->slot->from ?? 0, $course->place->zone)),
            ),
            'findings' => array_map(fn (Finding $finding): array => $finding->toArray($this->catalogue), $findings),
            'looks' => $this->looks($plan),
            'tactics' => $this->tactics($course),
            'look_hours' => $this->look($plan),
            'end' => $this->end($plan),
            'score' => round($plan->score, 3),
            'bound' => round($plan->bound, 3),
        ];
    }

    /** @param  list<Finding>  $findings */
    public function text(CoursePlan $plan, Forecast $forecast, array $findings = []): string
    {
        $lines = [$plan->course->target->name, '', wordwrap($this->because($plan), 100), ''];
        foreach ($plan->rounds as $round) {
            $from = CarbonImmutable::createFromTimestamp($round->slot->from, $plan->course->place->zone);
            $lines[] = sprintf(
                '  %d  %s to %s  %s',
                $round->number,
                $from->format('D j M, H:i'),
                CarbonImmutable::createFromTimestamp($round->slot->to, $plan->course->place->zone)->format('H:i'),
                $this->reason($plan, $round, $forecast),
            );
        }
        $begins = CarbonImmutable::createFromTimestamp($plan->rounds[0]->slot->from ?? 0, $plan->course->place->zone);
        foreach ($this->ahead->of($plan, $begins) as $batch) {
            $batch = $this->batch($plan->course, $batch);
            $lines[] = "  {$batch['what']}, {$batch['start']}: {$batch['because']}";
        }

        foreach ($findings as $finding) {
            $said = $finding->toArray($this->catalogue);
            array_push($lines, '', "  [{$said['severity']}] {$said['what']}", "      {$said['because']}", "      {$said['instead']}");
        }
        foreach ($plan->rounds === [] ? $this->tactics($plan->course) : [] as $tactic) {
            array_push($lines, '', "  {$tactic['name']}: {$tactic['do']}");
        }

        return implode("\n", [
            ...$lines,
            '',
            $plan->isStopped
                ? $this->lookInstead($plan)
                : $this->catalogue->say(Message::of('course.look', ['hours' => (int) $this->look($plan)])).' '.$this->end($plan),
            '',
        ]);
    }

    /** Which of its recipes a round takes. */
    public function recipe(Course $course, PlannedRound $round): string
    {
        return $course->mixOf($round->number - 1)->recipe->name;
    }

    /** Why a round stands where it does. */
    public function reason(CoursePlan $plan, PlannedRound $round, Forecast $forecast): string
    {
        return $this->words()->because($round, $plan->rhythm, $forecast, $plan->course->isIndoors());
    }

    /**
     * When to look: after each round, or once a week where there are none.
     *
     * @return list<array{at: string, because: string}>
     */
    private function looks(CoursePlan $plan): array
    {
        $hours = $this->look($plan);
        if ($plan->rounds !== []) {
            $because = $this->catalogue->say(Message::of('course.look', ['hours' => (int) $hours]));

            return array_map(
                static fn (PlannedRound $round): array => [
                    'at' => self::time($plan->course, $round->slot->from + (int) round(3600 * $hours)),
                    'because' => $because,
                ],
                $plan->rounds,
            );
        }
        $start = CarbonImmutable::parse("{$plan->course->start} 09:00", $plan->course->place->zone);
        $because = $this->lookInstead($plan);
        $weeks = $plan->course->purpose === Purpose::Prevention ? self::WEEKS_BETWEEN : 1;

        return array_map(
            static fn (int $look): array => ['at' => $start->addWeeks($look * $weeks)->toIso8601String(), 'because' => $because],
            range(0, self::LOOKS - 1),
        );
    }

    /** Where nothing is sprayed: every week at what is there, every two to four weeks for what may come. */
    private function lookInstead(CoursePlan $plan): string
    {
        $key = $plan->course->purpose === Purpose::Prevention ? 'monthly-look' : 'weekly-look';

        return $this->catalogue->say(Message::of("course.$key", ['name' => $plan->course->target->name]));
    }

    /** @return list<array{tactic: string, name: string, do: string}> */
    private function tactics(Course $course): array
    {
        return array_map(
            fn (Tactic $tactic): array => [
                'tactic' => $tactic->id,
                'name' => $this->catalogue->sentence($tactic->name()),
                'do' => $this->catalogue->say(Message::of("tactic.$tactic->id.do")),
            ],
            $this->judge->tactics($course),
        );
    }

    private function words(): RoundWords
    {
        return new RoundWords($this->catalogue, WeatherUnits::of(UnitSystem::Metric));
    }

    private function end(CoursePlan $plan): string
    {
        return $this->catalogue->say(Message::of('course.end', ['number' => $plan->rhythm->number]));
    }

    private function because(CoursePlan $plan): string
    {
        if ($plan->isStopped) {
            return $this->catalogue->say(Message::of('course.nothing-planned'));
        }
        $said = $this->words()->rhythm($plan->rhythm);

        return $plan->isShort()
            ? "$said ".
                    $this->catalogue->say(Message::of('course.short', ['n' => count($plan->rounds), 'number' => $plan->rhythm->number]))
            : $said;
    }

    /** @return array{what: string, start: string, ready: string, because: string} */
    private function batch(Course $course, StockBatch $batch): array
    {
        return [
            'what' => $this->catalogue->say(Message::of('course.task.start', ['name' => $this->catalogue->say($batch->kind->name())])),
            'start' => self::time($course, $batch->startAt->getTimestamp()),
            'ready' => self::time($course, $batch->readyAt->getTimestamp()),
            'because' => $this->catalogue->say(
                Message::of('course.task.because', [
                    'length' => $this->catalogue->say(Length::of($batch->kind->hours->likely)),
                    'day' => CarbonImmutable::instance($batch->readyAt)->setTimezone($course->place->zone)->format('j F'),
                    'amount' => PreciseWords::volume($batch->wantedMl, UnitSystem::Metric),
                ]),
            ),
        ];
    }

    /** Hours after a round; of several substances the soonest. */
    private function look(CoursePlan $plan): float
    {
        $substances = [];
        foreach ($plan->course->mixes as $mix) {
            foreach ($mix->strengths as $strength) {
                $substances[] = $strength->substance->id;
            }
        }

        return $this->after->hours($substances);
    }

    private static function time(Course $course, int $at): string
    {
        return CarbonImmutable::createFromTimestamp($at, $course->place->zone)->toIso8601String();
    }
}
