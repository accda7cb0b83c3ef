<?php

declare(strict_types=1);

namespace Nebbia\Core\Tolerance;

use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Knowledge\Knowledge;

/**
 * Where a mix tips over if all that is added is made weaker or stronger: by which factor it begins to work, and from which the leaves
 * need care and burn. Only what leaves bear and what works is looked at, as both go with the strength.
 */
final readonly class Tipping
{
    private function __construct(
        /** Null where nothing in it has a known working range. */
        public ?float $works,
        /** Null where no figure for leaves is known. */
        public ?float $careful,
        public ?float $stop,
        /** Names of what gets there first. */
        public ?string $carefulBy,
        public ?string $stopBy,
    ) {}

    /** Null where the use is not held against leaves. */
    public static function of(Situation $situation, Knowledge $knowledge): ?self
    {
        if (! $situation->mix->recipe->use->wetsLeaves()) {
            return null;
        }
        $limits = $knowledge->limits();
        $effects = new EffectRule($knowledge);
        $works = $careful = $stop = $carefulBy = $stopBy = null;
        foreach ($situation->mix->strengths as $strength) {
            $effect = $effects->of($situation, $strength);
            $left = $effect->amount->likely * (1.0 - $effect->lost);
            if ($effect->range[0] > 0.0 && $left > 0.0) {
                $works = min($works ?? INF, $effect->range[0] / $left);
            }
            $limit = $limits->of($situation, $strength->substance->id);
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
        $burden = Burden::of($situation, $limits, $knowledge->section('tolerances', 'burden'));
        if ($burden !== null && $burden->value > 0.0 && 1.0 / $burden->value < ($careful ?? INF)) {
            [$careful, $carefulBy] = [1.0 / $burden->value, null];
        }
        if ($burden !== null && $burden->towardsStop > 0.0 && 1.0 / $burden->towardsStop < ($stop ?? INF)) {
            [$stop, $stopBy] = [1.0 / $burden->towardsStop, null];
        }

        return new self($works, $careful, $stop, $carefulBy, $stopBy);
    }
}
