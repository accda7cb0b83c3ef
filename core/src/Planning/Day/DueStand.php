<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Day;

use Nebbia\Core\Plant\Plant;

/** Plants that are to be sprayed in a round. */
final readonly class DueStand
{
    public function __construct(
        public string $id,
        public string $name,
        public Plant $plant,
        public int $number,
        /** mL that they are expected to take; null where nobody can tell. */
        public ?float $needMl = null,
        /** What it is against was found on them. */
        public bool $troubled = false,
        /** Kept apart from the rest. */
        public bool $quarantined = false,
    ) {}
}
