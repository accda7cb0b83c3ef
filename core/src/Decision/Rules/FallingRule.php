<?php

declare(strict_types=1);

namespace Nebbia\Core\Decision\Rules;

use Nebbia\Core\Decision\Choice;
use Nebbia\Core\Decision\DecisionRule;
use Nebbia\Core\Decision\Figures;
use Nebbia\Core\Decision\Means;
use Nebbia\Core\Decision\Trouble;
use Nebbia\Core\Decision\Verdict;

/** It is surely falling by itself or by what was done. */
final readonly class FallingRule implements DecisionRule
{
    public function __construct(private Figures $figures) {}

    public function decide(Trouble $trouble, Means $means): ?Verdict
    {
        return $trouble->trend?->falls() === true
            ? $this->figures->verdict(Choice::Leave, 'falling', $trouble, $this->figures->lookAgain('falling'))
            : null;
    }
}
