<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Often;

/** How long it is between rounds. Of weekdays and months the days are the mean. */
final readonly class Pace
{
    /**
     * @param  float  $days  1 to 366
     * @param  list<int>  $weekdays  ISO, rising; empty where none are said; of every second week where the days say so
     * @param  int|null  $months  calendar months between rounds, where months are said
     * @param  list<MonthDay>  $monthDays  where days of the month are said
     * @param  bool  $isRange  "every 5 to 7 days": the middle is taken
     */
    public function __construct(
        public float $days,
        public array $weekdays = [],
        public ?int $months = null,
        public bool $isRange = false,
        public array $monthDays = [],
    ) {}
}
