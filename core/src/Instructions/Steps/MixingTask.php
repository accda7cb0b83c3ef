<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Steps;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Measure\Tool\Measurement;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Measure\Vessel\Vessel;
use Nebbia\Core\Mixing\Hazard\Hazard;
use Nebbia\Core\Mixing\Hazard\Hazards;
use Nebbia\Core\Mixing\Measuring\LineMeasure;
use Nebbia\Core\Mixing\Measuring\MixMeasurer;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Mixing\MixLine;

/** A mix on its way into a vessel: what the rules need to know, and how amounts are said. */
final readonly class MixingTask
{
    /** Groups that are dissolved in some of the base before they go in. */
    private const DISSOLVED = ['salt', 'tablet', 'soap-solid', 'powder'];

    private const CUP_ML = 250.0;

    /** Stirred by hand a solution gets no nearer to saturation than this. */
    private const EASE = 0.8;

    /**
     * @param  list<LineMeasure>  $measures
     * @param  list<Finding>  $findings  of the mix
     */
    private function __construct(
        public Mix $mix,
        public ?Vessel $vessel,
        public UnitSystem $system,
        public array $measures,
        private ?MixMeasurer $measurer,
        private Hazards $hazards,
        public array $findings,
        /** What it is sprayed on stands in a room. */
        public bool $isIndoors = false,
    ) {}

    /** @param  list<Finding>  $findings  of the mix, where it was judged */
    public static function of(
        Mix $mix,
        ?Vessel $vessel,
        UnitSystem $system,
        Hazards $hazards,
        ?MixMeasurer $measurer = null,
        array $findings = [],
        bool $isIndoors = false,
    ): self {
        return new self($mix, $vessel, $system, $measurer?->measure($mix) ?? [], $measurer, $hazards, $findings, $isIndoors);
    }

    /** Whether a line is raw plant material or ash, to be steeped and strained first. */
    public function isSteeped(int $line): bool
    {
        return $this->mix->lines[$line]->line->ingredient->steepHours !== null && ! $this->mix->lines[$line]->line->isPoured();
    }

    /** @return list<int> */
    public function steeped(): array
    {
        return array_values(array_filter(array_keys($this->mix->lines), $this->isSteeped(...)));
    }

    public function isDissolved(int $line): bool
    {
        return in_array($this->mix->lines[$line]->line->ingredient->group, self::DISSOLVED, true) && $this->measure($line)?->stock === null;
    }

    /** mL of the base kept back for steeping: half of it. */
    public function steepMl(): float
    {
        return $this->steeped() === [] ? 0.0 : $this->mix->baseMl / 2;
    }

    /** mL of the base that come in with thinned stocks. */
    public function stockMl(): float
    {
        $ml = 0.0;
        foreach ($this->measures as $measure) {
            $ml += $measure->stock?->waterInUseMl() ?? 0.0;
        }

        return $ml;
    }

    /** mL of the base in which a solid is dissolved: a cup, or a third of a small base, or what it takes. */
    public function dissolvingMl(int $line): float
    {
        $worked = $this->mix->lines[$line];
        $soluble = $worked->line->ingredient->soluble;
        $needed = $soluble === null ? 0.0 : (($worked->massG ?? 0.0) / ($soluble * self::EASE)) * 100;

        return min(max(self::CUP_ML, $needed), max($this->freeBase() / max(1, count($this->dissolvedLines())), 0.0));
    }

    /** Whether more is to be dissolved than the water can hold. */
    public function isTooMuchToDissolve(int $line): bool
    {
        $worked = $this->mix->lines[$line];
        $soluble = $worked->line->ingredient->soluble;

        return $soluble !== null && ($worked->massG ?? 0.0) > ($soluble * $this->mix->finalVolume->likely) / 100;
    }

    /** mL of the base that are poured in at once. */
    public function firstPourMl(): float
    {
        $kept = array_sum(array_map($this->dissolvingMl(...), $this->dissolvedLines()));

        return max(0.0, $this->freeBase() - $kept);
    }

    public function measure(int $line): ?LineMeasure
    {
        return $this->measures[$line] ?? null;
    }

    /** "25 mL (1 × tablespoon and 2 × teaspoon)": as precisely as it is known, and how to measure it. */
    public function amount(int $line): Message
    {
        $worked = $this->mix->lines[$line];
        $direct = $this->measure($line)?->direct;
        if ($direct !== null) {
            return $this->both($this->precise($worked), $direct);
        }
        $measure = $worked->measure?->pretty;

        return $worked->volumeMl === null && $measure !== null && $worked->line->amount->unit->likely === null
            ? Message::of('step.counted', ['measure' => $measure, 'precise' => $this->precise($worked)])
            : ($measure === null
                ? $this->both($this->precise($worked), null)
                : Message::of('step.measured', ['precise' => $this->precise($worked), 'measure' => $measure]));
    }

    public function volume(float $ml): Message
    {
        return $this->both(PreciseWords::volume($ml, $this->system), $ml > 0.0 ? $this->measurer?->volume($ml) : null);
    }

    /** @return list<Message> dangers of a line's bottle, to be said where it is opened */
    public function cautions(int $line): array
    {
        return array_values(
            array_map(
                static fn (Hazard $hazard): Message => $hazard->said(),
                $this->hazards->of($this->mix->lines[$line]->line->contents()),
            ),
        );
    }

    /** @return array<string, Hazard> of all bottles that are opened, by kind */
    public function hazards(): array
    {
        $recipe = $this->mix->recipe;
        $all = $this->hazards->of($recipe->liquidContents());
        foreach ($recipe->lines as $line) {
            foreach ($this->hazards->of($line->contents()) as $kind => $hazard) {
                if ($hazard->rank >= ($all[$kind]->rank ?? 0)) {
                    $all[$kind] = $hazard;
                }
            }
        }

        return $all;
    }

    public function has(string ...$groups): bool
    {
        foreach ($this->mix->recipe->lines as $line) {
            if (in_array($line->ingredient->group, $groups, true)) {
                return true;
            }
        }

        return in_array($this->mix->recipe->liquid->group, $groups, true);
    }

    /** The narrowest place of the sprayer, to strain finer than. */
    public function passage(): Message
    {
        return $this->vessel?->finestPassageMm === null
            ? Message::of('step.any-passage')
            : Message::of('step.passage', ['mm' => $this->vessel->finestPassageMm, 'vessel' => $this->vessel->name]);
    }

    public function vesselName(): Message
    {
        return $this->vessel === null ? Message::of('step.the-vessel') : Message::of('step.as-is', ['text' => $this->vessel->name]);
    }

    public function baseName(): string
    {
        return mb_strtolower($this->mix->recipe->liquid->name);
    }

    /** @return list<int> */
    private function dissolvedLines(): array
    {
        return array_values(array_filter(array_keys($this->mix->lines), $this->isDissolved(...)));
    }

    private function freeBase(): float
    {
        return max(0.0, $this->mix->baseMl - $this->steepMl() - $this->stockMl());
    }

    private function precise(MixLine $worked): string
    {
        return $worked->line->isPoured() || ($worked->massG === null && $worked->volumeMl !== null)
            ? PreciseWords::volume($worked->volumeMl ?? 0.0, $this->system)
            : PreciseWords::mass($worked->massG ?? 0.0, $this->system);
    }

    private function both(string $precise, ?Measurement $measurement): Message
    {
        if ($measurement === null) {
            return Message::of('step.as-is', ['text' => $precise]);
        }
        // "10 g (10 g on the scale)" says the same twice.
        $isPlain =
            abs($measurement->error()) < 0.002 &&
            count($measurement->terms) === 1 &&
            in_array($measurement->terms[0]->key, ['measuring.weigh', 'measuring.draw'], true);

        return $isPlain ? $measurement->said() : Message::of('step.measured', ['precise' => $precise, 'measure' => $measurement->said()]);
    }
}
