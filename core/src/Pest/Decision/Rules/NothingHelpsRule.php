<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Decision\Rules;

use Nebbia\Core\Pest\Decision\Choice;
use Nebbia\Core\Pest\Decision\DecisionFigures;
use Nebbia\Core\Pest\Decision\DecisionRule;
use Nebbia\Core\Pest\Decision\DecisionVerdict;
use Nebbia\Core\Pest\Decision\Means;
use Nebbia\Core\Pest\Decision\Trouble;

/** No homemade spray is of any use against it. */
final readonly class NothingHelpsRule implements DecisionRule
{
    public function __construct(private DecisionFigures $figures) {}

    public function decide(Trouble $trouble, Means $means): ?DecisionVerdict
    {
        return $means->anyHelps()
            ? null
            : $this->figures->verdict(Choice::TacticsFirst, 'nothing-helps', $trouble, $this->figures->lookAgain('tactics'));
    }
}
