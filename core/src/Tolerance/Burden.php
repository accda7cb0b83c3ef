<?php

declare(strict_types=1);

namespace Nebbia\Core\Tolerance;

use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Knowledge\Row;
use Nebbia\Core\Measure\Interval;

/** How much of what a plant bears is taken up by all actives together (concentration addition). */
final readonly class Burden
{
    /** @param  array<string, float>  $shares substance => its part, before the factor */
    private function __construct(
        public float $value,
        public Interval $range,
        public float $towardsStop,
        public float $mostTowardsStop,
        public float $factor,
        public array $shares,
        public string $heaviest,
    ) {}

    /** Null where fewer than two actives have a threshold: a single one is judged by that alone. */
    public static function of(Situation $situation, Limits $limits, Row $rules): ?self
    {
        if (! $situation->mix->recipe->use->wetsLeaves()) {
            return null;
        }
        $shares = [];
        $range = Interval::zero();
        $towardsStop = $mostTowardsStop = 0.0;
        $heaviest = '';
        foreach ($situation->mix->strengths as $strength) {
            $id = $strength->substance->id;
            $limit = $limits->of($situation, $id);
            $amount = $limit === null ? null : $strength->in($limit->threshold->unit);
            if ($limit === null || $amount === null || $amount->likely <= 0.0 || $limit->careful <= 0.0) {
                continue;
            }
            $share = $amount->dividedBy($limit->careful);
            $shares[$id] = $share->likely;
            $range = $range->plus($share);
            $towardsStop += $amount->likely / ($limit->stop ?? INF);
            $mostTowardsStop += $amount->high / ($limit->stop ?? INF);
            if ($shares[$id] === max($shares)) {
                $heaviest = $strength->substance->name;
            }
        }
        if (count($shares) < 2) {
            return null;
        }
        $holds = static fn (string $list): bool => array_intersect($rules->strings($list), array_keys($shares)) !== [];
        $factor = $holds('penetrants') && $holds('alcohols') ? $rules->float('factor') : 1.0;

        return new self(array_sum($shares) * $factor, $range->times($factor), $towardsStop, $mostTowardsStop, $factor, $shares, $heaviest);
    }
}
