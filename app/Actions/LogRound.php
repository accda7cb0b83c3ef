<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Application;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Round;
use App\Models\RoundStatus;
use Carbon\CarbonImmutable;
use Nebbia\Core\Knowledge\Knowledge;

/** Writes down that a round was done, with the recipe, mix and findings as they are today. */
final readonly class LogRound
{
    public function __construct(
        private WorkOutBench $bench,
        private Knowledge $knowledge,
    ) {}

    /** The round's course with recipe, sprayer and plantings must be loaded. */
    public function __invoke(Garden $garden, Round $round, CarbonImmutable $appliedAt, float $volumeMl, ?string $by, ?string $note): Application
    {
        $course = $round->course;
        $mix = $this->bench->forAll($garden, $course->recipe->body, $course->plantings, $volumeMl);
        $application = $garden->applications()->create([
            'round_id' => $round->id,
            'applied_at' => $appliedAt->utc(),
            'volume_ml' => $volumeMl,
            'by' => $by,
            'note' => $note,
            'snapshot' => [
                'recipe_name' => $course->recipe->name,
                'recipe_version' => $course->recipe->version,
                'recipe' => $course->recipe->body,
                'sprayer_name' => $course->sprayer?->name,
                'target' => $course->target,
                'target_name' => $course->target === null ? null : $this->knowledge->target($course->target)->name,
                'plantings' => $course->plantings->map->only(['id', 'plant', 'name', 'number', 'stage'])->all(),
                'planting_names' => $course->plantings->map(static fn (Planting $planting): string => "$planting->number × $planting->name")->all(),
                'round_number' => $round->number,
                'rounds' => $course->times,
                'mix' => $mix,
            ],
        ]);
        $round->update(['status' => RoundStatus::Done]);

        return $application;
    }
}
