<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Decision\Rules;

use Nebbia\Core\Pest\Decision\Choice;
use Nebbia\Core\Pest\Decision\DecisionFigures;
use Nebbia\Core\Pest\Decision\DecisionRule;
use Nebbia\Core\Pest\Decision\DecisionVerdict;
use Nebbia\Core\Pest\Decision\Means;
use Nebbia\Core\Pest\Decision\Trouble;

/** A good tactic has not been tried, and there is time for it. */
final readonly class FirstTacticsRule implements DecisionRule
{
    public function __construct(private DecisionFigures $figures) {}

    public function decide(Trouble $trouble, Means $means): ?DecisionVerdict
    {
        $untried = $means->untried();
        $times = $trouble->timesLevel();
        $doubling = $trouble->trend?->doublingDays()?->likely;
        $fast = $doubling !== null && $doubling < $this->figures->fastDays;

        return $untried !== null && ! $fast && ($times === null || $times < $this->figures->farAbove)
            ? $this->figures->verdict(Choice::TacticsFirst, 'tactics-first', $trouble, $this->figures->lookAgain('tactics'), [
                'tactic' => $untried->tactic->name(),
            ])
            : null;
    }
}
