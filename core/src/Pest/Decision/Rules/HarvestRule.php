<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Decision\Rules;

use Nebbia\Core\Data\Severity;
use Nebbia\Core\Pest\Decision\Choice;
use Nebbia\Core\Pest\Decision\DecisionFigures;
use Nebbia\Core\Pest\Decision\DecisionRule;
use Nebbia\Core\Pest\Decision\DecisionVerdict;
use Nebbia\Core\Pest\Decision\Means;
use Nebbia\Core\Pest\Decision\Trouble;

/** Every spray that would help asks for a longer wait than the harvest leaves. */
final readonly class HarvestRule implements DecisionRule
{
    public function __construct(private DecisionFigures $figures) {}

    public function decide(Trouble $trouble, Means $means): ?DecisionVerdict
    {
        return $means->best() === null
            ? $this->figures->verdict(
                Choice::TacticsFirst,
                'harvest-first',
                $trouble,
                $this->figures->lookAgain('tactics'),
                ['harvest' => (int) $trouble->daysToHarvest],
                Severity::Caution,
            )
            : null;
    }
}
