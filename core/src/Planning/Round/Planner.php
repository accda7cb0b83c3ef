<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Round;

use DateTimeImmutable;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Judgement\Compatibility\Spacing;
use Nebbia\Core\Judgement\Hour\SprayWindows;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Planning\Course\Course;
use Nebbia\Core\Planning\Course\CoursePlanting;
use Nebbia\Core\Planning\Course\PlantConditions;
use Nebbia\Core\Planning\Course\Rhythm;
use Nebbia\Core\Planning\Hour\HarvestTime;
use Nebbia\Core\Planning\Hour\HourJudge;
use Nebbia\Core\Planning\Hour\JudgedHour;
use Nebbia\Core\Planning\Hour\Slot;
use Nebbia\Core\Planning\Hour\SlotFinder;
use Nebbia\Core\Weather\Climate;
use Nebbia\Core\Weather\Forecast;

/**
 * Plans courses side by side: each as it would be best by itself, then those that have least choice first around each other, so that no two
 * hold the same sprayer at once and none follows on the same plants what it must not. The order in which they are given changes nothing.
 */
final class Planner
{
    /** Days of weather that the life cycle is worked out for. */
    private const OUTLOOK = 14;

    private const PASSES = 2;

    public function __construct(
        private readonly SprayWindows $windows,
        private readonly Spacing $spacing,
        private readonly HarvestTime $harvest,
        private readonly Bearing $bearing,
    ) {}

    /**
     * @param  list<Course>  $courses
     * @param  int|null  $notBefore  seconds since 1970: nothing is planned into what is over
     * @param  list<NeighbourRound>  $neighbours  rounds that stand already, which all of these courses go round
     * @return array<string, CoursePlan> course => plan
     */
    public function plan(array $courses, Forecast $forecast, ?int $notBefore = null, array $neighbours = []): array
    {
        $this->neighbours = $neighbours;
        $open = [];
        foreach ($courses as $course) {
            $open[$course->id] = $this->alone($course, $forecast, $notBefore);
        }
        // Least choice first; of equal ones by name.
        uksort($open, static fn (string $a, string $b): int => [count($open[$a][1][0]), $a] <=> [count($open[$b][1][0]), $b]);
        $plans = [];
        foreach (array_keys($open) as $id) {
            $plans[$id] = $this->around($open[$id], $plans, $forecast, $notBefore);
        }
        // Those placed first did not know of the rest: each is placed anew among all others while that gains anything.
        for ($pass = 0, $gained = true; $gained && $pass < self::PASSES; $pass++) {
            $gained = false;
            foreach (array_keys($open) as $id) {
                if ($plans[$id]->isFree) {
                    continue;
                }
                $anew = $this->around($open[$id], array_diff_key($plans, [$id => 1]), $forecast, $notBefore);
                if ($anew->score > $plans[$id]->score + 1e-9) {
                    $plans[$id] = $anew;
                    $gained = true;
                }
            }
        }
        ksort($plans);

        return $plans;
    }

    /**
     * @param  array{Course, non-empty-list<list<Slot>>, Rhythm, int, float, list<Slot>, float}  $open
     * @param  array<string, CoursePlan>  $plans  that it has to go round
     */
    private function around(array $open, array $plans, Forecast $forecast, ?int $notBefore): CoursePlan
    {
        [$course, $slots, $rhythm, $start, $bound, $wished, $best] = $open;
        $taken = array_map(fn (int $turn): array => $this->taken($course, $turn, $plans), array_keys($slots));
        if (! self::collides($wished, $taken)) {
            // What is best by itself is free: nothing can be better.
            return new CoursePlan($course, $rhythm, $this->rounds($course, $rhythm, $wished, $forecast), $best, $bound);
        }
        $free = array_map(
            fn (array $some, int $turn): array => $taken[$turn] === []
                ? $some
                : $this->finder($course, $forecast)->find($course, $course->mixes[$turn], self::days($rhythm), $notBefore, [
                    ...$taken[$turn],
                    ...$this->standing($course, $course->mixes[$turn]),
                ]),
            $slots,
            array_keys($slots),
        );
        [$chosen, $score] = RoundPlacer::place($free, $rhythm, $start);

        return new CoursePlan($course, $rhythm, $this->rounds($course, $rhythm, $chosen, $forecast), $score, $bound, false);
    }

    /**
     * @param  list<Slot>  $chosen
     * @param  non-empty-list<list<array{int, int}>>  $taken  for each mix that takes turns
     */
    private static function collides(array $chosen, array $taken): bool
    {
        foreach ($chosen as $n => $slot) {
            foreach ($taken[$n % count($taken)] as [$from, $to]) {
                if ($slot->from < $to && $slot->to > $from) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * What each hour is worth for a round of a course.
     *
     * @return iterable<JudgedHour>
     */
    public function hours(Course $course, Forecast $forecast, int $from, int $to, int $round = 0): iterable
    {
        $judge = $this->judge($course, $forecast);
        $windows = $judge->windowsOf($course->mixOf($round), $course->isBareWood());
        for ($at = $from - ($from % Forecast::HOUR); $at < $to; $at += Forecast::HOUR) {
            yield $judge->judge($windows, PlantConditions::of($course), $at);
        }
    }

    /**
     * @return array{Course, non-empty-list<list<Slot>>, Rhythm, int, float, list<Slot>, float} with the bound, and what is best by itself
     */
    private function alone(Course $course, Forecast $forecast, ?int $notBefore): array
    {
        $start = self::midnight($course->start, $course);
        $foretold = $course->isIndoors()
            ? ($course->room ?? $this->windows->room)->mean()
            : $forecast->meanTemperature($start, $start + self::OUTLOOK * 86400);
        $mean = $foretold ?? (new Climate($course->place))->meanBetween($start, $start + self::OUTLOOK * 86400);
        $rhythm = Rhythm::of($course->target, $mean, $course->purpose, $foretold === null) ?? self::written($course);
        $rhythm = self::asWritten($course, $this->bearing->bound($course, $rhythm));
        $finder = $this->finder($course, $forecast);
        $slots = array_map(
            fn ($mix): array => $finder->find($course, $mix, self::days($rhythm), $notBefore, $this->standing($course, $mix)),
            $course->mixes,
        );
        $bound = RoundPlacer::bound($slots, $rhythm, max($start, $notBefore ?? $start));

        return [
            $course,
            $slots,
            $rhythm,
            max($start, $notBefore ?? $start),
            $bound,
            ...RoundPlacer::place($slots, $rhythm, max($start, $notBefore ?? $start)),
        ];
    }

    /** @return list<array{int, int}> when it cannot be, whatever else is planned: the harvest, and rounds that stand already */
    private function standing(Course $course, Mix $mix): array
    {
        $taken = $this->harvest->taken($course, $mix);
        foreach ($this->neighbours as $one) {
            array_push($taken, ...$one->taken($course->place->zone));
        }

        return $taken;
    }

    /** @var array<string, SlotFinder> */
    private array $finders = [];

    /** @var array<string, HourJudge> */
    private array $judges = [];

    private ?Forecast $last = null;

    /** @var list<NeighbourRound> */
    private array $neighbours = [];

    private function finder(Course $course, Forecast $forecast): SlotFinder
    {
        $judge = $this->judge($course, $forecast);

        return $this->finders[self::at($course)] ??= new SlotFinder($judge);
    }

    private function judge(Course $course, Forecast $forecast): HourJudge
    {
        if ($this->last !== $forecast) {
            $this->finders = $this->judges = [];
            $this->last = $forecast;
        }

        return $this->judges[self::at($course)] ??= new HourJudge($this->windows, $course->place, $forecast);
    }

    private static function at(Course $course): string
    {
        return $course->place->latitude.','.$course->place->longitude.','.$course->place->zone->getName();
    }

    /** Where nothing is known of the target: as the recipe says, else once, and look. */
    private static function written(Course $course): Rhythm
    {
        $repeat = $course->mixes[0]->recipe->repeat;

        return $repeat === null ? Rhythm::once() : Rhythm::written($repeat->everyDays, $repeat->times ?? 1);
    }

    /** What a recipe says of itself is kept, or it is said that it is not. */
    private static function asWritten(Course $course, Rhythm $rhythm): Rhythm
    {
        $said = $rhythm->bounds;
        foreach ($course->mixes as $mix) {
            $repeat = $mix->recipe->repeat;
            $times = $repeat->times ?? 0;
            if ($repeat === null || (abs($repeat->everyDays - $rhythm->days) < 0.5 && ($times === 0 || $times === $rhythm->number))) {
                continue;
            }
            $said[] = Message::of('course.bears.recipe', [
                'name' => $mix->recipe->name,
                'days' => $repeat->everyDays,
                'times' => $times,
            ]);
        }

        return $said === $rhythm->bounds ? $rhythm : $rhythm->within($rhythm->days, $rhythm->number, $said);
    }

    /**
     * When another course holds the sprayer, or the same plants have what must not come so near.
     *
     * @param  array<string, CoursePlan>  $plans
     * @return list<array{int, int}>
     */
    private function taken(Course $course, int $turn, array $plans): array
    {
        $taken = [];
        foreach ($plans as $plan) {
            $apart = $this->apart($course, $turn, $plan->course);
            foreach ($plan->rounds as $n => $round) {
                if ($course->sprayer !== null && $plan->course->sprayer === $course->sprayer) {
                    $taken[] = [$round->slot->from, $round->slot->to];
                }
                if ($apart !== []) {
                    // No plant is sprayed twice on a day.
                    $taken[] = NeighbourRound::day($round->slot->from, $course->place->zone);
                }
                $days = (int) (86400.0 * ($apart[$n % count($plan->course->mixes)] ?? 0.0));
                if ($days > 0) {
                    $taken[] = [$round->slot->from - $days, $round->slot->to + $days];
                }
            }
        }

        return $taken;
    }

    /** @return array<int, float> mix of the other course => days to keep between, on plants that both are for */
    private function apart(Course $course, int $turn, Course $other): array
    {
        $shared = array_intersect(
            array_map(static fn (CoursePlanting $one): string => $one->id, $course->plantings),
            array_map(static fn (CoursePlanting $one): string => $one->id, $other->plantings),
        );
        if ($shared === []) {
            return [];
        }

        return array_map(fn ($mix): float => $this->spacing->between($course->mixes[$turn], $mix), $other->mixes);
    }

    /**
     * @param  list<Slot>  $chosen
     * @return list<PlannedRound>
     */
    private function rounds(Course $course, Rhythm $rhythm, array $chosen, Forecast $forecast): array
    {
        $rounds = [];
        foreach ($chosen as $n => $slot) {
            $gap = $n === 0 ? null : ($slot->from - $chosen[$n - 1]->from) / 86400.0;
            $rounds[] = new PlannedRound(
                $n + 1,
                $slot,
                $gap,
                $gap !== null && RoundPlacer::isLate($gap, $rhythm),
                ...$this->insteadOf($course, $rhythm, $n, $slot, $chosen[$n - 1] ?? null, $forecast),
            );
        }

        return $rounds;
    }

    /**
     * What was against the hour at which the round would have been by the interval alone: the same time of day, as late as it may be.
     *
     * @return array{JudgedHour|null, bool} and whether the harvest was
     */
    private function insteadOf(Course $course, Rhythm $rhythm, int $n, Slot $slot, ?Slot $before, Forecast $forecast): array
    {
        $time = $slot->from % 86400;
        $start = self::midnight($course->start, $course);
        $wished = $before === null ? $start - ($start % 86400) + $time : $before->from + (int) (floor($rhythm->days) * 86400.0);
        if ($wished < $start) {
            $wished += 86400;
        }
        if (abs($wished - $slot->from) < 43200) {
            return [null, false];
        }
        $judge = $this->judge($course, $forecast);
        $isHarvest = false;
        foreach ($this->harvest->taken($course, $course->mixOf($n)) as [$from, $to]) {
            $isHarvest = $isHarvest || ($wished >= $from && $wished < $to);
        }

        $windows = $judge->windowsOf($course->mixOf($n), $course->isBareWood());

        return [$judge->judge($windows, PlantConditions::of($course), $wished), $isHarvest];
    }

    /** How far ahead slots are looked for. */
    private static function days(Rhythm $rhythm): int
    {
        return (int) ceil($rhythm->number * ($rhythm->days + 3.0)) + 14;
    }

    private static function midnight(string $day, Course $course): int
    {
        $time = DateTimeImmutable::createFromFormat('!Y-m-d', $day, $course->place->zone);

        return $time === false ? 0 : $time->getTimestamp();
    }
}
