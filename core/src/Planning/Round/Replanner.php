<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Round;

use DateTimeImmutable;
use Nebbia\Core\Judgement\Hour\SprayWindows;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Planning\Course\Course;
use Nebbia\Core\Planning\Course\PlantConditions;
use Nebbia\Core\Planning\Course\Rhythm;
use Nebbia\Core\Planning\Hour\HourJudge;
use Nebbia\Core\Planning\Hour\HourWord;
use Nebbia\Core\Planning\Hour\JudgedHour;
use Nebbia\Core\Planning\Hour\Slot;
use Nebbia\Core\Planning\Hour\SlotFinder;
use Nebbia\Core\Weather\Forecast;

/**
 * What changes in a course that is under way when something has happened: rain washed a round off, a round was missed, or the forecast has
 * turned against the day of one. A round that can stay, stays; what was done is never moved.
 */
final class Replanner
{
    /** The forecast is taken at its word for so many days. */
    private const TRUSTED = 4;

    /** Days after a round that was washed off until the plant bears another. */
    private const AFTER_WASHING = 1.0;

    /** Days that a round may come sooner after one that was made up for. */
    private const SOONER = 1.0;

    /** For each day that a round is moved. */
    private const NEAR = 0.05;

    public function __construct(private readonly SprayWindows $windows) {}

    /**
     * @param  list<OpenRound>  $open  soonest first
     * @param  int|null  $last  when the last round was sprayed, seconds since 1970
     * @param  bool  $washed  rain took it
     * @param  list<NeighbourRound>  $neighbours  that no round is moved into the way of
     * @return list<Move> in the order of the rounds
     */
    public function replan(
        Course $course,
        Rhythm $rhythm,
        array $open,
        ?int $last,
        bool $washed,
        Forecast $forecast,
        int $now,
        array $neighbours = [],
    ): array {
        $finder = new SlotFinder(new HourJudge($this->windows, $course->place, $forecast));
        $today = self::day($now, $course);
        $moves = [];
        $before = $last;
        $hasMoved = $wasMissed = false;
        $taken = array_merge([], ...array_map(static fn (NeighbourRound $one): array => $one->taken($course->place->zone), $neighbours));
        foreach ($open as $n => $round) {
            [$day, $mix] = [$round->day, $course->mixOf($round->turn)];
            $slots = $finder->find($this->from($course, $today), $mix, (int) ceil($rhythm->days) * 2 + 21, $now);
            $why = $this->why($slots, $course, $rhythm, $day, $today, $before, $n === 0 && $washed, $hasMoved, $now, $wasMissed);
            $own = self::onDay($slots, $day);
            $out = $why === null ? $this->hourOut($course, $mix, $day, $round->hour, $forecast, $now) : null;
            $why ??= $out === null ? null : 'weather';
            if ($why === null) {
                $before = $own->from ?? $this->evening($day, $course);

                continue;
            }
            $least =
                $before === null
                    ? $now
                    : $before + (int) (86400.0 * ($n === 0 && $washed ? self::AFTER_WASHING : RoundPlacer::leastGap($rhythm))) - 1;
            // A missed round moves the rest along with it: each as long after the one before as it was to be.
            $wished = $wasMissed && $before !== null ? $before + (int) (86400.0 * $rhythm->days) : $this->evening($day, $course);
            $free = array_values(array_filter($slots, static fn (Slot $slot): bool => self::isFree($slot, $taken)));
            $best = $this->best($free, $rhythm, $before, max($least, $now), $why, $wished);
            if ($best === null) {
                $moves[] = new Move($n, $day, $day, null, $why, $why === 'weather' ? $this->against($course, $mix, $day, $forecast) : null);
                $before = $this->evening($day, $course);

                continue;
            }
            if ($out !== null && $best->day === $day) {
                // The day stands, at another hour.
                $moves[] = new Move($n, $day, $day, $best, 'weather', $out);
                $before = $best->from;

                continue;
            }
            if ($best->day === $day) {
                $before = $own->from ?? $this->evening($day, $course);

                continue;
            }
            $moves[] = new Move(
                $n,
                $day,
                $best->day,
                $best,
                $why,
                $why === 'weather' ? $out ?? $this->against($course, $mix, $day, $forecast) : null,
            );
            $before = $best->from;
            $hasMoved = true;
            $wasMissed = $wasMissed || $why === 'missed';
        }

        return $moves;
    }

    /** What is against the hour of a round that is soon; null where nothing forbids it. */
    private function hourOut(Course $course, Mix $mix, string $day, ?int $hour, Forecast $forecast, int $now): ?JudgedHour
    {
        $time = $hour === null ? false : DateTimeImmutable::createFromFormat('!Y-m-d', $day, $course->place->zone);
        if ($time === false) {
            return null;
        }
        $at = $time->setTime((int) $hour, 0)->getTimestamp();
        if ($at < $now || $at >= $now + self::TRUSTED * 86400) {
            return null;
        }
        $judge = new HourJudge($this->windows, $course->place, $forecast);
        $judged = $judge->judge($judge->windowsOf($mix, $course->isBareWood()), PlantConditions::of($course), $at);

        return $judged->word === HourWord::No ? $judged : null;
    }

    /** @param  list<Slot>  $slots */
    private function why(
        array $slots,
        Course $course,
        Rhythm $rhythm,
        string $day,
        string $today,
        ?int $before,
        bool $washed,
        bool $hasMoved,
        int $now,
        bool $wasMissed,
    ): ?string {
        if ($washed) {
            return 'washed';
        }
        if ($day < $today) {
            // Of two that were missed the second is not made up for beside the first.
            return $hasMoved ? 'follows' : 'missed';
        }
        if ($this->evening($day, $course) < $now + self::TRUSTED * 86400 && self::onDay($slots, $day) === null) {
            return 'weather';
        }
        if ($hasMoved && $before !== null) {
            $gap = ($this->evening($day, $course) - $before) / 86400.0;

            $least = $wasMissed ? max(RoundPlacer::leastGap($rhythm), $rhythm->days - self::SOONER) : RoundPlacer::leastGap($rhythm);

            return $gap < $least - 0.5 || $gap > $rhythm->days + 0.6 ? 'follows' : null;
        }

        return null;
    }

    /** @param  list<Slot>  $slots */
    private function best(array $slots, Rhythm $rhythm, ?int $before, int $from, string $why, int $planned): ?Slot
    {
        $best = null;
        $most = -INF;
        foreach ($slots as $slot) {
            if ($slot->from < $from) {
                continue;
            }
            // What was lost or missed is made up for soon; the rest keeps near its day, and within its interval.
            $gap = $before === null ? 0.0 : ($slot->from - $before) / 86400.0;
            $isSoon = in_array($why, ['washed', 'missed'], true);
            $worth =
                $slot->worth -
                ($isSoon
                    ? RoundPlacer::WAIT * floor(($slot->from - $from) / 86400.0)
                    : self::NEAR * round(abs($slot->from - $planned) / 86400.0) +
                        (RoundPlacer::isLate($gap, $rhythm) ? RoundPlacer::penalty($gap, $rhythm) : 0.0));
            // Of days as near the later one, which leaves more of the rest where it is.
            if ($worth > $most + ($isSoon ? 1e-9 : -1e-9)) {
                [$best, $most] = [$slot, $worth];
            }
        }

        return $best;
    }

    private function against(Course $course, Mix $mix, string $day, Forecast $forecast): JudgedHour
    {
        $judge = new HourJudge($this->windows, $course->place, $forecast);
        $windows = $judge->windowsOf($mix, $course->isBareWood());
        $evening = $this->evening($day, $course);

        return $judge->judge($windows, PlantConditions::of($course), $evening);
    }

    /** @param  list<array{int, int}>  $taken */
    private static function isFree(Slot $slot, array $taken): bool
    {
        foreach ($taken as [$from, $to]) {
            if ($slot->from < $to && $slot->to > $from) {
                return false;
            }
        }

        return true;
    }

    /** @param  list<Slot>  $slots */
    private static function onDay(array $slots, string $day): ?Slot
    {
        $best = null;
        foreach ($slots as $slot) {
            if ($slot->day === $day && ($best === null || $slot->worth > $best->worth)) {
                $best = $slot;
            }
        }

        return $best;
    }

    private function from(Course $course, string $day): Course
    {
        return new Course(
            $course->id,
            $course->target,
            $course->purpose,
            $day,
            $course->place,
            $course->plantings,
            $course->mixes,
            $course->free,
            $course->sprayer,
            $course->hours,
            $course->room,
        );
    }

    private function evening(string $day, Course $course): int
    {
        $time = DateTimeImmutable::createFromFormat('!Y-m-d', $day, $course->place->zone);

        return $time === false ? 0 : $time->setTime(18, 0)->getTimestamp();
    }

    private static function day(int $at, Course $course): string
    {
        $time = DateTimeImmutable::createFromFormat('U', (string) $at);

        return $time === false ? '' : $time->setTimezone($course->place->zone)->format('Y-m-d');
    }
}
