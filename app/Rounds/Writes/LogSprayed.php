<?php

declare(strict_types=1);

namespace App\Rounds\Writes;

use App\Models\Course;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Recipe;
use App\Models\Round;
use App\Models\RoundStatus;
use App\Models\Sprayer;
use App\Rounds\CourseDraft;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nebbia\Core\Mixing\Recipe\Repeat;

/**
 * Writes down a spray that nobody had planned: as a course of one round, which is done. A planned round of the same remedy on the same
 * plants, that is due about then, is that round.
 */
final readonly class LogSprayed
{
    /** A planned round is the one that was meant as long as it is not more than so many days overdue. A rough practice figure. */
    private const OVERDUE = 14;

    /** Or so many days early. A rough practice figure. */
    private const EARLY = 3;

    public function __construct(private PlanCourse $plan, private LogBatch $log) {}

    /** @param  Collection<int, Planting>  $plantings */
    public function __invoke(
        Garden $garden,
        Recipe $recipe,
        Collection $plantings,
        ?Sprayer $sprayer,
        ?string $target,
        float $volumeMl,
        CarbonImmutable $at,
        ?string $on,
        ?string $by,
        ?string $note,
    ): Round {
        $planned = $plantings->isEmpty() ? null : $this->planned($garden, $recipe, $plantings, $at);
        $open = $planned?->open()->pluck('id');
        // What was sprayed beside those that the round still wanted is sprayed as well, with its share of the whole.
        $isOwn = static fn (Planting $one): bool => $open === null || $open->contains($one->id);
        $own = $plantings->filter($isOwn);
        $beside = $plantings->reject($isOwn);
        $count = static fn (Planting $one): int => $one->number;
        $share = $beside->isEmpty() ? 0.0 : $volumeMl * $beside->sum($count) / max(1, $plantings->sum($count));
        $round = $planned ?? $this->unplanned($garden, $recipe, $plantings, $sprayer, $target, $volumeMl, $at);
        $round->load([...Round::MIXED, 'application']);
        $ids = array_values($own->map(static fn (Planting $one): string => $one->id)->all());
        ($this->log)($garden, collect([$round]), $ids === [] ? null : $ids, $at, $volumeMl - $share, by: $by, note: $note, on: $on);
        if ($beside->isNotEmpty()) {
            $this($garden, $recipe, $beside->values(), $sprayer, $target, $share, $at, null, $by, $note);
        }

        return $round;
    }

    /** @param  Collection<int, Planting>  $plantings */
    private function planned(Garden $garden, Recipe $recipe, Collection $plantings, CarbonImmutable $at): ?Round
    {
        $day = $at->setTimezone($garden->time_zone)->startOfDay();

        return Round::query()
            ->where('garden_id', $garden->id)
            ->where('status', RoundStatus::Planned)
            ->whereBetween('due_on', [$day->subDays(self::OVERDUE)->toDateString(), $day->addDays(self::EARLY)->toDateString()])
            ->with(['course.recipe', 'course.other', 'course.plantings'])
            ->orderBy('due_on')
            ->get()
            ->first(
                static fn (Round $round): bool => $round->remedy()->id === $recipe->id &&
                    $round->open()->contains(static fn (Planting $one): bool => $plantings->contains('id', $one->id)),
            );
    }

    /** @param  Collection<int, Planting>  $plantings */
    private function unplanned(
        Garden $garden,
        Recipe $recipe,
        Collection $plantings,
        ?Sprayer $sprayer,
        ?string $target,
        float $volumeMl,
        CarbonImmutable $at,
    ): Round {
        $course = ($this->plan)(
            $garden,
            new CourseDraft(
                $recipe,
                $sprayer,
                $plantings,
                $target,
                $volumeMl,
                Repeat::every(7.0, 1),
                $at->setTimezone($garden->time_zone)->startOfDay(),
            ),
        );

        return $course->rounds()->firstOrFail();
    }
}
