<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Hour;

/** Hours of a day in which a round may be. */
final readonly class Slot
{
    /** @param  list<JudgedHour>  $hours */
    public function __construct(
        /** Seconds since 1970. */
        public int $from,
        public int $to,
        /** 0 to 1 */
        public float $worth,
        /** By the garden's calendar, as 2026-05-02. */
        public string $day,
        public array $hours,
        /** Of all that may be in that half of the day, when the first begins and the last. */
        public int $earliest = 0,
        public int $latest = 0,
    ) {}

    public function isKnown(): bool
    {
        foreach ($this->hours as $hour) {
            if ($hour->word === HourWord::Unknown) {
                return false;
            }
        }

        return true;
    }
}
