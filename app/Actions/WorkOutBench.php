<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Resources\BenchResource;
use App\Http\Resources\FindingResource;
use App\Http\Resources\IntervalResource;
use App\Http\Resources\LayerResource;
use App\Http\Resources\LevelMarkResource;
use App\Http\Resources\LineResource;
use App\Http\Resources\StrengthResource;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Sprayer;
use Nebbia\Core\BadInput;
use Nebbia\Core\Formulation\Mix;
use Nebbia\Core\Formulation\Mixer;
use Nebbia\Core\Formulation\MixLine;
use Nebbia\Core\Formulation\RecipeReader;
use Nebbia\Core\Formulation\Step;
use Nebbia\Core\Judgement\Finding;
use Nebbia\Core\Judgement\Headline;
use Nebbia\Core\Judgement\Judge;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Knowledge\Knowledge;
use Nebbia\Core\Measure\AmountFormatter;
use Nebbia\Core\Measure\AmountParser;
use Nebbia\Core\Measure\KitchenFraction;
use Nebbia\Core\Measure\LevelMarks;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Message\Catalogue;
use Nebbia\Core\Plant\Stage;
use Nebbia\Core\Tolerance\Gauge;
use Nebbia\Core\Tolerance\Gauges;

/**
 * A recipe on the bench: fitted to a sprayer, held against a planting, put into words for the screen.
 */
final readonly class WorkOutBench
{
    public function __construct(
        private Knowledge $knowledge,
        private RecipeReader $reader,
        private Mixer $mixer,
        private Judge $judge,
        private Gauges $gauges,
        private AmountParser $amounts,
        private Catalogue $catalogue,
    ) {}

    /**
     * @param  mixed  $body  nebbia.recipe/1, decoded
     * @param  string|null  $volume  final volume wanted, as typed; the sprayer's usable volume if left out, and without a
     *                               sprayer the recipe's own
     *
     * @throws BadInput naming `recipe.…` or `volume`
     */
    public function __invoke(Garden $garden, mixed $body, ?Sprayer $sprayer, ?Planting $planting, ?string $volume): BenchResource
    {
        $situation = $this->situation($garden, $body, $sprayer, $planting, $volume);

        return $this->describe($situation, $garden->units, $sprayer);
    }

    /**
     * The same for all plantings of a course: held against the one that bears it least.
     *
     * @param  iterable<Planting>  $plantings
     * @param  array<string, mixed>  $body
     *
     * @throws BadInput
     */
    public function forAll(Garden $garden, array $body, iterable $plantings, float $volumeMl): BenchResource
    {
        $mix = $this->mix($garden, $body, $volumeMl);
        $worst = null;
        foreach ($plantings as $planting) {
            $judged = $this->judged($mix, $planting);
            if ($worst === null || $judged->mix->worst()->rank() > $worst->mix->worst()->rank()) {
                $worst = $judged;
            }
        }

        return $this->describe($worst ?? $this->judged($mix, null), $garden->units, null);
    }

    /** @throws BadInput */
    public function situation(Garden $garden, mixed $body, ?Sprayer $sprayer, ?Planting $planting, ?string $volume): Situation
    {
        $target = $volume === null || trim($volume) === ''
            ? $sprayer?->vessel()->usableMl()
            : self::under('volume', fn () => $this->amounts->parseVolume($volume, $garden->units)->inBase()->likely);
        $mix = $this->mix($garden, $body, $target);
        if ($target !== null && $sprayer !== null) {
            self::under('volume', fn () => $sprayer->vessel()->refuseOverfill($target));
        }

        return $this->judged($mix, $planting);
    }

    private function mix(Garden $garden, mixed $body, ?float $targetMl): Mix
    {
        return self::under('recipe', fn () => $this->mixer->mix($this->reader->read($body), $targetMl, $garden->units));
    }

    private function judged(Mix $mix, ?Planting $planting): Situation
    {
        $situation = Situation::of($mix, $planting === null ? null : $this->knowledge->plant($planting->plant), $this->unusual($planting));

        return $situation->with($this->judge->judge($situation));
    }

    /** The figures are for grown leaves: only another stage is worth a word. */
    private function unusual(?Planting $planting): ?Stage
    {
        $stage = $planting === null ? null : Stage::tryFrom($planting->stage);

        return $stage === Stage::Growing ? null : $stage;
    }

    private function describe(Situation $situation, UnitSystem $units, ?Sprayer $sprayer): BenchResource
    {
        $mix = $situation->mix;
        $headline = Headline::of($situation);
        $burden = $this->gauges->burden($situation);
        $lines = array_map(fn (MixLine $line): LineResource => $this->line($line, $units), $mix->lines);
        $baseMeasure = $mix->baseMl > 0.0 ? $this->knowledge->kitchen($units)->nearest($mix->baseMl)->pretty : null;
        $capacity = $sprayer->capacity_ml ?? $mix->finalVolume->likely;
        $usable = $sprayer?->vessel()->usableMl() ?? $mix->finalVolume->likely;

        return new BenchResource(
            $headline->severity->value,
            $this->catalogue->sentence($headline->what),
            $headline->instead === null ? null : $this->catalogue->sentence($headline->instead),
            $mix->scale,
            IntervalResource::of($mix->finalVolume),
            PreciseWords::volume($mix->finalVolume->likely, $units),
            $mix->baseMl,
            $mix->recipe->liquid->name,
            PreciseWords::volume($mix->baseMl, $units),
            $baseMeasure,
            $capacity,
            $usable,
            PreciseWords::volume($usable, $units),
            array_map(static fn (array $mark): LevelMarkResource => new LevelMarkResource($mark['ml'], $mark['label']), LevelMarks::of($capacity, $units)),
            $situation->plantName(),
            $lines,
            $this->layers($mix, $lines, $units, $baseMeasure),
            array_map(static fn (Gauge $gauge): StrengthResource => StrengthResource::of($gauge), $this->gauges->of($situation)),
            $burden?->value,
            $burden->factor ?? 1.0,
            array_map(fn (Finding $finding): FindingResource => FindingResource::of($finding, $this->catalogue), $mix->findings),
        );
    }

    private function line(MixLine $line, UnitSystem $units): LineResource
    {
        $ingredient = $line->line->ingredient;
        $precise = $line->line->isPoured() || ($line->massG === null && $line->volumeMl !== null)
            ? PreciseWords::volume($line->volumeMl ?? 0.0, $units)
            : PreciseWords::mass($line->massG ?? 0.0, $units);

        return new LineResource(
            $ingredient->id,
            $ingredient->name,
            $line->line->statedStrength ?? $this->usual($line),
            $line->line->statedStrength === null,
            AmountFormatter::people($line->line->amount),
            $precise,
            $line->measure?->pretty,
            $line->measure?->errorPercent,
            $line->volumeMl,
            $line->massG,
            $ingredient->group,
        );
    }

    private function usual(MixLine $line): string
    {
        $usual = $line->line->ingredient->usual;

        return $usual->likely > 0.0 && $usual->likely < 100.0 ? KitchenFraction::figures($usual->likely).' %' : '';
    }

    /**
     * @param  list<LineResource>  $lines
     * @return list<LayerResource>
     */
    private function layers(Mix $mix, array $lines, UnitSystem $units, ?string $baseMeasure): array
    {
        $level = 0.0;

        return array_map(function (Step $step) use ($mix, $lines, $units, $baseMeasure, &$level): LayerResource {
            $line = $step->line === null ? null : $lines[$step->line];
            $poured = $step->line === null ? $mix->baseMl : ($mix->lines[$step->line]->line->isPoured() ? $mix->lines[$step->line]->volumeMl ?? 0.0 : 0.0);
            $layer = new LayerResource(
                $line->name ?? $mix->recipe->liquid->name,
                $step->group,
                $line->precise ?? PreciseWords::volume($mix->baseMl, $units),
                $line === null ? $baseMeasure : $line->measure,
                $poured,
                $level,
                $this->catalogue->say($step->how),
            );
            $level += $poured;

            return $layer;
        }, $mix->steps);
    }

    /**
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    private static function under(string $field, callable $work): mixed
    {
        try {
            return $work();
        } catch (BadInput $e) {
            throw $e->under($field);
        }
    }
}
