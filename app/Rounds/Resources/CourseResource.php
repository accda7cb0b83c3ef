<?php

declare(strict_types=1);

namespace App\Rounds\Resources;

use App\Garden\Resources\PlantingResource;
use App\Models\Course;
use App\Models\Planting;
use App\Models\Round;
use App\Rounds\Queries\JudgeEnding;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Target\Targets;
use OpenApi\Attributes as OA;

/** A course with its rounds. */
#[OA\Schema(schema: 'Course')]
final readonly class CourseResource
{
    /**
     * @param  list<PlantingResource>  $plantings
     * @param  list<RoundResource>  $rounds
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $recipe_id,
        #[OA\Property] public string $recipe,
        #[OA\Property(description: 'The remedy of every second round.')] public ?string $other,
        #[OA\Property] public ?string $other_recipe_id,
        #[OA\Property(enum: ['outbreak', 'prevention'])] public string $purpose,
        #[OA\Property] public ?string $sprayer_id,
        #[OA\Property] public ?string $sprayer,
        #[OA\Property] public ?string $target,
        #[OA\Property] public float $volume_ml,
        #[OA\Property] public string $volume,
        #[OA\Property] public int $every_days,
        #[OA\Property] public int $times,
        #[OA\Property] public EndingResource $ending,
        #[OA\Property(items: new OA\Items(ref: PlantingResource::class))] public array $plantings,
        #[OA\Property(items: new OA\Items(ref: RoundResource::class))] public array $rounds,
    ) {}

    /** Recipes, sprayer, plantings with zone, rounds with application and the trouble's counts must be loaded. */
    public static function of(Course $course, Targets $targets, Catalogue $catalogue, UnitSystem $units): self
    {
        return new self(
            $course->id,
            $course->version,
            $course->recipe_id,
            $course->recipe->name,
            $course->other?->name,
            $course->other_recipe_id,
            $course->purpose->value,
            $course->sprayer_id,
            $course->sprayer?->name,
            $course->target === null ? null : $targets->named($course->target)->name,
            $course->volume_ml,
            PreciseWords::volume($course->volume_ml, $units),
            $course->every_days,
            $course->times,
            self::ending($course, $catalogue),
            array_values(
                $course->plantings->map(static fn (Planting $planting): PlantingResource => PlantingResource::of($planting))->all(),
            ),
            array_values($course->rounds->map(static fn (Round $round): RoundResource => RoundResource::of($round))->all()),
        );
    }

    private static function ending(Course $course, Catalogue $catalogue): EndingResource
    {
        $ending = JudgeEnding::of($course);

        return new EndingResource($ending->word, $catalogue->say($ending->said));
    }
}
