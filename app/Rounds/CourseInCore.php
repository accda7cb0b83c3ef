<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Chores\Queries\ChoreDays;
use App\Models\Course;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Recipe;
use App\Notebook\Queries\Nevers;
use App\Pantry\Household;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Judgement\Hour\SprayWindows;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Planning\Course\Course as CoreCourse;
use Nebbia\Core\Planning\Course\CoursePlanting;
use Nebbia\Core\Planning\Course\FreeHours;
use Nebbia\Core\Planning\Course\Purpose;
use Nebbia\Core\Planning\Hour\SprayTime;
use Nebbia\Core\Plant\Settling;
use Nebbia\Core\Plant\Stage;
use Nebbia\Core\Target\Targets;

/** A course of the garden as core takes it. */
final readonly class CourseInCore
{
    public function __construct(
        private Targets $targets,
        private Mixer $mixer,
        private Household $household,
        private Settling $settling,
        private SprayWindows $windows,
        private ChoreDays $chores,
        private Nevers $nevers,
    ) {}

    /**
     * @param  non-empty-list<array<string, mixed>>  $bodies  nebbia.recipe/1, one or two that take turns
     * @param  iterable<Planting>  $plantings
     * @return CoreCourse|null null where the garden's place is not known, or nothing is aimed at
     *
     * @throws BadInput if the recipe cannot be read
     */
    public function of(
        Garden $garden,
        string $id,
        array $bodies,
        iterable $plantings,
        ?string $target,
        string $start,
        ?string $sprayer,
        ?float $volumeMl,
        Purpose $purpose = Purpose::Outbreak,
        int $hours = 1,
    ): ?CoreCourse {
        $place = $garden->place();
        if ($place === null || $target === null) {
            return null;
        }

        return new CoreCourse(
            $id,
            $this->targets->named($target),
            $purpose,
            $start,
            $place,
            $this->plantings($garden, $plantings, $start),
            $this->mixes($garden, $bodies, $volumeMl),
            FreeHours::read($garden->free_hours, 'free_hours'),
            $sprayer,
            $hours,
            $garden->room($this->windows->room),
        );
    }

    /**
     * @param  non-empty-list<array<string, mixed>>  $bodies  nebbia.recipe/1
     * @return non-empty-list<Mix>
     *
     * @throws BadInput if one cannot be read
     */
    public function mixes(Garden $garden, array $bodies, ?float $volumeMl): array
    {
        $mixer = $this->mixer->with($this->household->own($garden));

        return array_map(
            fn (array $body): Mix => $mixer->mix($this->household->reader($garden)->read($body), $volumeMl, $garden->units),
            $bodies,
        );
    }

    /**
     * @param  iterable<Planting>  $plantings
     * @param  string  $from  the first day that matters, as 2026-05-02: a harvest before it has gone by
     * @return list<CoursePlanting>
     */
    public function plantings(Garden $garden, iterable $plantings, string $from): array
    {
        $some = [];
        foreach ($plantings as $planting) {
            $some[] = new CoursePlanting(
                $planting->id,
                $planting->met(),
                $planting->number,
                Stage::from($planting->stage),
                $planting->height_cm,
                $planting->indoors,
                $planting->in_flower || $planting->stage === Stage::Flowering->value,
                ($planting->harvest_on?->toDateString() ?? '') < $from ? null : $planting->harvest_on?->toDateString(),
                $this->chores->careOf($planting),
                $planting->moved_on === null ? null : $this->settling->day($planting->moved_on->toDateString()),
                $planting->sunny_window,
                $this->nevers->of($garden, $planting),
            );
        }

        return $some;
    }

    /**
     * A course of the household, from one of its rounds on. Recipe, other, sprayer and plantings must be loaded.
     *
     * @param  int  $round  from which, counted from 1
     * @param  iterable<Planting>|null  $plantings  only these; all of the course where none are given
     *
     * @throws BadInput if a recipe cannot be read
     */
    public function stored(Garden $garden, Course $course, string $start, int $round = 1, ?iterable $plantings = null): ?CoreCourse
    {
        return $this->of(
            $garden,
            $course->id,
            array_map(static fn (Recipe $one): array => $one->body, $course->remediesFrom($round)),
            $plantings ?? $course->plantings,
            $course->target,
            $start,
            $course->sprayer_id,
            $course->volume_ml,
            $course->purpose,
            SprayTime::hours($course->volume_ml, $course->sprayer?->vessel(), $course->sprayer?->ml_per_minute),
        );
    }
}
