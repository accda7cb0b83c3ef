<?php

declare(strict_types=1);

namespace App\Rounds\Writes;

use App\Bench\Queries\DescribeCupboard;
use App\Bench\Queries\JudgeMix;
use App\Bench\Queries\WorkOutBench;
use App\Bench\Resources\BenchResource;
use App\Bench\SprayHistory;
use App\Making\Queries\TakeFromShelf;
use App\Models\Application;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Round;
use App\Pantry\Household;
use App\Rounds\SprayReport;
use App\Weather\WeatherThen;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Mixing\Pantry\Draw;
use Nebbia\Core\Target\Targets;

/** Writes down what was sprayed in a round, with the recipe, mix, findings and weather as they are at that hour. */
final readonly class LogRound
{
    public function __construct(
        private WorkOutBench $bench,
        private JudgeMix $judge,
        private Targets $targets,
        private Household $household,
        private DescribeCupboard $describe,
        private SprayHistory $past,
        private TakeFromShelf $fromShelf,
        private WeatherThen $weather,
    ) {}

    /** The round's course with recipe, sprayer and plantings must be loaded. */
    public function __invoke(Garden $garden, Round $round, SprayReport $sprayed): Application
    {
        $course = $round->course;
        $recipe = $round->remedy();
        [$body] = ($this->fromShelf)($garden, $recipe->body, $sprayed->at);
        $made = $sprayed->madeMl ?? $sprayed->volumeMl;
        $mix = $this->bench->forAll($garden, $body, $sprayed->plantings, $sprayed->volumeMl, $course->sprayer, $sprayed->at);
        $worked = $this->judge->judgedMix($garden, $body, null, null, "$made mL")->mix;
        $draws = $this->household->cupboard($garden)->draws($worked, $recipe->id === $course->recipe_id ? $course->products ?? [] : []);
        $application = $garden->applications()->create([
            'round_id' => $round->id,
            'batch_id' => $sprayed->batch?->id,
            'applied_at' => $sprayed->at->utc(),
            'volume_ml' => $sprayed->volumeMl,
            'by' => $sprayed->by,
            'note' => $sprayed->note,
            'rinsed' => $sprayed->rinsed,
            'doses' => $this->doses($mix),
            'planting_ids' => $sprayed->plantings->pluck('id')->all(),
            'sprayer_id' => $course->sprayer_id,
            'snapshot' => [
                'recipe_name' => $recipe->name,
                'recipe_version' => $recipe->version,
                'recipe' => $body,
                'sprayer_name' => $course->sprayer?->name,
                'target' => $course->target,
                'target_name' => $course->target === null ? null : $this->targets->named($course->target)->name,
                'plantings' => $sprayed->plantings->map->only(['id', 'plant', 'name', 'number', 'stage', 'height_cm'])->all(),
                'planting_names' => [
                    ...$sprayed->plantings->map(static fn (Planting $planting): string => "$planting->number × $planting->name"),
                    ...$sprayed->on === null ? [] : [$sprayed->on],
                ],
                'round_number' => $round->number,
                'rounds' => $course->times,
                'weather' => $this->weather->at($garden, $sprayed->at),
                'mix' => $mix,
                'taken' => $this->taken($draws),
                'cost' => $this->describe->cost($draws, 1, $garden),
            ],
        ]);
        $this->past->forget($garden);
        $this->takeOut($garden, $draws);
        $this->takeFromJars($garden, $worked);

        return $application;
    }

    /** @return array<string, float> substance => strength in the unit of its threshold */
    private function doses(BenchResource $mix): array
    {
        $doses = [];
        foreach ($mix->strengths as $strength) {
            $doses[$strength->substance] = $strength->strength->likely;
        }

        return $doses;
    }

    /**
     * @param  list<Draw>  $draws
     * @return list<array{product_id: string, name: string, amount: float, is_poured: bool}>
     */
    private function taken(array $draws): array
    {
        $taken = [];
        foreach ($draws as $draw) {
            if ($draw->product !== null) {
                $taken[] = [
                    'product_id' => $draw->product->id,
                    'name' => $draw->product->name,
                    'amount' => $draw->taken,
                    'is_poured' => $draw->isPoured,
                ];
            }
        }

        return $taken;
    }

    /**
     * The bottles hold less by what went in; what is not known of a bottle stays unknown.
     *
     * @param  list<Draw>  $draws
     */
    private function takeOut(Garden $garden, array $draws): void
    {
        $products = $garden->products->keyBy('id');
        foreach ($draws as $draw) {
            $product = $draw->product === null ? null : $products->get($draw->product->id);
            if ($product !== null && $product->left !== null) {
                $product->update(['left' => max(0.0, $product->left - $draw->taken)]);
            }
        }
    }

    /** The jars, too, hold less. */
    private function takeFromJars(Garden $garden, Mix $mix): void
    {
        $taken = [];
        foreach ($mix->recipe->preparations() as $n => $jar) {
            $taken[$jar->id] = ($taken[$jar->id] ?? 0.0) + ($n < 0 ? $mix->baseMl : $mix->lines[$n]->volumeMl ?? 0.0);
        }
        foreach ($taken === [] ? [] : $garden->preparations()->whereKey(array_keys($taken))->get() as $row) {
            if ($row->left_ml !== null) {
                $row->update(['left_ml' => max(0.0, $row->left_ml - $taken[$row->id])]);
            }
        }
        $this->household->forget($garden);
    }
}
