<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Round;

use DateTimeImmutable;
use DateTimeZone;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\Hour\SprayWindows;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Planning\Course\Course;
use Nebbia\Core\Planning\Course\PlantConditions;
use Nebbia\Core\Planning\Course\Rhythm;
use Nebbia\Core\Planning\Hour\HarvestTime;
use Nebbia\Core\Planning\Hour\HourJudge;
use Nebbia\Core\Planning\Hour\HourWord;
use Nebbia\Core\Planning\Hour\Slot;
use Nebbia\Core\Planning\Hour\SlotFinder;
use Nebbia\Core\Weather\Forecast;

/** What each day would mean for one round: the same hours, gaps and neighbours that the plan goes by, said before it is moved. */
final class Outlook
{
    /** Hour at which a round is taken to be where no hour will do. */
    private const EVENING = 18;

    public function __construct(private readonly SprayWindows $windows, private readonly HarvestTime $harvest) {}

    /**
     * @param  Course  $course  from the day on that is to be looked at; its first mix is that of the round
     * @param  int|null  $before  when the round before was or will be, seconds since 1970
     * @param  int|null  $after  when the one after will be
     * @param  list<NeighbourRound>  $neighbours
     * @param  int|null  $readyAt  until then what it takes is not made
     * @return list<DayOutlook>
     */
    public function days(
        Course $course,
        Rhythm $rhythm,
        ?int $before,
        ?int $after,
        array $neighbours,
        ?int $readyAt,
        Forecast $forecast,
        int $now,
        int $days,
    ): array {
        $judge = new HourJudge($this->windows, $course->place, $forecast);
        $mix = $course->mixes[0];
        $windows = $judge->windowsOf($mix, $course->isBareWood());
        $taken = array_values(
            array_map(
                static fn (NeighbourRound $one): array => [$one->from, $one->to],
                array_filter($neighbours, static fn (NeighbourRound $one): bool => $one->sameSprayer),
            ),
        );
        $slots = [];
        foreach ((new SlotFinder($judge))->find($course, $mix, $days, $now, $taken) as $slot) {
            // Of a morning and an evening that are as good the evening: nobody has to get up for it.
            if (! isset($slots[$slot->day]) || $slot->worth >= $slots[$slot->day]->worth) {
                $slots[$slot->day] = $slot;
            }
        }
        $start = DateTimeImmutable::createFromFormat('!Y-m-d', $course->start, $course->place->zone);
        $list = [];
        for ($n = 0; $n < $days && $start !== false; $n++) {
            $day = $start->modify("+$n days");
            $slot = $slots[$day->format('Y-m-d')] ?? null;
            $at = $slot->from ?? $day->setTime(self::EVENING, 0)->getTimestamp();
            $against = $slot === null ? $judge->judge($windows, PlantConditions::of($course), $at) : $slot->hours[0];
            $consequences = [
                ...$this->ofHour($slot, $day->setTime(23, 59)->getTimestamp() < $now),
                ...self::ofGaps($rhythm, $at, $before, $after),
                ...self::ofNeighbours($neighbours, $slot, $at, $course->place->zone),
                ...$this->ofHarvest($course, $mix, $at),
                ...$readyAt !== null && $at < $readyAt ? [Consequence::of('not-ready', Severity::Caution)] : [],
            ];
            usort($consequences, static fn (Consequence $a, Consequence $b): int => $b->severity->rank() <=> $a->severity->rank());
            $list[] = new DayOutlook(
                $day->format('Y-m-d'),
                $slot,
                $against,
                $consequences,
                self::score($slot, $rhythm, $at, $before, $after, $consequences),
            );
        }

        return $list;
    }

    /** @return list<Consequence> */
    private function ofHour(?Slot $slot, bool $isOver): array
    {
        return match (true) {
            $isOver => [Consequence::of('over', Severity::Stop)],
            $slot === null => [Consequence::of('no-hour', Severity::Stop)],
            $slot->hours[0]->word === HourWord::Poor => [Consequence::of('poor', Severity::Notice)],
            default => [],
        };
    }

    /** @return list<Consequence> */
    private static function ofGaps(Rhythm $rhythm, int $at, ?int $before, ?int $after): array
    {
        $found = [];
        $gaps = [
            'before' => $before === null ? null : ($at - $before) / 86_400.0,
            'after' => $after === null ? null : ($after - $at) / 86_400.0,
        ];
        foreach ($gaps as $which => $gap) {
            if ($gap === null) {
                continue;
            }
            $params = ['which' => $which, 'gap' => $gap, 'days' => $rhythm->days, 'least' => RoundPlacer::leastGap($rhythm)];
            if ($gap < 0.0) {
                $found[] = Consequence::of('order', Severity::Stop, $params);
            } elseif ($gap < RoundPlacer::leastGap($rhythm) - 0.5) {
                $found[] = Consequence::of('too-soon', Severity::Caution, $params);
            } elseif ($gap - $rhythm->days > 0.6) {
                $found[] = Consequence::of('too-late', Severity::Caution, $params);
            }
        }

        return $found;
    }

    /**
     * @param  list<NeighbourRound>  $neighbours
     * @return list<Consequence>
     */
    private static function ofNeighbours(array $neighbours, ?Slot $slot, int $at, DateTimeZone $zone): array
    {
        $found = [];
        foreach ($neighbours as $one) {
            if ($one->daysApart > 0.0 && abs($at - $one->from) < $one->daysApart * 86400.0) {
                $found[] = Consequence::of('clash', Severity::Caution, ['name' => $one->name, 'days' => $one->daysApart]);
            }
            if ($one->samePlants && self::isSameDay($one->from, $at, $zone)) {
                $found[] = Consequence::of('same-day', Severity::Caution, ['name' => $one->name]);
            }
            if ($one->sameSprayer && $slot !== null && abs($slot->from - $one->from) < 86400 / 2) {
                $found[] = Consequence::of('sprayer', Severity::Notice, ['name' => $one->name]);
            }
        }

        return $found;
    }

    private static function isSameDay(int $one, int $other, DateTimeZone $zone): bool
    {
        [$from, $to] = NeighbourRound::day($one, $zone);

        return $other >= $from && $other < $to;
    }

    /** @return list<Consequence> */
    private function ofHarvest(Course $course, Mix $mix, int $at): array
    {
        foreach ($this->harvest->taken($course, $mix) as [$from, $to]) {
            if ($at >= $from && $at < $to) {
                return [Consequence::of('harvest', Severity::Caution)];
            }
        }

        return [];
    }

    /** @param  list<Consequence>  $consequences */
    private static function score(?Slot $slot, Rhythm $rhythm, int $at, ?int $before, ?int $after, array $consequences): float
    {
        $score = $slot->worth ?? -10.0;
        foreach ([$before === null ? null : ($at - $before) / 86400.0, $after === null ? null : ($after - $at) / 86400.0] as $gap) {
            $score -= $gap === null ? 0.0 : RoundPlacer::penalty($gap, $rhythm);
        }
        foreach ($consequences as $one) {
            $score -= match ($one->severity) {
                Severity::Stop => 10.0,
                Severity::Caution => 1.0,
                default => 0.0,
            };
        }

        return $score;
    }
}
