<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Tolerance;

use Closure;
use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Judgement\Evidence\Learned;
use Nebbia\Core\Judgement\Evidence\Learner;
use Nebbia\Core\Judgement\Evidence\Observation;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Mixing\Recipe\UseOfSpray;
use Nebbia\Core\Plant\Modifier;
use Nebbia\Core\Plant\Modifiers;
use Nebbia\Core\Plant\Plant;
use Nebbia\Core\Plant\SensitivityGroup;
use Nebbia\Core\Plant\Thresholds;
use WeakMap;

/**
 * What a plant bears in a situation. Factors of conditions multiply, never below the floor; what the gardener's own leaves have
 * taught comes on top.
 */
final class Limits
{
    /** @var WeakMap<Circumstances, array<string, Limit|null>> what was found, for as long as the circumstances are asked about */
    private WeakMap $found;

    /** @var WeakMap<Circumstances, list<Modifier>> */
    private WeakMap $current;

    public function __construct(
        private readonly Modifiers $modifiers,
        private readonly Thresholds $leaves,
        private readonly Learner $learner,
    ) {
        $this->found = new WeakMap();
        $this->current = new WeakMap();
    }

    /** Null where no figure for leaves is known. */
    public function of(Situation $situation, string $substance): ?Limit
    {
        $found = $this->found[$situation->circumstances] ?? [];
        $key = ($situation->plant->id ?? '').'|'.$situation->mix->recipe->use->value.'|'.$substance;
        if (! array_key_exists($key, $found)) {
            $found[$key] = $this->find($situation, $substance);
            $this->found[$situation->circumstances] = $found;
        }

        return $found[$key];
    }

    private function find(Situation $situation, string $substance): ?Limit
    {
        $threshold = $this->leaves->of($substance, $situation->isBareWood());
        if ($threshold === null) {
            return null;
        }
        $group = $situation->groupFor($threshold->listedAs);
        $usualCareful = $threshold->careful($group);
        $usualStop = $threshold->stop($group);
        $holding = $this->holding($situation, $substance);
        $factor = 1.0;
        $capped = false;
        foreach ($holding as $modifier) {
            $factor *= $modifier->factorFor($substance);
            $capped = $capped || $modifier->capped;
        }
        $factor = max($this->modifiers->floor, $factor);
        $learned = $this->learned($situation, $substance, $usualCareful);
        $k = $learned->factor ?? 1.0;
        $careful = $usualCareful * $factor;
        $stop = $usualStop === null ? null : $usualStop * ($capped ? min(1.0, $factor) : $factor);

        return Limit::of(
            $threshold,
            $group,
            ($stop === null ? $careful : min($careful, $stop)) * $k,
            $stop === null ? null : $stop * $k,
            $factor,
            $holding,
            $learned,
        );
    }

    /**
     * Conditions that hold now for a substance, at most one of a group.
     *
     * @return list<Modifier>
     */
    public function holding(Situation $situation, string $substance): array
    {
        $now = $situation->circumstances;
        $onRoots = $situation->mix->recipe->use === UseOfSpray::Drench;
        $held = [];
        foreach ($this->current($now) as $modifier) {
            if (
                (! $onRoots || $modifier->roots) &&
                ($modifier->days === null || ($now->history->daysSince[$substance] ?? INF) <= $modifier->days) &&
                (! isset($held[$modifier->group]) || $modifier->factorFor($substance) < $held[$modifier->group]->factorFor($substance))
            ) {
                $held[$modifier->group] = $modifier;
            }
        }

        return array_values($held);
    }

    /**
     * Conditions that may hold now, whatever the substance.
     *
     * @return list<Modifier>
     */
    private function current(Circumstances $now): array
    {
        return $this->current[$now] ??= array_values(
            array_filter(
                $this->modifiers->all,
                fn (Modifier $modifier): bool => $modifier->factor !== null && $this->mayHold($modifier, $now),
            ),
        );
    }

    private function mayHold(Modifier $modifier, Circumstances $now): bool
    {
        if ($now->stage !== null && $modifier->holdsAt($now->stage)) {
            return true;
        }
        foreach ($modifier->states as $state) {
            if ($now->is($state)) {
                return true;
            }
        }
        $temperature = $now->hour?->temperature;
        $humidity = $now->hour?->humidity;

        return ($modifier->over !== null && $temperature !== null && $temperature >= $modifier->over) ||
            ($modifier->humid !== null && $humidity !== null && $humidity > $modifier->humid) ||
            ($modifier->days !== null && ! $now->history->washed && $now->history->daysSince !== []);
    }

    private function learned(Situation $situation, string $substance, float $careful): ?Learned
    {
        $seen = $situation->circumstances->evidence->of($substance);

        return $seen === [] || $careful <= 0.0 ? null : $this->learner->learn($seen, $this->ratio($situation->plant, $substance));
    }

    /**
     * How strong what was on a leaf was, 1 being the usual threshold: a clean leaf speaks of each substance by itself; a hurt one of all
     * that was on it, taken together.
     *
     * @return Closure(Observation): float
     */
    public function ratio(?Plant $plant, string $substance): Closure
    {
        $of = function (string $id, float $strength) use ($plant): float {
            $threshold = $this->leaves->of($id);
            $careful = $threshold?->careful($plant?->groupFor($threshold->listedAs) ?? SensitivityGroup::Ordinary) ?? 0.0;

            return $careful > 0.0 ? $strength / $careful : 0.0;
        };

        return fn (Observation $one): float => $this->learner->isClean($one)
            ? $of($substance, $one->strengths[$substance] ?? 0.0)
            : array_sum(array_map($of, array_keys($one->strengths), array_values($one->strengths)));
    }
}
