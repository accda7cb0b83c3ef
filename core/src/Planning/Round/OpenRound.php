<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Round;

/** A round that is still to come, as it is planned. */
final readonly class OpenRound
{
    public function __construct(
        /** By the calendar of the place, as 2026-05-02. */
        public string $day,
        /** Which of the course's mixes it takes, counted on from the first that is open: one that was skipped has had its turn. */
        public int $turn,
        /** By the clocks of the place; null where any will do. */
        public ?int $hour = null,
    ) {}
}
