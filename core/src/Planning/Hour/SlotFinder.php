<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Hour;

use DateTimeImmutable;
use DateTimeZone;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Planning\Course\Course;
use Nebbia\Core\Planning\Course\PlantConditions;
use Nebbia\Core\Weather\Forecast;

/**
 * The best hours of each half of a day for a spray, within the gardener's free time. What is found for one course serves all that use the
 * same spray in the same free time.
 */
final class SlotFinder
{
    private const NOON = 13;

    /** @var array<string, array{string, int, array<int, int>}> zone and day => next day, weekday, full hour => hour by the clocks there */
    private array $days = [];

    /** @var array<string, array<string, array{Slot|null, Slot|null}>> */
    private array $found = [];

    public function __construct(private readonly HourJudge $judge) {}

    /**
     * @param  int  $days  how many from the course's start on
     * @param  int|null  $notBefore  seconds since 1970
     * @param  list<array{int, int}>  $taken  times in which it cannot be, from and to
     * @return list<Slot> soonest first
     */
    public function find(Course $course, Mix $mix, int $days, ?int $notBefore = null, array $taken = []): array
    {
        $key = $this->judge->open($this->judge->windowsOf($mix, $course->isBareWood()), PlantConditions::of($course));
        $kept = "$key.{$course->free->key()}.$course->hours.{$course->place->zone->getName()}";
        if ($notBefore !== null) {
            $taken[] = [PHP_INT_MIN, $notBefore];
        }
        $slots = [];
        $day = $course->start;
        for ($n = 0; $n < $days; $n++) {
            $halves = $this->found[$kept][$day] ??= $this->halves($course, $key, $day);
            if ($taken !== [] && $this->touches($course->place->zone, $day, $taken)) {
                $halves = $this->halves($course, $key, $day, $taken);
            }
            foreach ($halves as $slot) {
                if ($slot !== null) {
                    $slots[] = $slot;
                }
            }
            $day = $this->day($course->place->zone, $day)[0];
        }

        return $slots;
    }

    /**
     * @param  list<array{int, int}>  $taken
     * @return array{Slot|null, Slot|null}
     */
    private function halves(Course $course, string $key, string $day, array $taken = []): array
    {
        [, $weekday, $hours] = $this->day($course->place->zone, $day);
        $halves = [[], []];
        foreach ($hours as $at => $hour) {
            if (! $course->free->has($weekday, $hour) || self::isTaken($at, $taken)) {
                continue;
            }
            $judged = $this->judge->at($key, $at);
            if ($judged->word !== HourWord::No) {
                $halves[$hour < self::NOON ? 0 : 1][$at] = $judged;
            }
        }

        return [self::best($halves[0], $course->hours, $day, true), self::best($halves[1], $course->hours, $day, false)];
    }

    /** @param  list<array{int, int}>  $taken */
    private function touches(DateTimeZone $zone, string $day, array $taken): bool
    {
        $hours = array_keys($this->day($zone, $day)[2]);
        $from = $hours[0] ?? 0;
        $to = ($hours[count($hours) - 1] ?? 0) + Forecast::HOUR;
        foreach ($taken as [$begins, $ends]) {
            if ($from < $ends && $to > $begins) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<array{int, int}>  $taken */
    private static function isTaken(int $at, array $taken): bool
    {
        foreach ($taken as [$from, $to]) {
            if ($at < $to && $at + Forecast::HOUR > $from) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array<int, JudgedHour>  $hours  that may be, of half a day
     * @param  bool  $late  of hours that are as good the last, so that nobody gets up at five for what can wait until eight
     */
    private static function best(array $hours, int $length, string $day, bool $late): ?Slot
    {
        $chosen = $first = $last = null;
        $most = 0.0;
        foreach ($hours as $from => $hour) {
            $worth = self::worth($hour);
            for ($n = 1; $n < $length; $n++) {
                $next = $hours[$from + $n * Forecast::HOUR] ?? null;
                if ($next === null) {
                    continue 2;
                }
                $worth += self::worth($next);
            }
            $worth /= $length;
            $first ??= $from;
            $last = $from;
            if ($chosen === null || $worth > $most + ($late ? -1e-9 : 1e-9)) {
                [$chosen, $most] = [$from, $worth];
            }
        }
        if ($chosen === null || $first === null || $last === null) {
            return null;
        }
        $run = [];
        for ($n = 0; $n < $length; $n++) {
            $run[] = $hours[$chosen + $n * Forecast::HOUR];
        }

        return new Slot($chosen, $chosen + $length * Forecast::HOUR, max(0.05, $most), $day, $run, $first, $last);
    }

    /** Of poor hours those with less against them are worth more. */
    public static function worth(JudgedHour $hour): float
    {
        return $hour->word->worth() - 0.02 * max(0, count($hour->objections) - 1);
    }

    /** @return array{string, int, array<int, int>} next day, weekday, full hour => hour by the clocks there */
    private function day(DateTimeZone $zone, string $day): array
    {
        $key = $zone->getName().$day;
        if (! isset($this->days[$key])) {
            $midnight = DateTimeImmutable::createFromFormat('!Y-m-d', $day, $zone);
            if ($midnight === false) {
                return ['', 1, []];
            }
            $next = $midnight->modify('+1 day');
            $hours = [];
            // Full hours as the world counts them: in zones with half hours they begin between those of the clock.
            for (
                $at = (int) ceil($midnight->getTimestamp() / Forecast::HOUR) * Forecast::HOUR;
                $at < $next->getTimestamp();
                $at += Forecast::HOUR
            ) {
                $hours[$at] = (int) $midnight->setTimestamp($at)->format('G');
            }
            $this->days[$key] = [$next->format('Y-m-d'), (int) $midnight->format('N'), $hours];
        }

        return $this->days[$key];
    }
}
