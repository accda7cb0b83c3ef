<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Round;

use Nebbia\Core\Planning\Hour\JudgedHour;
use Nebbia\Core\Planning\Hour\Slot;

/** A round in its hours. */
final readonly class PlannedRound
{
    public function __construct(
        public int $number,
        public Slot $slot,
        /** Days since the round before; null for the first. */
        public ?float $gap,
        /** It is later than the life cycle allows. */
        public bool $isLate,
        /** What was against the day on which it would have been otherwise; null where it is on that day. */
        public ?JudgedHour $insteadOf,
        /** It would have been too near to the harvest. */
        public bool $forHarvest = false,
    ) {}
}
