<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Often;

use DateInterval;
use DateTimeImmutable;
use DateTimeZone;
use Nebbia\Core\Mixing\Recipe\Repeat;

/** How often and until when something is done, as it was said, and the days on which that falls. */
final readonly class Often
{
    public const GONE = 'gone';

    public const FROST = 'frost';

    /** Days, or rounds, that are looked at for what comes next: a hundred years of days. */
    private const FAR = 36_525;

    /**
     * @param  float  $everyDays  1 to 366; by weekday or month the mean
     * @param  list<int>  $weekdays  1 is Monday; empty where it goes by days or months. Two weeks apart where so many days are the mean
     * @param  int|null  $months  calendar months from one to the next
     * @param  int|null  $times  1 to 100; null where the end is another
     * @param  string|null  $last  the last day on which it may be, as 2026-06-14
     * @param  string|null  $until  gone, frost or null
     * @param  list<MonthDay>  $monthDays  on which days of each month; empty where it goes otherwise
     */
    public function __construct(
        public float $everyDays,
        public array $weekdays,
        public ?int $months,
        public ?int $times,
        public ?string $last,
        public ?string $until,
        public array $monthDays = [],
    ) {}

    /** Neither a number, nor a day, nor a sign says when it ends. */
    public function isOpen(): bool
    {
        return $this->times === null && $this->last === null && $this->until === null;
    }

    /** It is not every so many days: its days have to be named one by one. */
    public function isByCalendar(): bool
    {
        return $this->weekdays !== [] || $this->months !== null || $this->monthDays !== [];
    }

    /**
     * @param  string  $first  the first day on which it may be, as 2026-05-14
     * @param  int  $times  how many, where it does not say so itself
     * @return list<string> soonest first; as many as were asked for, or as fit before its last day
     */
    public function days(string $first, int $times): array
    {
        $start = DateTimeImmutable::createFromFormat('!Y-m-d', $first, new DateTimeZone('UTC'));
        $days = [];
        $most = min($this->times ?? ($this->last === null ? $times : Repeat::MAX_TIMES), Repeat::MAX_TIMES);
        for ($n = 0; $start !== false && count($days) < $most; $n++) {
            $day = $this->nth($start, $n);
            if ($day === null) {
                continue;
            }
            $written = $day->format('Y-m-d');
            if ($this->last !== null && $written > $this->last) {
                break;
            }
            $days[] = $written;
        }

        return $days;
    }

    /**
     * The first of its days that is later than one, however long it has gone on.
     *
     * @param  string  $first  the first day on which it may be, as 2026-05-14
     * @return string|null null where it is over by then
     */
    public function after(string $first, string $day): ?string
    {
        $start = DateTimeImmutable::createFromFormat('!Y-m-d', $first, new DateTimeZone('UTC'));
        for ($n = 0, $count = 0; $start !== false && $n < self::FAR; $n++) {
            $written = $this->nth($start, $n)?->format('Y-m-d');
            if ($written === null) {
                continue;
            }
            if (($this->last !== null && $written > $this->last) || ($this->times !== null && ++$count > $this->times)) {
                return null;
            }
            if ($written > $day) {
                return $written;
            }
        }

        return null;
    }

    /** @return DateTimeImmutable|null null where nothing falls on the nth day that is looked at */
    private function nth(DateTimeImmutable $start, int $n): ?DateTimeImmutable
    {
        if ($this->monthDays !== []) {
            $day = $start->add(new DateInterval("P{$n}D"));

            return array_filter($this->monthDays, static fn (MonthDay $one): bool => $one->isOn($day)) === [] ? null : $day;
        }
        if ($this->weekdays !== []) {
            $day = $start->add(new DateInterval("P{$n}D"));
            $isSaid = in_array((int) $day->format('N'), $this->weekdays, true);

            return $isSaid && $this->weekOf($start, $n) % $this->weeks() === 0 ? $day : null;
        }
        if ($this->months !== null) {
            return self::monthsOn($start, $n * $this->months);
        }

        return $start->add(new DateInterval('P'.(int) floor($n * $this->everyDays + 1e-9).'D'));
    }

    /** Weeks from one week that has such days to the next. */
    private function weeks(): int
    {
        return max(1, (int) round($this->everyDays * count($this->weekdays) / 7.0));
    }

    /** Which week, from Monday to Sunday, the nth day is in; 0 is that of the first weekday that falls on it. */
    private function weekOf(DateTimeImmutable $start, int $n): int
    {
        $begins = (int) $start->format('N');
        for ($first = 0; $first < 6 && ! in_array(($begins - 1 + $first) % 7 + 1, $this->weekdays, true);) {
            $first++;
        }

        return intdiv($begins - 1 + $n, 7) - intdiv($begins - 1 + $first, 7);
    }

    /** The same day of a later month, or its last where it has none such. */
    public static function monthsOn(DateTimeImmutable $day, int $months): DateTimeImmutable
    {
        $month = (int) $day->format('n') - 1 + $months;
        $first = $day->setDate((int) $day->format('Y') + intdiv($month, 12), $month % 12 + 1, 1);
        $date = min((int) $day->format('j'), (int) $first->format('t'));

        return $first->add(new DateInterval('P'.($date - 1).'D'));
    }
}
