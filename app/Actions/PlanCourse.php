<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Course;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Recipe;
use App\Models\RoundStatus;
use App\Models\Sprayer;
use App\Models\Trouble;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use Nebbia\Core\Schedule\Repeat;

/** Turns "every n days, m times" into a course with dated rounds. */
final readonly class PlanCourse
{
    /**
     * @param  Collection<int, Planting>  $plantings  of that garden
     * @param  array<int, string>  $products  line of the recipe => the bottle taken for it
     * @param  list<string>  $days  of the rounds, as 2026-05-02, where they are not evenly spaced
     */
    public function __invoke(
        Garden $garden,
        Recipe $recipe,
        ?Sprayer $sprayer,
        Collection $plantings,
        ?string $target,
        float $volumeMl,
        Repeat $repeat,
        CarbonImmutable $startsOn,
        ?Trouble $trouble = null,
        array $products = [],
        array $days = [],
    ): Course {
        $course = $garden->courses()->create([
            'recipe_id' => $recipe->id,
            'sprayer_id' => $sprayer?->id,
            'trouble_id' => $trouble?->id,
            'target' => $target,
            'volume_ml' => $volumeMl,
            'products' => $products === [] ? null : $products,
            'every_days' => $repeat->everyDays,
            'times' => $repeat->times,
            'starts_on' => $startsOn->toDateString(),
        ]);
        $course->plantings()->attach($plantings->pluck('id'));
        foreach ($days === [] ? array_map(static fn (DateTimeImmutable $day): string => $day->format('Y-m-d'), $repeat->from($startsOn)) : $days as $n => $day) {
            $course->rounds()->create([
                'garden_id' => $garden->id, 'number' => $n + 1, 'due_on' => $day, 'status' => RoundStatus::Planned,
            ]);
        }

        return $course;
    }
}
