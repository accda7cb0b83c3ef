<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Tolerance;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\Effect\Emulsion;
use Nebbia\Core\Judgement\Situation;

/** How much of what leaves bear several actives take up together. */
final readonly class Burdens
{
    private Row $figures;

    public function __construct(Table $tolerances, private Limits $limits, private Emulsion $emulsion)
    {
        $this->figures = $tolerances->part('burden');
    }

    /** Null where fewer than two actives have a threshold: a single one is judged by that alone. */
    public function of(Situation $situation): ?Burden
    {
        if (! $situation->mix->recipe->use->wetsLeaves()) {
            return null;
        }
        $shares = [];
        $range = Interval::zero();
        $towardsStop = $mostTowardsStop = 0.0;
        $heaviest = '';
        // What holds the oil is no active beside it.
        $held = $this->emulsion->share($situation->mix);
        foreach ($situation->mix->strengths as $strength) {
            $id = $strength->substance->id;
            $limit = $this->limits->of($situation, $id);
            $amount = $limit === null ? null : $strength->in($limit->threshold->unit);
            // What others in the mix have taken burdens nothing; what the water takes of soap is not known well enough to be counted on.
            $amount = $amount?->times(1.0 - ($situation->aftermath?->lostToOthers($id) ?? 0.0));
            $amount = $amount !== null && $held > 0.0 && $this->emulsion->isHolder($id) ? $amount->times(1.0 - $held) : $amount;
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
        $holds = fn (string $list): bool => array_intersect($this->figures->strings($list), array_keys($shares)) !== [];
        $factor = $holds('penetrants') && $holds('alcohols') ? $this->figures->float('factor') : 1.0;

        return new Burden(
            array_sum($shares) * $factor,
            $range->times($factor),
            $towardsStop,
            $mostTowardsStop,
            $factor,
            $shares,
            $heaviest,
        );
    }
}
