<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Often;

use DateTimeImmutable;

/** A day of each month: by its number, or as the first, second, last Monday in it. */
final readonly class MonthDay
{
    /**
     * @param  int  $number  the day, 1 to 31; the last where a month is shorter. Of a weekday which one of it, 1 to 5, or -1 for the last
     * @param  int|null  $weekday  1 is Monday
     */
    public function __construct(public int $number, public ?int $weekday = null) {}

    public function isOn(DateTimeImmutable $day): bool
    {
        [$date, $length] = [(int) $day->format('j'), (int) $day->format('t')];
        if ($this->weekday === null) {
            return $date === min($this->number, $length);
        }

        return (int) $day->format('N') === $this->weekday
            && ($this->number < 0 ? $date > $length - 7 : intdiv($date - 1, 7) + 1 === $this->number);
    }
}
