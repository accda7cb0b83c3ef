<?php

declare(strict_types=1);

namespace Nebbia\Core\Decision\Rules;

use Nebbia\Core\Decision\Choice;
use Nebbia\Core\Decision\DecisionRule;
use Nebbia\Core\Decision\Figures;
use Nebbia\Core\Decision\Means;
use Nebbia\Core\Decision\Trouble;
use Nebbia\Core\Decision\Verdict;

/** No homemade spray is of any use against it. */
final readonly class NothingHelpsRule implements DecisionRule
{
    public function __construct(private Figures $figures) {}

    public function decide(Trouble $trouble, Means $means): ?Verdict
    {
        return $means->anyHelps()
            ? null
            : $this->figures->verdict(Choice::TacticsFirst, 'nothing-helps', $trouble, $this->figures->lookAgain('tactics'));
    }
}
