<?php

declare(strict_types=1);

namespace Nebbia\Core\Tolerance;

use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Knowledge\Row;

/** How much of what a plant bears is taken up by all actives together. */
final readonly class Burden
{
    /** @param  array<string, float>  $shares substance => its part, before the factor */
    private function __construct(
        public float $value,
        public float $towardsStop,
        public float $factor,
        public array $shares,
        public string $heaviest,
    ) {}

    /** Null where fewer than two actives have a threshold: a single one is judged by that alone. */
    public static function of(Situation $situation, Thresholds $leaves, Row $rules): ?self
    {
        if (! $situation->mix->recipe->use->wetsLeaves()) {
            return null;
        }
        $shares = [];
        $towardsStop = 0.0;
        $heaviest = '';
        foreach ($situation->mix->strengths as $strength) {
            $id = $strength->substance->id;
            $threshold = $leaves->of($id);
            $amount = $threshold === null ? null : $strength->in($threshold->unit)?->likely;
            $group = $situation->groupFor($threshold?->listedAs);
            $careful = $threshold?->careful($group) ?? 0.0;
            if ($threshold === null || $amount === null || $amount <= 0.0 || $careful <= 0.0) {
                continue;
            }
            $shares[$id] = $amount / $careful;
            $towardsStop += $amount / ($threshold->stop($group) ?? INF);
            if ($shares[$id] === max($shares)) {
                $heaviest = $strength->substance->name;
            }
        }
        if (count($shares) < 2) {
            return null;
        }
        $holds = static fn (string $list): bool => array_intersect($rules->strings($list), array_keys($shares)) !== [];
        $factor = $holds('penetrants') && $holds('alcohols') ? $rules->float('factor') : 1.0;

        return new self(array_sum($shares) * $factor, $towardsStop, $factor, $shares, $heaviest);
    }
}
