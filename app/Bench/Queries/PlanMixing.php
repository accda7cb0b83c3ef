<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\Resources\FindingResource;
use App\Bench\Resources\MixingPlanResource;
use App\Bench\Resources\RescueResource;
use App\Bench\Resources\WayOutResource;
use App\Making\Resources\MixingStepResource;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Sprayer;
use App\Pantry\Household;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Instructions\Rescue\RescueContent;
use Nebbia\Core\Instructions\Rescue\Rescuer;
use Nebbia\Core\Instructions\Rescue\WayOut;
use Nebbia\Core\Instructions\Steps\MixingStep;
use Nebbia\Core\Instructions\Steps\MixingTask;
use Nebbia\Core\Instructions\Steps\StepPlanner;
use Nebbia\Core\Measure\AmountParser;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Mixing\DoseReader;
use Nebbia\Core\Mixing\Hazard\Hazards;
use Nebbia\Core\Mixing\Measuring\MixMeasurer;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Mixing\Recipe\RecipeException;

/** A mix to be made: its steps in order, and the ways out when something went wrong. */
final readonly class PlanMixing
{
    public function __construct(
        private Hazards $hazards,
        private DoseReader $doses,
        private WorkOutBench $bench,
        private JudgeMix $judge,
        private Household $household,
        private Catalogue $catalogue,
        private AmountParser $amounts,
        private StepPlanner $planner,
    ) {}

    /** @throws BadInput */
    public function __invoke(Garden $garden, mixed $body, ?Sprayer $sprayer, ?Planting $planting, ?string $volume): MixingPlanResource
    {
        $bench = ($this->bench)($garden, $body, $sprayer, $planting, $volume);
        $judged = $this->judge->oneFill($garden, $body, $sprayer, $planting, $volume);
        $mix = $judged->mix;
        $work = MixingTask::of(
            $mix,
            $sprayer?->vessel(),
            $garden->units,
            $this->hazards,
            $this->household->measurer($garden),
            $judged->findings,
            $planting->indoors ?? false,
        );

        $stops = $judged->stops();

        return new MixingPlanResource(
            $mix->recipe->name,
            $bench->makes,
            $bench->fit->fills ?? 1,
            $mix->finalVolume->likely,
            $bench->capacity_ml,
            $bench->usable_ml,
            $bench->severity,
            $bench->headline,
            $bench->keeps,
            $bench->lines,
            $stops === [] ? $this->steps($this->planner->plan($work)) : [],
            array_map(fn (Finding $one): FindingResource => FindingResource::of($one, $this->catalogue), $stops),
        );
    }

    /**
     * @param  list<int>  $in  lines that are in as planned
     * @param  int|null  $line  of which something else went in; the base if null
     *
     * @throws BadInput naming `put`, `line` or `in`
     */
    public function rescue(
        Garden $garden,
        mixed $body,
        ?Sprayer $sprayer,
        ?Planting $planting,
        ?string $volume,
        array $in,
        float $baseMl,
        ?int $line,
        string $put,
    ): RescueResource {
        $judged = $this->judge->oneFill($garden, $body, $sprayer, $planting, $volume);
        $mix = $judged->mix;
        $content = $this->content($garden, $mix, array_values(array_diff($in, [$line])), $baseMl, $line, $put);
        $rescuer = new Rescuer();
        $ways = $rescuer->waysOut($mix, $content, $sprayer?->vessel(), $judged->findings);
        $measurer = $this->household->measurer($garden);

        return new RescueResource(
            $this->catalogue->say(
                Message::of(
                    match (true) {
                        $rescuer->mustGo($judged->findings) => 'rescue.must-go',
                        $ways === [] => 'rescue.throw-away',
                        default => 'rescue.ways',
                    },
                ),
            ),
            array_map(fn (WayOut $way): WayOutResource => $this->way($way, $mix, $measurer, $garden->units), $ways),
            $this->catalogue->say(Message::of('rescue.disposal')),
        );
    }

    /** @param  list<int>  $in */
    private function content(Garden $garden, Mix $mix, array $in, float $baseMl, ?int $line, string $put): RescueContent
    {
        try {
            $amount = $this->amounts->parse($put, $garden->units);
            if ($line === null) {
                return RescueContent::of($mix, $this->amounts->parseVolume($put, $garden->units)->inBase()->likely, $in);
            }
            $recipeLine = $mix->lines[$line]->line ?? throw RecipeException::missing('line');
            $dose = $this->doses->with($this->household->own($garden))->read($recipeLine->withAmount($amount));
        } catch (BadInput $e) {
            throw $e->at('put');
        }

        return RescueContent::of($mix, $baseMl, $in, [$line => $dose->size->likely]);
    }

    private function way(WayOut $way, Mix $mix, MixMeasurer $measurer, UnitSystem $units): WayOutResource
    {
        $volume = static fn (float $ml): string => PreciseWords::volume($ml, $units);
        $steps = [];
        if ($way->pourAwayMl > 0.5) {
            $steps[] = $this->catalogue->say(Message::of('rescue.pour-away', ['amount' => $volume($way->pourAwayMl)]));
        }
        if ($way->addBaseMl > 0.5) {
            $steps[] = $this->catalogue->say(
                Message::of('rescue.add', ['name' => mb_strtolower($mix->recipe->liquid->name), 'amount' => $volume($way->addBaseMl)]),
            );
        }
        foreach ($way->add as $line => $amount) {
            $recipeLine = $mix->lines[$line]->line;
            $measure = $recipeLine->isPoured() ? $measurer->volume($amount) : null;
            $precise = $recipeLine->isPoured() ? $volume($amount) : PreciseWords::mass($amount, $units);
            $steps[] = $this->catalogue->say(
                Message::of('rescue.add', [
                    'name' => mb_strtolower($recipeLine->ingredient->name),
                    'amount' => $measure === null
                        ? $precise
                        : Message::of('step.measured', ['precise' => $precise, 'measure' => $measure->said()]),
                ]),
            );
        }

        return new WayOutResource(
            $way->kind,
            $this->catalogue->say(Message::of("rescue.way.$way->kind")),
            $steps === [] ? [$this->catalogue->say(Message::of('rescue.nothing-to-do'))] : $steps,
            $volume($way->finalMl),
        );
    }

    /**
     * @param  list<MixingStep>  $steps
     * @return list<MixingStepResource>
     */
    private function steps(array $steps): array
    {
        $level = 0.0;

        return array_map(function (MixingStep $step) use (&$level): MixingStepResource {
            $level += $step->pouredMl;

            return new MixingStepResource(
                $step->kind,
                $this->catalogue->sentence($step->what),
                $step->how === null ? null : $this->catalogue->sentence($step->how),
                array_values(array_unique(array_map($this->catalogue->sentence(...), $step->cautions))),
                $step->lines,
                $step->timer === null ? null : $this->catalogue->say($step->timer->label),
                $step->timer?->minutes->likely,
                $step->pouredMl,
                in_array($step->kind, ['base', 'extract', 'dissolve', 'top-up'], true) ? $step->pouredMl : 0.0,
                $level,
            );
        }, $steps);
    }
}
