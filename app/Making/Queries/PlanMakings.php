<?php

declare(strict_types=1);

namespace App\Making\Queries;

use App\Core\Say;
use App\Making\Resources\ToMakeResource;
use App\Models\Garden;
use App\Models\Recipe;
use App\Models\Round;
use App\Models\RoundStatus;
use App\Pantry\Household;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Making\StockBatch;
use Nebbia\Core\Making\StockNeed;
use Nebbia\Core\Making\StockPlan;
use Nebbia\Core\Measure\Home\TypedVolume;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Shelf\Kind;
use Nebbia\Core\Shelf\Kinds;
use Nebbia\Core\Shelf\OnShelf;
use Nebbia\Core\Substance\Ingredients;

/** From the planned rounds back to what must be made ahead: the stock they take, what of it is on the shelf, what to start and when. */
final readonly class PlanMakings
{
    public function __construct(
        private Kinds $kinds,
        private Ingredients $ingredients,
        private Mixer $mixer,
        private Household $household,
        private Catalogue $catalogue,
    ) {}

    /** @return list<StockBatch> soonest first */
    public function batches(Garden $garden): array
    {
        $batches = array_merge(...array_map(static fn (StockPlan $plan): array => $plan->batches, $this->plans($garden)));
        usort($batches, static fn (StockBatch $a, StockBatch $b): int => $a->startAt <=> $b->startAt);

        return $batches;
    }

    /** @return list<string> what planned rounds take of what stands there */
    public function fromShelf(Garden $garden): array
    {
        $said = [];
        foreach ($this->plans($garden) as $plan) {
            foreach ($plan->fromShelf as [$jar, $ml, $need]) {
                $said[] = Say::it('task.wanted', [
                    'volume' => PreciseWords::volume($ml, $garden->units),
                    'jar' => $jar->name,
                    'what' => $need->for,
                    'day' => $need->at->format('j F'),
                ]);
            }
        }

        return $said;
    }

    /** @return list<StockPlan> */
    private function plans(Garden $garden): array
    {
        $now = $garden->localNow();
        $plans = [];
        foreach ($this->needs($garden) as $ingredient => $needs) {
            $jars = array_values(
                array_filter(
                    $this->household->shelf($garden)->all(),
                    static fn (OnShelf $jar): bool => $jar->ingredient->id === $ingredient,
                ),
            );
            $kind = $this->kind($ingredient, $jars);
            if ($kind !== null) {
                $plans[] = StockPlan::of($kind, $needs, $jars, $now);
            }
        }

        return $plans;
    }

    /** @return list<ToMakeResource> */
    public function __invoke(Garden $garden): array
    {
        $batches = $this->batches($garden);
        $times = array_count_values(array_map(static fn (StockBatch $batch): string => $batch->kind->id, $batches));

        return array_map(fn (StockBatch $batch): ToMakeResource => $this->describe($garden, $batch, $times[$batch->kind->id]), $batches);
    }

    private function describe(Garden $garden, StockBatch $batch, int $times): ToMakeResource
    {
        $raw =
            $batch->liquidMl > 0.0
                ? [
                    PreciseWords::volume($batch->liquidMl, $garden->units).
                    ' of '.
                    mb_strtolower($this->ingredients->named($batch->kind->liquid)->name),
                ]
                : [];
        foreach ($batch->raw as $id => $amount) {
            $ingredient = $this->ingredients->named($id);
            $raw[] =
                ($ingredient->isLiquid ? PreciseWords::volume($amount, $garden->units) : PreciseWords::mass($amount, $garden->units)).
                ' of '.
                mb_strtolower($ingredient->name);
        }
        $days = array_unique(array_map(static fn (StockNeed $need): string => $need->at->format('j F'), $batch->needs));

        return new ToMakeResource(
            $batch->kind->id,
            $this->catalogue->say($batch->kind->name()),
            DescribePreparation::time($batch->startAt) ?? '',
            DescribePreparation::time($batch->readyAt) ?? '',
            $batch->isLate,
            PreciseWords::volume($batch->wantedMl, $garden->units),
            TypedVolume::of($batch->wantedMl, $garden->units, TypedVolume::PROPOSED),
            $raw,
            implode(', ', array_unique(array_map(static fn (StockNeed $need): string => $need->for, $batch->needs))).
                ' on '.
                implode(', ', $days),
            $times > 1 ? Say::it('task.smaller', ['times' => $times]) : null,
        );
    }

    /**
     * @param  list<OnShelf>  $jars
     * @return Kind|null the kind that stands there already, or the first that makes it
     */
    private function kind(string $ingredient, array $jars): ?Kind
    {
        return $jars[0]->kind ?? ($this->kinds->making($ingredient)[0] ?? null);
    }

    /** @return array<string, list<StockNeed>> ingredient => what the open rounds take of it; what is bought ready is not made */
    private function needs(Garden $garden): array
    {
        $open = static fn ($rounds) => $rounds->where('status', RoundStatus::Planned);
        $courses = $garden
            ->courses()
            ->whereHas('rounds', $open)
            ->with(['recipe', 'other', 'rounds' => $open])
            ->get();
        $bought = array_column(
            array_map(static fn ($product): array => ['id' => $product->ingredient->id], $this->household->cupboard($garden)->products),
            'id',
        );
        $needs = [];
        foreach ($courses as $course) {
            foreach ($course->rounds->groupBy(static fn (Round $round): string => $course->remedy($round->number)->id) as $rounds) {
                $recipe = $course->remedy($rounds->firstOrFail()->number);
                foreach ($this->taken($garden, $recipe, $course->volume_ml) as $ingredient => [$ml, $isFromShelf]) {
                    if (! $isFromShelf && in_array($ingredient, $bought, true)) {
                        continue;
                    }
                    foreach ($rounds as $round) {
                        $needs[$ingredient][] = new StockNeed($round->dueAt($garden->time_zone), $ml, $recipe->name, $round->id);
                    }
                }
            }
        }

        return $needs;
    }

    /** @return array<string, array{float, bool}> ingredient => mL that a round takes, and whether the recipe names a jar */
    private function taken(Garden $garden, Recipe $recipe, float $volumeMl): array
    {
        try {
            $mix = $this->mixer
                ->with($this->household->own($garden))
                ->mix($this->household->reader($garden)->read($recipe->body), $volumeMl, $garden->units);
        } catch (BadInput) {
            return [];
        }
        $taken = [];
        $sources = [[$mix->recipe->liquid, $mix->baseMl, $mix->recipe->liquidPreparation]];
        foreach ($mix->lines as $line) {
            $sources[] = [$line->line->ingredient, $line->volumeMl ?? 0.0, $line->line->preparation];
        }
        foreach ($sources as [$ingredient, $ml, $jar]) {
            if ($ingredient->isLiquid && $ml > 0.0 && ($jar !== null || $this->kinds->making($ingredient->id) !== [])) {
                $taken[$ingredient->id] = [
                    ($taken[$ingredient->id][0] ?? 0.0) + $ml,
                    $jar !== null || ($taken[$ingredient->id][1] ?? false),
                ];
            }
        }

        return $taken;
    }
}
