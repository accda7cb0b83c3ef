<?php

declare(strict_types=1);

namespace Nebbia\Core\Making;

use DateTimeImmutable;

/** So much of a preparation is wanted at a time. */
final readonly class StockNeed
{
    public function __construct(
        public DateTimeImmutable $at,
        public float $ml,
        /** What for, in words. */
        public string $for = '',
        /** To be found again by. */
        public string $round = '',
    ) {}
}
