<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Day;

/** A round that is due, and the plants that it is for. */
final readonly class DueOnPlants
{
    /**
     * @param  string  $day  due since, as 2026-05-14
     * @param  int  $hour  0 to 23
     * @param  list<string>  $plantings
     */
    public function __construct(
        public string $round,
        public string $course,
        public string $day,
        public int $hour,
        public array $plantings,
    ) {}
}
