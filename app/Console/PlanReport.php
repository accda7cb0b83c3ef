<?php

declare(strict_types=1);

namespace App\Console;

use Carbon\CarbonImmutable;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Making\StockBatch;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Planning\Course\Course;
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
    public function __construct(
        private LookAfter $after,
        private Catalogue $catalogue,
        private MakeAhead $ahead,
    ) {}

    /** @return array<string, mixed> */
    public function toArray(CoursePlan $plan, Forecast $forecast): array
    {
        $words = new RoundWords($this->catalogue, WeatherUnits::of(UnitSystem::Metric));
        $course = $plan->course;

        return [
            'interval_days' => $plan->rhythm->days,
            'number' => $plan->rhythm->number,
            'because' => $this->because($plan),
            'rounds' => array_map(fn (PlannedRound $round): array => [
                'from' => self::time($course, $round->slot->from), 'to' => self::time($course, $round->slot->to), 'score' => round($round->slot->worth, 3),
                'because' => $words->because($round, $plan->rhythm, $forecast), 'gap_days' => $round->gap, 'late' => $round->isLate,
                'recipe' => $course->mixOf($round->number - 1)->recipe->name,
            ], $plan->rounds),
            'preparations' => array_map(fn (StockBatch $batch): array => $this->batch($course, $batch), $this->ahead->of($plan, CarbonImmutable::createFromTimestamp($plan->rounds[0]->slot->from ?? 0, $course->place->zone))),
            'look_hours' => $this->look($plan),
            'end' => $this->catalogue->say(Message::of('course.end', ['number' => $plan->rhythm->number])),
            'score' => round($plan->score, 3),
            'bound' => round($plan->bound, 3),
        ];
    }

    public function text(CoursePlan $plan, Forecast $forecast): string
    {
        $data = $this->toArray($plan, $forecast);
        $lines = [$plan->course->target->name, '', wordwrap($this->because($plan), 100), ''];
        $words = new RoundWords($this->catalogue, WeatherUnits::of(UnitSystem::Metric));
        foreach ($plan->rounds as $round) {
            $from = CarbonImmutable::createFromTimestamp($round->slot->from, $plan->course->place->zone);
            $lines[] = sprintf('  %d  %s to %s  %s', $round->number, $from->format('D j M, H:i'), CarbonImmutable::createFromTimestamp($round->slot->to, $plan->course->place->zone)->format('H:i'), $words->because($round, $plan->rhythm, $forecast));
        }
        foreach ($this->ahead->of($plan, CarbonImmutable::createFromTimestamp($plan->rounds[0]->slot->from ?? 0, $plan->course->place->zone)) as $batch) {
            $batch = $this->batch($plan->course, $batch);
            $lines[] = "  {$batch['what']}, {$batch['start']}: {$batch['because']}";
        }

        return implode("\n", [...$lines, '', $this->catalogue->say(Message::of('course.look', ['hours' => (int) $this->look($plan)])).' '.$data['end'], '']);
    }

    private function because(CoursePlan $plan): string
    {
        $said = (new RoundWords($this->catalogue, WeatherUnits::of(UnitSystem::Metric)))->rhythm($plan->rhythm);

        return $plan->isShort() ? "$said ".$this->catalogue->say(Message::of('course.short', ['n' => count($plan->rounds), 'number' => $plan->rhythm->number])) : $said;
    }

    /** @return array{what: string, start: string, ready: string, because: string} */
    private function batch(Course $course, StockBatch $batch): array
    {
        return [
            'what' => $this->catalogue->say(Message::of('course.task.start', ['name' => $this->catalogue->say($batch->kind->name())])),
            'start' => self::time($course, $batch->startAt->getTimestamp()),
            'ready' => self::time($course, $batch->readyAt->getTimestamp()),
            'because' => $this->catalogue->say(Message::of('course.task.because', [
                'length' => $this->catalogue->say(Length::of($batch->kind->hours->likely)),
                'day' => CarbonImmutable::instance($batch->readyAt)->setTimezone($course->place->zone)->format('j F'),
                'amount' => PreciseWords::volume($batch->wantedMl, UnitSystem::Metric),
            ])),
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
