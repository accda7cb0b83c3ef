<?php

declare(strict_types=1);

namespace Nebbia\Core\Decision\Rules;

use Nebbia\Core\Decision\Choice;
use Nebbia\Core\Decision\DecisionRule;
use Nebbia\Core\Decision\Figures;
use Nebbia\Core\Decision\Means;
use Nebbia\Core\Decision\Trouble;
use Nebbia\Core\Decision\Verdict;
use Nebbia\Core\Judgement\Severity;

/** Every spray that would help asks for a longer wait than the harvest leaves. */
final readonly class HarvestRule implements DecisionRule
{
    public function __construct(private Figures $figures) {}

    public function decide(Trouble $trouble, Means $means): ?Verdict
    {
        return $means->best() === null
            ? $this->figures->verdict(Choice::TacticsFirst, 'harvest-first', $trouble, $this->figures->lookAgain('tactics'), ['harvest' => (int) $trouble->daysToHarvest], Severity::Caution)
            : null;
    }
}
