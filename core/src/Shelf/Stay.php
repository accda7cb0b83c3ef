<?php

declare(strict_types=1);

namespace Nebbia\Core\Shelf;

use DateTimeImmutable;

/** A preparation is somewhere, from a time on. */
final readonly class Stay
{
    public function __construct(
        public KeepingPlace $place,
        public DateTimeImmutable $since,
    ) {}
}
