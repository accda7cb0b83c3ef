<?php

declare(strict_types=1);

namespace App\Actions;

use App\Calendar\RoundCalendar;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\RoundStatus;
use Carbon\CarbonImmutable;
use Nebbia\Core\Knowledge\Knowledge;
use Nebbia\Core\Measure\PreciseWords;

/** Planned rounds as a calendar: in the evening, an hour each, until somebody plans them otherwise. */
final readonly class WriteCalendar
{
    private const HOUR = 18;

    public function __construct(private Knowledge $knowledge) {}

    public function __invoke(Garden $garden): string
    {
        $calendar = new RoundCalendar("$garden->name: rounds");
        $rounds = $garden->rounds()->where('status', RoundStatus::Planned)->whereHas('course')->with(['course.recipe', 'course.sprayer', 'course.plantings'])->get();
        foreach ($rounds as $round) {
            $course = $round->course;
            $from = CarbonImmutable::parse($round->due_on->toDateString(), $garden->time_zone)->setTime(self::HOUR, 0)->getTimestamp();
            $against = $course->target === null ? '' : ' against '.$this->knowledge->target($course->target)->name;
            $calendar->add(
                $round->id, $from, $from + 3600, $course->recipe->name.$against,
                PreciseWords::volume($course->volume_ml, $garden->units).($course->sprayer === null ? '' : ", {$course->sprayer->name}")."\n".$course->plantings->map(static fn (Planting $one): string => "$one->number × $one->name")->implode("\n"),
                CarbonImmutable::instance($round->updated_at ?? CarbonImmutable::createFromTimestamp(0)),
            );
        }

        return $calendar->text();
    }
}
