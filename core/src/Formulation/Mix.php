<?php

declare(strict_types=1);

namespace Nebbia\Core\Formulation;

use Nebbia\Core\Chemistry\Aftermath;
use Nebbia\Core\Judgement\Finding;
use Nebbia\Core\Judgement\Severity;
use Nebbia\Core\Measure\Interval;

/** A recipe worked out for a vessel. */
final readonly class Mix
{
    /**
     * @param  list<MixLine>  $lines  in the recipe's order
     * @param  list<FinalStrength>  $strengths
     * @param  list<Step>  $steps  in mixing order
     * @param  list<Finding>  $findings
     */
    private function __construct(
        public Recipe $recipe,
        public float $scale,
        public Interval $finalVolume,
        public float $baseMl,
        public array $lines,
        public array $strengths,
        public array $steps,
        public array $findings,
        /** What it has become; null where nothing reacts, or before it was judged. */
        public ?Aftermath $aftermath = null,
    ) {}

    /**
     * @param  list<MixLine>  $lines
     * @param  list<FinalStrength>  $strengths
     * @param  list<Step>  $steps
     */
    public static function of(Recipe $recipe, float $scale, Interval $finalVolume, float $baseMl, array $lines, array $strengths, array $steps): self
    {
        return new self($recipe, $scale, $finalVolume, $baseMl, $lines, $strengths, $steps, []);
    }

    /** @param  list<Finding>  $findings */
    public function withFindings(array $findings): self
    {
        return new self($this->recipe, $this->scale, $this->finalVolume, $this->baseMl, $this->lines, $this->strengths, $this->steps, $findings, $this->aftermath);
    }

    public function withAftermath(?Aftermath $aftermath): self
    {
        return new self($this->recipe, $this->scale, $this->finalVolume, $this->baseMl, $this->lines, $this->strengths, $this->steps, $this->findings, $aftermath);
    }

    public function strengthOf(string $substance): ?FinalStrength
    {
        foreach ($this->strengths as $strength) {
            if ($strength->substance->id === $substance) {
                return $strength;
            }
        }

        return null;
    }

    public function worst(): Severity
    {
        $worst = Severity::Fine;
        foreach ($this->findings as $finding) {
            $worst = $finding->severity->orWorse($worst);
        }

        return $worst;
    }
}
