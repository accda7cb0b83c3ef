<?php

declare(strict_types=1);

namespace Nebbia\Core\Decision\Rules;

use Nebbia\Core\Decision\Choice;
use Nebbia\Core\Decision\DecisionRule;
use Nebbia\Core\Decision\Figures;
use Nebbia\Core\Decision\Means;
use Nebbia\Core\Decision\Trouble;
use Nebbia\Core\Decision\Verdict;

/** A good tactic has not been tried, and there is time for it. */
final readonly class FirstTacticsRule implements DecisionRule
{
    public function __construct(private Figures $figures) {}

    public function decide(Trouble $trouble, Means $means): ?Verdict
    {
        $untried = $means->untried();
        $times = $trouble->timesLevel();
        $doubling = $trouble->trend?->doublingDays()?->likely;
        $fast = $doubling !== null && $doubling < $this->figures->fastDays;

        return $untried !== null && ! $fast && ($times === null || $times < $this->figures->farAbove)
            ? $this->figures->verdict(Choice::TacticsFirst, 'tactics-first', $trouble, $this->figures->lookAgain('tactics'), ['tactic' => $untried->tactic->name()])
            : null;
    }
}
