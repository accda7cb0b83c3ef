<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Tolerance;

use Nebbia\Core\Judgement\Effect\Effect;
use Nebbia\Core\Judgement\Effect\EffectRule;
use Nebbia\Core\Judgement\Situation;

/** Finds how much weaker or stronger a mix may be made. */
final readonly class TippingPoints
{
    public function __construct(private Limits $limits, private EffectRule $effects, private Burdens $burdens) {}

    /** Null where the use is not held against leaves. */
    public function of(Situation $situation): ?Tipping
    {
        if (! $situation->mix->recipe->use->wetsLeaves()) {
            return null;
        }
        $works = $careful = $stop = $carefulBy = $stopBy = null;
        foreach ($situation->mix->strengths as $strength) {
            $effect = $this->effects->of($situation, $strength);
            $from = $this->worksFrom($situation, $effect);
            $works = $from === null ? $works : min($works ?? INF, $from);
            $limit = $this->limits->of($situation, $strength->substance->id);
            $amount = $limit === null ? 0.0 : ($strength->in($limit->threshold->unit)->likely ?? 0.0);
            if ($limit === null || $amount <= 0.0) {
                continue;
            }
            if ($limit->careful / $amount < ($careful ?? INF)) {
                [$careful, $carefulBy] = [$limit->careful / $amount, $strength->substance->name];
            }
            if ($limit->stop !== null && $limit->stop / $amount < ($stop ?? INF)) {
                [$stop, $stopBy] = [$limit->stop / $amount, $strength->substance->name];
            }
        }
        $burden = $this->burdens->of($situation);
        if ($burden !== null && $burden->value > 0.0 && 1.0 / $burden->value < ($careful ?? INF)) {
            [$careful, $carefulBy] = [1.0 / $burden->value, null];
        }
        if ($burden !== null && $burden->towardsStop > 0.0 && 1.0 / $burden->towardsStop < ($stop ?? INF)) {
            [$stop, $stopBy] = [1.0 / $burden->towardsStop, null];
        }

        return new Tipping($works, $careful, $stop, $carefulBy, $stopBy);
    }

    /**
     * By which factor it begins to work: what other ingredients take of it goes with the strength, what hard water takes does not.
     * Null where that is not known, or the water takes all there is.
     */
    private function worksFrom(Situation $situation, Effect $effect): ?float
    {
        if ($effect->range[0] <= 0.0 || $effect->lost >= 1.0 || $effect->amount->likely <= 0.0) {
            return null;
        }
        $toOthers = $situation->aftermath?->lostToOthers($effect->strength->substance->id) ?? 0.0;
        $toWater = max(0.0, $effect->lost - $toOthers) * $effect->amount->likely;

        return ($effect->range[0] + $toWater) / ($effect->amount->likely * (1.0 - $toOthers));
    }
}
