<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Course;
use App\Models\Garden;
use App\Models\Planting;
use App\Weather\StandInForecast;
use Nebbia\Core\BadInput;
use Nebbia\Core\Course\Course as CoreCourse;
use Nebbia\Core\Course\CoursePlanting;
use Nebbia\Core\Course\FreeHours;
use Nebbia\Core\Course\Purpose;
use Nebbia\Core\Formulation\Mixer;
use Nebbia\Core\Knowledge\Knowledge;
use Nebbia\Core\Plant\Stage;

/** A course of the garden as core takes it. */
final readonly class CourseInCore
{
    public function __construct(
        private Knowledge $knowledge,
        private Mixer $mixer,
        private Household $household,
    ) {}

    /**
     * @param  array<string, mixed>  $body  nebbia.recipe/1
     * @param  iterable<Planting>  $plantings
     * @return CoreCourse|null null where the garden's place is not known, or nothing is aimed at
     *
     * @throws BadInput if the recipe cannot be read
     */
    public function of(Garden $garden, string $id, array $body, iterable $plantings, ?string $target, string $start, ?string $sprayer, ?float $volumeMl, Purpose $purpose = Purpose::Outbreak): ?CoreCourse
    {
        $place = StandInForecast::place($garden);
        if ($place === null || $target === null) {
            return null;
        }
        $mix = $this->mixer->with($this->household->own($garden))->mix($this->household->reader($garden)->read($body), $volumeMl, $garden->units);
        $some = [];
        foreach ($plantings as $planting) {
            $some[] = new CoursePlanting(
                $planting->id, $this->knowledge->plant($planting->plant), $planting->number, Stage::from($planting->stage), $planting->height_cm, $planting->indoors,
                $planting->in_flower || $planting->stage === Stage::Flowering->value, $planting->harvest_on?->toDateString(),
            );
        }

        return new CoreCourse($id, $this->knowledge->target($target), $purpose, $start, $place, $some, [$mix], FreeHours::usual(), $sprayer);
    }

    public function stored(Garden $garden, Course $course, string $start): ?CoreCourse
    {
        return $this->of($garden, $course->id, $course->recipe->body, $course->plantings, $course->target, $start, $course->sprayer_id, $course->volume_ml);
    }
}
