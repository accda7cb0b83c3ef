<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Round;

use Nebbia\Core\Planning\Hour\JudgedHour;
use Nebbia\Core\Planning\Hour\Slot;

/** A planned round that is better on another day, or finds none. */
final readonly class Move
{
    public function __construct(
        /** Among those that are still open, from 0. */
        public int $round,
        /** Days as 2026-05-02. */
        public string $from,
        public string $to,
        /** Null where no day in reach will do: it is left where it is. */
        public ?Slot $slot,
        /** washed, missed, weather or follows */
        public string $why,
        /** What was against the day it was on. */
        public ?JudgedHour $against = null,
    ) {}
}
