<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Day;

/** One thing to do with a batch, to be ticked off. */
final readonly class DayTask
{
    public function __construct(
        /** mix, spray, rinse, leftover or clean */
        public string $kind,
        /** The same on every device as long as the day's rounds are. */
        public string $id,
        public ?Portion $portion = null,
    ) {}
}
