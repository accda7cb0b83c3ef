<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Decision\Rules;

use Nebbia\Core\Data\Severity;
use Nebbia\Core\Pest\Decision\Choice;
use Nebbia\Core\Pest\Decision\DecisionFigures;
use Nebbia\Core\Pest\Decision\DecisionRule;
use Nebbia\Core\Pest\Decision\DecisionVerdict;
use Nebbia\Core\Pest\Decision\Means;
use Nebbia\Core\Pest\Decision\PlantValue;
use Nebbia\Core\Pest\Decision\Trouble;

/** So far gone that it cannot be saved, or is not worth it. */
final readonly class HopelessRule implements DecisionRule
{
    public function __construct(private DecisionFigures $figures) {}

    public function decide(Trouble $trouble, Means $means): ?DecisionVerdict
    {
        $percent = $trouble->percentLeaf();
        if ($percent === null) {
            return null;
        }
        $own = $trouble->target->hopelessFrom;
        $lost = $own !== null && $percent >= $own->likely;
        $notWorth = $trouble->value === PlantValue::Replaceable && $percent >= $this->figures->hopelessPercent;

        return $lost || $notWorth
            ? $this->figures->verdict(Choice::GiveUp, 'hopeless', $trouble, $this->figures->lookAgain('quiet'), [], Severity::Caution)
            : null;
    }
}
