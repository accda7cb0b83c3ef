<?php

declare(strict_types=1);

namespace App\Rounds\Writes;

use App\Models\Course;
use App\Models\Garden;
use App\Models\RoundStatus;
use App\Rounds\CourseDraft;
use DateTimeImmutable;

/** Turns "every n days, m times", or days that were chosen, into a course with dated rounds. */
final readonly class PlanCourse
{
    public function __invoke(Garden $garden, CourseDraft $draft): Course
    {
        $course = $garden->courses()->create([
            'recipe_id' => $draft->recipe->id,
            'other_recipe_id' => $draft->other?->id,
            'sprayer_id' => $draft->sprayer?->id,
            'trouble_id' => $draft->trouble?->id,
            'target' => $draft->target,
            'purpose' => $draft->purpose,
            'volume_ml' => $draft->volumeMl,
            'products' => $draft->products === [] ? null : $draft->products,
            'every_days' => (int) round($draft->repeat->everyDays),
            'times' => $draft->repeat->times,
            'until' => $draft->until,
            'starts_on' => $draft->startsOn->toDateString(),
        ]);
        $course->plantings()->attach($draft->plantings->pluck('id'));
        $evenly = array_map(
            static fn (DateTimeImmutable $day): array => [$day->format('Y-m-d'), null],
            $draft->repeat->from($draft->startsOn),
        );
        foreach ($draft->rounds === [] ? $evenly : $draft->rounds as $n => [$day, $hour]) {
            $course->rounds()->create([
                'garden_id' => $garden->id,
                'number' => $n + 1,
                'due_on' => $day,
                'due_hour' => $hour,
                'status' => RoundStatus::Planned,
            ]);
        }

        return $course;
    }
}
