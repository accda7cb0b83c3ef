<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Round;

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
    ) {}
}
