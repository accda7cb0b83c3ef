<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Evidence;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Table;

/**
 * How a gardener's own leaves move a threshold: Bayes' rule on its factor k.
 *
 * Prior: ln k is normal round 0 with the spread of patch.yaml. A leaf sprayed at r times our threshold is hurt with the chance
 * other + (1 - luck - other)·Φ((ln r - ln k) / width), so that a clean look never weighs more than 1 to `luck`: one patch at ten times
 * the strength is taken for luck. The factor is the median of what results; it rises no higher than what was borne.
 */
final readonly class Learner
{
    private const STEPS = 120;

    private const FROM = -2.5;

    private const TO = 2.5;

    private float $spread;

    private float $width;

    private float $luckPatch;

    private float $luckWhole;

    private float $other;

    private float $least;

    private float $most;

    private float $passed;

    public function __construct(Table $patch)
    {
        $prior = $patch->part('prior');
        $this->spread = $prior->float('spread');
        $this->width = $prior->float('width');
        $this->luckPatch = $prior->float('luck_patch');
        $this->luckWhole = $prior->float('luck_whole');
        $this->other = $prior->float('other_cause');
        $this->least = $prior->float('least');
        $this->most = $prior->float('most');
        $this->passed = $patch->part('score')->float('passed');
    }

    /** No more of it than passes for clean. */
    public function isClean(Observation $one): bool
    {
        return $one->score <= $this->passed;
    }

    /**
     * @param  list<Observation>  $observations  with this substance in them
     * @param  callable(Observation): float  $ratio  how strong it was, 1 being our threshold
     */
    public function learn(array $observations, callable $ratio): ?Learned
    {
        $seen = [];
        $borne = 1.0;
        foreach ($observations as $one) {
            $r = $ratio($one);
            if ($r > 0.0) {
                $clean = $this->isClean($one);
                $seen[] = [log($r), $clean, $one->whole ? $this->luckWhole : $this->luckPatch];
                $borne = $clean ? max($borne, $r) : $borne;
            }
        }
        if ($seen === []) {
            return null;
        }
        $weights = [];
        $step = (self::TO - self::FROM) / self::STEPS;
        for ($n = 0; $n <= self::STEPS; $n++) {
            $k = self::FROM + $n * $step;
            $weight = exp(-0.5 * ($k / $this->spread) ** 2);
            foreach ($seen as [$r, $clean, $luck]) {
                $hurt = $this->other + (1.0 - $luck - $this->other) * self::normal(($r - $k) / $this->width);
                $weight *= $clean ? 1.0 - $hurt : $hurt;
            }
            $weights[] = $weight;
        }
        $at = static fn (float $part): float => exp(self::quantile($weights, $part, $step));
        $bound = fn (float $k): float => max($this->least, min($this->most, $k));

        return Learned::of(
            min($bound($at(0.5)), max(1.0, $borne)),
            Interval::of($bound($at(0.05)), $bound($at(0.5)), $bound($at(0.95))),
            count($seen),
        );
    }

    /** @param  list<float>  $weights */
    private static function quantile(array $weights, float $part, float $step): float
    {
        $wanted = $part * array_sum($weights);
        $sum = 0.0;
        foreach ($weights as $n => $weight) {
            if ($sum + $weight >= $wanted) {
                return self::FROM + ($n + ($weight > 0.0 ? ($wanted - $sum) / $weight : 0.0) - 0.5) * $step;
            }
            $sum += $weight;
        }

        return self::TO;
    }

    /** Distribution function of the normal law: Abramowitz and Stegun 26.2.17, good to 7.5e-8. */
    private static function normal(float $x): float
    {
        $t = 1.0 / (1.0 + 0.2316419 * abs($x));
        $tail =
            0.3989422804 *
            exp(-0.5 * $x * $x) *
            $t *
            (0.31938153 + $t * (-0.356563782 + $t * (1.781477937 + $t * (-1.821255978 + $t * 1.330274429))));

        return $x >= 0.0 ? 1.0 - $tail : $tail;
    }
}
