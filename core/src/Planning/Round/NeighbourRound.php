<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Round;

use DateTimeImmutable;
use DateTimeZone;

/** A round of another course, planned or done, that a round has to get along with. */
final readonly class NeighbourRound
{
    public function __construct(
        public string $name,
        /** Seconds since 1970. */
        public int $from,
        public int $to,
        public bool $sameSprayer,
        /** Days to keep between the two on the same plants; 0 where nothing is against it. */
        public float $daysApart,
        /** It is on some of the same plants. */
        public bool $samePlants = false,
    ) {}

    /**
     * When no other round can be: while it holds the sprayer, too near on the same plants, and on its whole day where it is on them.
     *
     * @param  bool  $ofSprayer  the sprayer is of matter
     * @return list<array{int, int}> from and to
     */
    public function taken(DateTimeZone $zone, bool $ofSprayer = true): array
    {
        $taken = [];
        if ($this->sameSprayer && $ofSprayer) {
            $taken[] = [$this->from, $this->to];
        }
        if ($this->daysApart > 0.0) {
            $seconds = (int) (86400.0 * $this->daysApart);
            $taken[] = [$this->from - $seconds, $this->to + $seconds];
        }
        if ($this->samePlants) {
            $taken[] = self::day($this->from, $zone);
        }

        return $taken;
    }

    /** @return array{int, int} the day by the calendar of the place, from and to */
    public static function day(int $at, DateTimeZone $zone): array
    {
        $time = DateTimeImmutable::createFromFormat('U', (string) $at);
        $midnight = $time === false ? null : $time->setTimezone($zone)->setTime(0, 0);

        return $midnight === null ? [$at, $at] : [$midnight->getTimestamp(), $midnight->modify('+1 day')->getTimestamp()];
    }
}
