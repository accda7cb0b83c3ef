<?php

declare(strict_types=1);

namespace Nebbia\Core\Decision\Rules;

use Nebbia\Core\Decision\Choice;
use Nebbia\Core\Decision\DecisionRule;
use Nebbia\Core\Decision\Figures;
use Nebbia\Core\Decision\Means;
use Nebbia\Core\Decision\PlantValue;
use Nebbia\Core\Decision\Trouble;
use Nebbia\Core\Decision\Verdict;
use Nebbia\Core\Judgement\Severity;

/** So far gone that it cannot be saved, or is not worth it. */
final readonly class HopelessRule implements DecisionRule
{
    public function __construct(private Figures $figures) {}

    public function decide(Trouble $trouble, Means $means): ?Verdict
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
