<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Decision\Rules;

use Nebbia\Core\Pest\Decision\Choice;
use Nebbia\Core\Pest\Decision\DecisionFigures;
use Nebbia\Core\Pest\Decision\DecisionRule;
use Nebbia\Core\Pest\Decision\DecisionVerdict;
use Nebbia\Core\Pest\Decision\Means;
use Nebbia\Core\Pest\Decision\Trouble;

/** Without a count there is nothing to decide a spray from; what limits the damage can be done meanwhile. */
final readonly class UncountedRule implements DecisionRule
{
    public function __construct(private DecisionFigures $figures) {}

    public function decide(Trouble $trouble, Means $means): ?DecisionVerdict
    {
        return $trouble->sample === null
            ? $this->figures->verdict(Choice::TacticsFirst, 'uncounted', $trouble, $this->figures->lookAgain('uncounted'))
            : null;
    }
}
