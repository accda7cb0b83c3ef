<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Decision\Rules;

use Nebbia\Core\Pest\Decision\Choice;
use Nebbia\Core\Pest\Decision\DecisionFigures;
use Nebbia\Core\Pest\Decision\DecisionRule;
use Nebbia\Core\Pest\Decision\DecisionVerdict;
use Nebbia\Core\Pest\Decision\Means;
use Nebbia\Core\Pest\Decision\Trouble;

/** Fewer than are worth acting on: leave it, unless it grows so fast that it soon is. */
final readonly class BelowLevelRule implements DecisionRule
{
    public function __construct(private DecisionFigures $figures) {}

    public function decide(Trouble $trouble, Means $means): ?DecisionVerdict
    {
        $level = $trouble->target->watchUntil?->level;
        $sample = $trouble->sample;
        if ($level === null || $sample === null || $sample->mean->likely >= $level->likely) {
            return null;
        }
        $rate = $trouble->trend?->grows() === true ? $trouble->trend->rate : null;
        if ($rate !== null && $sample->mean->likely > 0.0) {
            $days = log($level->likely / $sample->mean->likely) / $rate;
            if ($days <= $this->figures->soonDays && $means->untried() !== null) {
                return $this->figures->verdict(Choice::TacticsFirst, 'soon-above', $trouble, $this->figures->lookAgain('near'), [
                    'reached' => (int) ceil($days),
                ]);
            }
        }

        return $sample->mean->high < $level->likely
            ? $this->figures->verdict(Choice::Leave, 'below', $trouble, $this->figures->lookAgain('quiet'))
            : $this->figures->verdict(Choice::Leave, 'perhaps-below', $trouble, $this->figures->lookAgain('near'));
    }
}
