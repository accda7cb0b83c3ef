<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Day;

use Nebbia\Core\Measure\Vessel\Vessel;
use Nebbia\Core\Mixing\Mix;

/** A round that is due, with what it takes. */
final readonly class DueSpray
{
    /** @param  list<DueStand>  $stands */
    public function __construct(
        public string $round,
        /** The same for rounds that may come out of one batch: recipe, bottles, jars and sprayer. */
        public string $same,
        /** At the volume that the round takes. */
        public Mix $mix,
        public ?Vessel $vessel,
        /** Seconds since 1970: when it is meant to begin. */
        public int $at,
        public array $stands,
    ) {}
}
