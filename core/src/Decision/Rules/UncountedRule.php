<?php

declare(strict_types=1);

namespace Nebbia\Core\Decision\Rules;

use Nebbia\Core\Decision\Choice;
use Nebbia\Core\Decision\DecisionRule;
use Nebbia\Core\Decision\Figures;
use Nebbia\Core\Decision\Means;
use Nebbia\Core\Decision\Trouble;
use Nebbia\Core\Decision\Verdict;

/** Without a count there is nothing to decide a spray from; what limits the damage can be done meanwhile. */
final readonly class UncountedRule implements DecisionRule
{
    public function __construct(private Figures $figures) {}

    public function decide(Trouble $trouble, Means $means): ?Verdict
    {
        return $trouble->sample === null
            ? $this->figures->verdict(Choice::TacticsFirst, 'uncounted', $trouble, $this->figures->lookAgain('uncounted'))
            : null;
    }
}
