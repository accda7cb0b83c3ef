<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Tolerance;

/**
 * Where a mix tips over if all that is added is made weaker or stronger: by which factor it begins to work, and from which the leaves
 * need care and burn. Only what leaves bear and what works is looked at, as both go with the strength.
 */
final readonly class Tipping
{
    public function __construct(
        /** Null where nothing in it has a known working range. */
        public ?float $works,
        /** Null where no figure for leaves is known. */
        public ?float $careful,
        public ?float $stop,
        /** Names of what gets there first. */
        public ?string $carefulBy,
        public ?string $stopBy,
    ) {}
}
