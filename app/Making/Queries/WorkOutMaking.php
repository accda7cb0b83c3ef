<?php

declare(strict_types=1);

namespace App\Making\Queries;

use App\Bench\Resources\FindingResource;
use App\Core\Say;
use App\Making\Resources\MakingResource;
use App\Making\Resources\MixingStepResource;
use App\Making\Resources\RawResource;
use App\Models\Garden;
use App\Models\Sprayer;
use App\Pantry\Household;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Instructions\Steps\MixingStep;
use Nebbia\Core\Instructions\Steps\MixingTask;
use Nebbia\Core\Making\Kitchenware;
use Nebbia\Core\Making\Maker;
use Nebbia\Core\Making\MakingJudge;
use Nebbia\Core\Making\MakingReader;
use Nebbia\Core\Making\MakingSteps;
use Nebbia\Core\Making\Preparation;
use Nebbia\Core\Making\StockNeed;
use Nebbia\Core\Making\StockPlan;
use Nebbia\Core\Measure\AmountFormatter;
use Nebbia\Core\Measure\AmountParser;
use Nebbia\Core\Measure\Home\TypedVolume;
use Nebbia\Core\Measure\Kitchen\KitchenFraction;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Mixing\Hazard\Hazards;
use Nebbia\Core\Shelf\Kind;
use Nebbia\Core\Shelf\Kinds;
use Nebbia\Core\Shelf\Raw;

/** A preparation before it is started: how much goes in, what comes of it, what to do. */
final readonly class WorkOutMaking
{
    private const USUAL_ML = 1000.0;

    public function __construct(
        private Kinds $kinds,
        private Hazards $hazards,
        private MakingReader $reader,
        private Maker $maker,
        private AmountParser $amounts,
        private Household $household,
        private Catalogue $catalogue,
        private DescribePreparation $describe,
        private Kitchenware $kitchen,
        private MakingJudge $judge,
    ) {}

    /**
     * @param  string|null  $want  how much should come of it, as typed
     * @param  array<string, mixed>|null  $body  nebbia.preparation/1 as it was changed; the usual one for a litre, or for what is wanted,
     *     if left out
     *
     * @throws BadInput
     */
    public function __invoke(Garden $garden, string $kindId, ?string $want, ?array $body, ?Sprayer $sprayer): MakingResource
    {
        $kind = $this->kinds->get($kindId);
        $body ??= $this->usual($garden, $kind, $want);
        try {
            $preparation = $this->read($garden, $body);
        } catch (BadInput $e) {
            throw $e->under('body');
        }
        $kind = $preparation->making->kind;
        $now = $garden->now();
        $findings = $this->findings($preparation);

        return new MakingResource(
            $this->describe->kind($kind),
            $body,
            $preparation->pot === null
                ? null
                : PreciseWords::volume($preparation->pot->baseMl, $garden->units).
                    ' of '.
                    mb_strtolower($preparation->pot->recipe->liquid->name),
            $this->raw($garden, $preparation),
            $preparation->yield === null ? null : $this->yield($preparation, $garden->units),
            $preparation->yield?->likely,
            $this->describe->makeup($preparation->contents, $kind->countsAs === null ? [] : $preparation->plants),
            $kind->hours->likely > 0.0 ? DescribePreparation::time($now->addMinutes((int) round(60.0 * $kind->hours->likely))) : null,
            array_values($this->describe->keeps($kind)),
            array_map(fn (string $id): string => $this->catalogue->say(Message::of("making.spoil.$id")), $kind->spoils),
            // What must not be is not walked through: what to do instead stands in its place.
            ($findings[0]->severity ?? null) === Severity::Stop->value ? [] : $this->said($this->steps($garden, $preparation, $sprayer)),
            $findings,
            Say::ground($kind->basis, $kind->sure),
        );
    }

    /**
     * @param  array<string, mixed>  $body
     *
     * @throws BadInput
     */
    public function read(Garden $garden, array $body): Preparation
    {
        return $this->maker->make($this->reader->with($this->household->shelf($garden))->read($body));
    }

    /** @return list<FindingResource> the gravest first */
    public function findings(Preparation $preparation): array
    {
        return array_map(
            fn (Finding $one): FindingResource => FindingResource::of($one, $this->catalogue),
            $this->judge->judge($preparation),
        );
    }

    /** @return list<MixingStep> */
    public function steps(Garden $garden, Preparation $preparation, ?Sprayer $sprayer): array
    {
        $work =
            $preparation->pot === null
                ? null
                : MixingTask::of($preparation->pot, null, $garden->units, $this->hazards, $this->household->measurer($garden));
        $passage = $sprayer?->finest_passage_mm;

        return (new MakingSteps())->of(
            $preparation,
            $work,
            $garden->units,
            $passage === null ? null : Say::it('making.passage', ['mm' => KitchenFraction::figures($passage), 'sprayer' => $sprayer->name]),
            $this->kitchen->of($preparation),
        );
    }

    /**
     * @param  list<MixingStep>  $steps
     * @return list<MixingStepResource>
     */
    public function said(array $steps): array
    {
        return array_map(
            fn (MixingStep $step): MixingStepResource => new MixingStepResource(
                $step->kind,
                $this->catalogue->sentence($step->what),
                $step->how === null ? null : $this->catalogue->sentence($step->how),
                array_values(array_unique(array_map($this->catalogue->sentence(...), $step->cautions))),
                $step->lines,
                $step->timer === null ? null : $this->catalogue->say($step->timer->label),
                $step->timer?->minutes->likely,
                0.0,
                0.0,
                0.0,
            ),
            $steps,
        );
    }

    /** @return array<string, mixed> nebbia.preparation/1 in the usual proportions */
    private function usual(Garden $garden, Kind $kind, ?string $want): array
    {
        $wanted = $want === null || trim($want) === '' ? null : $this->wanted($garden, $want);
        $liquid = self::USUAL_ML;
        $raw = array_map(static fn (Raw $one): float => $one->perLitre->likely, $kind->raw);
        if ($wanted !== null) {
            $now = $garden->now();
            $batch = StockPlan::of($kind, [new StockNeed($now, $wanted)], [], $now)->batches[0];
            $factor = $kind->isOfParts
                ? ($batch->raw === []
                    ? 1.0
                    : array_sum($batch->raw) / array_sum($raw))
                : $batch->liquidMl / self::USUAL_ML;
            $liquid = $batch->liquidMl;
            $raw = array_map(static fn (float $one): float => $one * $factor, $raw);
        } elseif ($kind->isOfParts) {
            $raw = array_map(static fn (float $one): float => $one / 2.0, $raw);
        }
        $body = [
            'format' => MakingReader::FORMAT,
            'kind' => $kind->id,
            'name' => $this->catalogue->say($kind->name()),
            'units' => $garden->units->value,
        ];
        if (! $kind->isOfParts) {
            $body['base'] =
                ['amount' => TypedVolume::of($liquid, $garden->units, TypedVolume::PROPOSED), 'liquid' => $kind->liquid] +
                ($kind->liquidStrength === null ? [] : ['strength' => $kind->liquidStrength]);
        }

        return $body + [
            'ingredients' => array_map(
                static fn (Raw $one, float $amount): array => [
                    'ingredient' => $one->ingredient,
                    'amount' => $one->isPoured
                        ? TypedVolume::of($amount, $garden->units, TypedVolume::PROPOSED)
                        : TypedVolume::mass($amount, $garden->units, TypedVolume::PROPOSED),
                ],
                $kind->raw,
                $raw,
            ),
        ];
    }

    private function wanted(Garden $garden, string $want): float
    {
        try {
            return $this->amounts->parseVolume($want, $garden->units)->inBase()->likely;
        } catch (BadInput $e) {
            throw $e->at('want');
        }
    }

    /** @return list<RawResource> */
    private function raw(Garden $garden, Preparation $preparation): array
    {
        $kind = $preparation->making->kind;
        $rows = $preparation->making->lines;
        $litres = $kind->isOfParts ? null : ($preparation->pot->baseMl ?? 0.0) / 1000.0;
        $raw = [];
        foreach ($rows as $n => $line) {
            $worked = $preparation->pot !== null && ! $kind->isOfParts ? $preparation->pot->lines[$n] ?? null : null;
            $amount = $worked === null ? $line->amount->inBase()->likely : ($line->isPoured() ? $worked->volumeMl : $worked->massG) ?? 0.0;
            $usual = $this->find($kind, $line->ingredient->id, $litres);
            $words = static fn (float $one): string => $line->isPoured()
                ? PreciseWords::volume($one, $garden->units)
                : PreciseWords::mass($one, $garden->units);
            $raw[] = new RawResource(
                $line->ingredient->id,
                $line->ingredient->name,
                AmountFormatter::people($line->amount),
                $words($amount),
                $usual === null ? null : $words($usual[1]).' ('.$words($usual[0]).' to '.$words($usual[2]).')',
                $usual === null ? 'unknown' : ($amount < $usual[0] * 0.995 ? 'below' : ($amount > $usual[2] * 1.005 ? 'above' : 'usual')),
                $line->preparation?->id,
            );
        }

        return $raw;
    }

    /** @return array{float, float, float}|null low, likely, high of what is usual for so many litres */
    private function find(Kind $kind, string $ingredient, ?float $litres): ?array
    {
        foreach ($kind->raw as $one) {
            if ($one->ingredient === $ingredient && $litres !== null) {
                return [$one->perLitre->low * $litres, $one->perLitre->likely * $litres, $one->perLitre->high * $litres];
            }
        }

        return null;
    }

    private function yield(Preparation $preparation, UnitSystem $units): string
    {
        $words = static fn (float $ml): string => PreciseWords::volume($ml, $units);
        $yield = $preparation->yield;

        return $yield === null
            ? ''
            : $words($yield->likely).
                    ($yield->high - $yield->low < 0.005 * $yield->likely
                        ? ''
                        : ' ('.$words($yield->low).' to '.$words($yield->high).')');
    }
}
