<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Hour;

use DateTimeImmutable;
use Nebbia\Core\Judgement\Care\Waits;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Planning\Course\Course;
use Nebbia\Core\Planning\Course\CoursePlanting;

/** When a course must leave its plants alone, so that what is harvested has waited as long as it must. */
final readonly class HarvestTime
{
    public function __construct(private Waits $waits) {}

    /** @return list<array{int, int}> from and to, seconds since 1970: the days before each harvest that are too near, and its day */
    public function taken(Course $course, Mix $mix): array
    {
        $eaten = array_filter(
            $course->plantings,
            static fn (CoursePlanting $one): bool => $one->harvest !== null && $one->plant->eaten !== null,
        );
        if ($eaten === [] || ! $mix->recipe->use->wetsLeaves()) {
            return [];
        }
        $days = (int) ceil($this->waits->days($mix));
        $taken = [];
        foreach ($eaten as $planting) {
            $day = DateTimeImmutable::createFromFormat('!Y-m-d', (string) $planting->harvest, $course->place->zone);
            if ($day !== false) {
                $taken[] = [$day->modify('-'.max(0, $days - 1).' days')->getTimestamp(), $day->modify('+1 day')->getTimestamp()];
            }
        }

        return $taken;
    }
}
