<?php

declare(strict_types=1);

namespace Nebbia\Core\Decision\Rules;

use Nebbia\Core\Decision\Choice;
use Nebbia\Core\Decision\DecisionRule;
use Nebbia\Core\Decision\EnemiesSeen;
use Nebbia\Core\Decision\Figures;
use Nebbia\Core\Decision\Means;
use Nebbia\Core\Decision\Trouble;
use Nebbia\Core\Decision\Verdict;

/** Many natural enemies and not far above the level: a spray would hit them. */
final readonly class EnemiesRule implements DecisionRule
{
    public function __construct(private Figures $figures) {}

    public function decide(Trouble $trouble, Means $means): ?Verdict
    {
        $times = $trouble->timesLevel();

        return $trouble->enemies === EnemiesSeen::Many && $trouble->target->enemies !== [] && $trouble->trend?->grows() !== true && $times !== null && $times < $this->figures->farAbove
            ? $this->figures->verdict(Choice::Leave, 'enemies', $trouble, $this->figures->lookAgain('enemies'))
            : null;
    }
}
