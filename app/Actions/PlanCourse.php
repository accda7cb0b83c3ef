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
use Illuminate\Support\Collection;
use Nebbia\Core\Schedule\Repeat;

/** Turns "every n days, m times" into a course with dated rounds. */
final readonly class PlanCourse
{
    /**
     * @param  Collection<int, Planting>  $plantings  of that garden
     * @param  array<int, string>  $products  line of the recipe => the bottle taken for it
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
        foreach ($repeat->from($startsOn) as $n => $day) {
            $course->rounds()->create([
                'garden_id' => $garden->id, 'number' => $n + 1, 'due_on' => $day->format('Y-m-d'), 'status' => RoundStatus::Planned,
            ]);
        }

        return $course;
    }
}
