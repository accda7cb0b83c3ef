<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Mixing\Recipe\Recipe;

/** A recipe worked out for a vessel. */
final readonly class Mix
{
    /**
     * @param  list<MixLine>  $lines  in the recipe's order
     * @param  list<FinalStrength>  $strengths
     * @param  list<MixStep>  $steps  in mixing order
     */
    private function __construct(
        public Recipe $recipe,
        public float $scale,
        public Interval $finalVolume,
        public float $baseMl,
        public array $lines,
        public array $strengths,
        public array $steps,
    ) {}

    /**
     * @param  list<MixLine>  $lines
     * @param  list<FinalStrength>  $strengths
     * @param  list<MixStep>  $steps
     */
    public static function of(
        Recipe $recipe,
        float $scale,
        Interval $finalVolume,
        float $baseMl,
        array $lines,
        array $strengths,
        array $steps,
    ): self {
        return new self($recipe, $scale, $finalVolume, $baseMl, $lines, $strengths, $steps);
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
}
