<?php

declare(strict_types=1);

namespace Nebbia\Core\Course;

use DateTimeImmutable;
use Nebbia\Core\Food\Waits;
use Nebbia\Core\Formulation\Mix;
use Nebbia\Core\Knowledge\Knowledge;

/** When a course must leave its plants alone, so that what is harvested has waited as long as it must. */
final readonly class HarvestTime
{
    private Waits $waits;

    public function __construct(Knowledge $knowledge)
    {
        $this->waits = new Waits($knowledge);
    }

    /** @return list<array{int, int}> from and to, seconds since 1970: the days before each harvest that are too near, and its day */
    public function taken(Course $course, Mix $mix): array
    {
        if (! $mix->recipe->use->wetsLeaves()) {
            return [];
        }
        $days = (int) ceil($this->waits->days($mix));
        $taken = [];
        foreach ($course->plantings as $planting) {
            $day = $planting->harvest === null || $planting->plant->eaten === null ? false : DateTimeImmutable::createFromFormat('!Y-m-d', $planting->harvest, $course->place->zone);
            if ($day !== false) {
                $taken[] = [$day->modify('-'.max(0, $days - 1).' days')->getTimestamp(), $day->modify('+1 day')->getTimestamp()];
            }
        }

        return $taken;
    }
}
