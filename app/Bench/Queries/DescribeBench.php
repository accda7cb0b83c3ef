<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\Resources\BenchResource;
use App\Bench\Resources\FindingResource;
use App\Bench\Resources\FitResource;
use App\Bench\Resources\IntervalResource;
use App\Bench\Resources\LayerResource;
use App\Bench\Resources\LevelMarkResource;
use App\Bench\Resources\LineResource;
use App\Bench\Resources\OfferResource;
use App\Bench\Resources\SafetyResource;
use App\Bench\Resources\StrengthResource;
use App\Core\Say;
use App\Models\Garden;
use App\Models\Sprayer;
use App\Pantry\Household;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Figures;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Judgement\Headline;
use Nebbia\Core\Judgement\JudgedMix;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Judgement\Tolerance\Burden;
use Nebbia\Core\Judgement\Tolerance\Gauge;
use Nebbia\Core\Judgement\Tolerance\Gauges;
use Nebbia\Core\Measure\AmountFormatter;
use Nebbia\Core\Measure\Kitchen\KitchenFraction;
use Nebbia\Core\Measure\Kitchen\Kitchens;
use Nebbia\Core\Measure\LevelMarks;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Measure\UnitKind;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Measure\Vessel\Fit;
use Nebbia\Core\Measure\Vessel\Vessel;
use Nebbia\Core\Mixing\Keeping\KeepingTimes;
use Nebbia\Core\Mixing\Measuring\LineMeasure;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Mixing\MixLine;
use Nebbia\Core\Mixing\MixStep;

/** A judged mix in words, as the bench shows it. */
final readonly class DescribeBench
{
    public function __construct(
        private Kitchens $kitchens,
        private KeepingTimes $keepingTimes,
        private Gauges $gauges,
        private Catalogue $catalogue,
        private Household $household,
        private DescribeCupboard $cupboard,
        private OfferJars $jars,
    ) {}

    /** @param  int  $fills  of the sprayer; the mix is one of them */
    public function __invoke(
        JudgedMix $judged,
        Garden $garden,
        ?Sprayer $sprayer,
        int $fills = 1,
        ?SafetyResource $safety = null,
        bool $spreads = false,
    ): BenchResource {
        $situation = $judged->situation;
        $mix = $judged->mix;
        $units = $garden->units;
        $measures = $this->household->measurer($garden)->measure($mix);
        $headline = Headline::of($judged);
        $burden = $this->gauges->burden($situation);
        $bottles = $this->household->cupboard($garden);
        $keeping = $this->keepingTimes->of($mix);
        $lines = [];
        foreach ($mix->lines as $n => $line) {
            $lines[] = $this->line(
                $line,
                $measures[$n],
                $mix,
                $units,
                $this->cupboard->offers($line->line->ingredient, $line->line->strength, $bottles),
                $garden,
            );
        }
        $baseMeasure = $mix->baseMl > 0.0 ? $this->kitchens->of($units)->nearest($mix->baseMl)->pretty : null;
        $capacity = $sprayer->capacity_ml ?? $mix->finalVolume->likely;
        $usable = $sprayer?->vessel()->usableMl() ?? $mix->finalVolume->likely;
        $stop = $judged->stops()[0] ?? null;

        return new BenchResource(
            $headline->severity->value,
            $this->catalogue->sentence($headline->what),
            $headline->instead === null ? null : $this->catalogue->sentence($headline->instead),
            $mix->scale,
            IntervalResource::of($mix->finalVolume),
            PreciseWords::volume($mix->finalVolume->likely * $fills, $units),
            $mix->baseMl,
            $mix->recipe->liquid->name,
            PreciseWords::volume($mix->baseMl, $units),
            $baseMeasure,
            $capacity,
            $usable,
            PreciseWords::volume($usable, $units),
            array_map(
                static fn (array $mark): LevelMarkResource => new LevelMarkResource($mark['ml'], $mark['label']),
                LevelMarks::of($capacity, $units),
            ),
            $this->plant($situation),
            $lines,
            $this->layers($mix, $lines, $units, $baseMeasure),
            array_map(
                static fn (Gauge $gauge): StrengthResource => StrengthResource::of($gauge, self::isUseless($judged, $gauge)),
                $this->gauges->of($situation),
            ),
            $burden?->value,
            self::said($burden),
            self::parts($this->gauges->of($situation), $burden),
            $burden->factor ?? 1.0,
            array_map(fn (Finding $finding): FindingResource => FindingResource::of($finding, $this->catalogue), $judged->findings),
            $sprayer === null ? null : $this->fit($mix, $sprayer->vessel(), $units, $fills),
            $this->catalogue->sentence($keeping?->said() ?? Message::of('storage.unknown')),
            $keeping === null ? null : Say::ground($keeping->basis, $keeping->sure),
            $this->cupboard->cost($bottles->draws($mix), $fills, $garden),
            $this->cupboard->offers($mix->recipe->liquid, $mix->recipe->liquidStrength, $bottles),
            $burden === null ? null : IntervalResource::of($burden->range),
            $safety,
            $spreads,
            $stop === null ? null : $this->catalogue->sentence($stop->instead),
        );
    }

    /** How much of what the plant bears with ease is taken up; the range where it reaches past that. */
    private static function said(?Burden $burden): string
    {
        if ($burden === null) {
            return '';
        }
        $percent = static fn (float $share): string => Figures::strength(100.0 * $share);
        $reaches = $burden->range->low < 1.0 !== $burden->range->high < 1.0;

        return $percent($burden->value).
            ' %'.
            ($reaches ? ', perhaps '.$percent($burden->range->low).' to '.$percent($burden->range->high).' %' : '');
    }

    /** @param  list<Gauge>  $gauges */
    private static function parts(array $gauges, ?Burden $burden): string
    {
        $parts = [];
        foreach ($gauges as $gauge) {
            if ($gauge->share !== null) {
                $parts[] = $gauge->name.' '.Figures::strength(100.0 * $gauge->share).' %';
            }
        }

        return implode(', ', $parts).
            ($burden !== null && $burden->factor > 1.01
                ? Say::it('bench.counts-more', ['times' => Figures::strength($burden->factor)])
                : '');
    }

    private function fit(Mix $mix, Vessel $vessel, UnitSystem $units, int $fills): FitResource
    {
        $each = $mix->finalVolume->likely;
        $fit = Fit::of($each * $fills, $mix->baseMl * $fills, $vessel);

        return new FitResource(
            $fit->verdict->value,
            $this->catalogue->sentence($fit->said),
            $fit->additionsMl < 0.01 * $fit->volumeMl ? null : PreciseWords::volume($fit->pourOutFirstMl, $units),
            $fills,
            $fills === 1 ? null : PreciseWords::volume($each, $units),
        );
    }

    /** "1:50" is one part in fifty-one; with more in the bottle it is less. */
    private function bothWays(MixLine $line, Mix $mix): ?string
    {
        $kind = $line->line->amount->unit->kind;
        $amount = ($line->line->isPoured() ? $line->volumeMl : $line->massG) ?? 0.0;
        if ($amount <= 0.0 || ! in_array($kind, [UnitKind::PerBase, UnitKind::PerFinal], true)) {
            return null;
        }

        return $kind === UnitKind::PerBase
            ? Say::it('bench.of-the-whole', ['parts' => KitchenFraction::figures($mix->finalVolume->likely / $amount)])
            : ($mix->baseMl > 0.0
                ? Say::it('bench.to-the-base', ['parts' => KitchenFraction::figures($mix->baseMl / $amount)])
                : null);
    }

    /** @param  list<OfferResource>  $offers */
    private function line(MixLine $line, LineMeasure $measured, Mix $mix, UnitSystem $units, array $offers, Garden $garden): LineResource
    {
        $jars = $this->jars->of($garden, $line->line);
        $direct = $measured->direct;
        $stock = $measured->stock;
        $ingredient = $line->line->ingredient;
        $precise =
            $line->line->isPoured() || ($line->massG === null && $line->volumeMl !== null)
                ? PreciseWords::volume($line->volumeMl ?? 0.0, $units)
                : PreciseWords::mass($line->massG ?? 0.0, $units);

        return new LineResource(
            $ingredient->id,
            $ingredient->name,
            $line->line->statedStrength ?? $this->usual($line),
            $line->line->statedStrength === null && $line->line->preparation === null,
            AmountFormatter::people($line->line->amount),
            $precise,
            $direct === null ? $line->measure?->pretty : $this->catalogue->say($direct->said()),
            $direct === null ? $line->measure?->errorPercent : 100 * $direct->error(),
            $direct === null ? null : 100 * $direct->worst(),
            $measured->isNear,
            $stock === null
                ? null
                : $this->catalogue->say(
                    Message::of('measuring.stock', [
                        'take' => $stock->take->said(),
                        'water' => $stock->water->said(),
                        'use' => $stock->use->said(),
                    ]),
                ),
            $this->bothWays($line, $mix),
            $offers,
            $line->volumeMl,
            $line->massG,
            $ingredient->group,
            $jars[0],
            $line->line->preparation?->id,
            $jars[1],
            $jars[2],
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

        return array_map(function (MixStep $step) use ($mix, $lines, $units, $baseMeasure, &$level): LayerResource {
            $line = $step->line === null ? null : $lines[$step->line];
            $poured =
                $step->line === null
                    ? $mix->baseMl
                    : ($mix->lines[$step->line]->line->isPoured()
                        ? $mix->lines[$step->line]->volumeMl ?? 0.0
                        : 0.0);
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

    private function plant(Situation $situation): string
    {
        $name = $situation->plantName();

        return $name instanceof Message ? $this->catalogue->say($name) : $name;
    }

    /** Whether the mix is known by that it is too weak: no leaf is hurt by it, and nothing else either. */
    private static function isUseless(JudgedMix $judged, Gauge $gauge): bool
    {
        $leading = $judged->leading();

        return $leading !== null && ($leading->substances === [] || in_array($gauge->substance, $leading->substances, true));
    }
}
