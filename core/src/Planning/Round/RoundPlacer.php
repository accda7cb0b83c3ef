<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Round;

use Nebbia\Core\Planning\Course\Rhythm;
use Nebbia\Core\Planning\Hour\Slot;

/**
 * Places the rounds of one course: of all ways to choose slots the one with the highest sum of worth, less 0.15 for each day that the first
 * is put off, 0.03 for each day that a round comes sooner than it must, and 1 and 0.1 a day where it comes later than it may. Found
 * exactly, by going over the slots once for each round.
 */
final class RoundPlacer
{
    public const WAIT = 0.15;

    public const SOON = 0.03;

    public const LATE = 1.0;

    public const LATE_DAY = 0.1;

    /** Days, for hours that do not fall on the same minute. */
    private const TOLERATED = 0.05;

    /** Days after a round until the plant bears the next. */
    public const LEAST_GAP = 3.0;

    /** Beyond this a round is put off no further: the course is broken off there. */
    private const MOST_LATE = 10.0;

    /**
     * @param  list<list<Slot>>  $slots  for each mix that takes turns
     * @param  int  $start  seconds since 1970
     * @return array{list<Slot>, float} the chosen slots and the sum; fewer than wanted where there is no other way
     */
    public static function place(array $slots, Rhythm $rhythm, int $start): array
    {
        for ($number = $rhythm->number; $number > 0; $number--) {
            $found = self::exactly($slots, $rhythm, $number, $start);
            if ($found !== null) {
                return $found;
            }
        }

        return [[], 0.0];
    }

    /**
     * What no way to choose hours can exceed: as if each round had the best hour of its half of the day, and between two rounds were
     * whatever of their halves' hours suits best.
     *
     * @param  list<list<Slot>>  $slots
     */
    public static function bound(array $slots, Rhythm $rhythm, int $start): float
    {
        $least = self::leastGap($rhythm) * 86400.0 - 1.0;
        $most = ($rhythm->days + self::MOST_LATE + 1.0) * 86400.0;
        $days = $rhythm->days;
        $wished = $days * 86400.0;
        $turns = count($slots);
        $before = [];
        foreach ($slots[0] as $i => $slot) {
            $before[$i] = $slot->worth - self::WAIT * max(0.0, floor(($slot->earliest - $start) / 86400.0));
        }
        $bound = $before === [] ? 0.0 : max($before);
        for ($round = 1; $round < $rhythm->number && $before !== []; $round++) {
            $now = [];
            $earlier = $slots[($round - 1) % $turns];
            $top = self::tops($before, count($earlier));
            $near = -1;
            foreach ($slots[$round % $turns] as $i => $slot) {
                while (isset($earlier[$near + 1]) && $slot->latest - $earlier[$near + 1]->earliest >= $least) {
                    $near++;
                }
                $best = null;
                for ($j = $near; $j >= 0; $j--) {
                    $gap = $slot->latest - $earlier[$j]->earliest;
                    $shortest = $slot->earliest - $earlier[$j]->latest;
                    // As long as the interval where the two halves allow that.
                    $gap = $gap < $wished ? $gap : ($shortest > $wished ? $shortest : $wished);
                    // penalty(), which would be called too often.
                    $over = $gap / 86400.0 - $days;
                    $penalty = $over > self::TOLERATED ? self::LATE + self::LATE_DAY * $over : ($over < 0.0 ? -self::SOON * $over : 0.0);
                    if ($shortest > $most || ($penalty >= self::LATE && $best !== null && $best >= $top[$j] + $slot->worth - $penalty)) {
                        break;
                    }
                    if (isset($before[$j]) && ($best === null || $best < $before[$j] + $slot->worth - $penalty)) {
                        $best = $before[$j] + $slot->worth - $penalty;
                    }
                }
                if ($best !== null) {
                    $now[$i] = $best;
                }
            }
            $before = $now;
            $bound = $before === [] ? $bound : max($before);
        }

        return $bound;
    }

    /**
     * What a choice of slots comes to.
     *
     * @param  list<Slot>  $chosen
     */
    public static function score(array $chosen, Rhythm $rhythm, int $start): float
    {
        $sum = 0.0;
        foreach ($chosen as $n => $slot) {
            $sum +=
                $slot->worth -
                ($n === 0
                    ? self::WAIT * self::wait($slot, $start)
                    : self::penalty(($slot->from - $chosen[$n - 1]->from) / 86400.0, $rhythm));
        }

        return $sum;
    }

    public static function leastGap(Rhythm $rhythm): float
    {
        return min(self::LEAST_GAP, $rhythm->days);
    }

    public static function isLate(float $gap, Rhythm $rhythm): bool
    {
        return $gap - $rhythm->days > self::TOLERATED;
    }

    /**
     * @param  list<list<Slot>>  $slots
     * @return array{list<Slot>, float}|null
     */
    private static function exactly(array $slots, Rhythm $rhythm, int $number, int $start): ?array
    {
        $least = self::leastGap($rhythm) * 86400.0 - 1.0;
        $most = ($rhythm->days + self::MOST_LATE) * 86400.0;
        $days = $rhythm->days;
        $turns = count($slots);
        $best = [];
        $from = [];
        foreach ($slots[0] as $i => $slot) {
            $best[0][$i] = $slot->worth - self::WAIT * self::wait($slot, $start);
        }
        for ($round = 1; $round < $number; $round++) {
            $before = $slots[($round - 1) % $turns];
            $last = $best[$round - 1] ?? [];
            $top = self::tops($last, count($before));
            $near = -1;
            foreach ($slots[$round % $turns] as $i => $slot) {
                while (isset($before[$near + 1]) && $slot->from - $before[$near + 1]->from >= $least) {
                    $near++;
                }
                // From the nearest backwards: the further back, the later, until nothing before can make up for it.
                $found = null;
                for ($j = $near; $j >= 0; $j--) {
                    $gap = $slot->from - $before[$j]->from;
                    // penalty(), which would be called too often.
                    $over = $gap / 86400.0 - $days;
                    $penalty = $over > self::TOLERATED ? self::LATE + self::LATE_DAY * $over : ($over < 0.0 ? -self::SOON * $over : 0.0);
                    if ($gap > $most || ($penalty >= self::LATE && $found !== null && $found >= $top[$j] + $slot->worth - $penalty)) {
                        break;
                    }
                    if (isset($last[$j]) && ($found === null || $found + 1e-9 < $last[$j] + $slot->worth - $penalty)) {
                        $found = $last[$j] + $slot->worth - $penalty;
                        $from[$round][$i] = $j;
                    }
                }
                if ($found !== null) {
                    $best[$round][$i] = $found;
                }
            }
        }
        $last = $best[$number - 1] ?? [];
        if ($last === []) {
            return null;
        }
        $i = array_keys($last, max($last), true)[0];
        $sum = $last[$i];
        $chosen = [];
        for ($round = $number - 1; $round >= 0; $round--) {
            $chosen[] = $slots[$round % $turns][$i];
            $i = $from[$round][$i] ?? 0;
        }

        return [array_reverse($chosen), $sum];
    }

    /**
     * The most that any slot up to each has come to.
     *
     * @param  array<int, float>  $best
     * @return array<int, float>
     */
    private static function tops(array $best, int $count): array
    {
        $tops = [];
        $most = -INF;
        for ($n = 0; $n < $count; $n++) {
            $most = max($most, $best[$n] ?? -INF);
            $tops[$n] = $most;
        }

        return $tops;
    }

    private static function wait(Slot $slot, int $start): float
    {
        return floor(($slot->from - $start) / 86400.0);
    }

    public static function penalty(float $gap, Rhythm $rhythm): float
    {
        $over = $gap - $rhythm->days;

        // As isLate() has it; asked so often that it is not called.
        return $over > self::TOLERATED ? self::LATE + self::LATE_DAY * $over : ($over < 0.0 ? -self::SOON * $over : 0.0);
    }
}
