<?php

declare(strict_types=1);

namespace App\Weather\Queries;

use App\Making\Queries\TakeFromShelf;
use App\Models\Garden;
use App\Models\Round;
use App\Rounds\CourseInCore;
use App\Weather\ForecastProvider;
use Carbon\CarbonImmutable;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Planning\Course\Course;
use Nebbia\Core\Planning\Hour\JudgedHour;
use Nebbia\Core\Planning\Round\Planner;
use Nebbia\Core\Weather\Forecast;

/** The hours from now on, judged for a round. */
final readonly class JudgeHours
{
    /** Looked at beyond them, as rain after an hour counts. */
    private const BEYOND = 24;

    public function __construct(
        private ForecastProvider $provider,
        private CourseInCore $courses,
        private Planner $planner,
        private TakeFromShelf $fromShelf,
    ) {}

    /** Beginning with the hour that it is. */
    public static function from(Garden $garden): int
    {
        $now = $garden->now()->getTimestamp();

        return $now - ($now % Forecast::HOUR);
    }

    public function forecast(Garden $garden, int $hours): Forecast
    {
        $from = self::from($garden);

        return $this->provider->forecast($garden, $from, $from + ($hours + self::BEYOND) * Forecast::HOUR);
    }

    /**
     * A round as core takes it, with its course, both recipes, sprayer and plantings loaded.
     *
     * @return Course|null null where it cannot be said: no place, nothing aimed at, a recipe that cannot be read
     */
    public function course(Garden $garden, Round $round, CarbonImmutable $now): ?Course
    {
        try {
            [$body] = ($this->fromShelf)($garden, $round->remedy()->body, $now);

            return $this->courses->of(
                $garden,
                $round->course_id,
                [$body],
                $round->open(),
                $round->course->target,
                $now->setTimezone($garden->time_zone)->toDateString(),
                $round->course->sprayer_id,
                $round->course->volume_ml,
            );
        } catch (BadInput) {
            return null;
        }
    }

    /** @return list<JudgedHour> soonest first */
    public function hours(Garden $garden, Course $course, Forecast $forecast, int $hours): array
    {
        $from = self::from($garden);
        $judged = [];
        foreach ($this->planner->hours($course, $forecast, $from, $from + $hours * Forecast::HOUR) as $hour) {
            $judged[] = $hour;
        }

        return $judged;
    }
}
