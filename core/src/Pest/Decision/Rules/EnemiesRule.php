<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Decision\Rules;

use Nebbia\Core\Pest\Decision\Choice;
use Nebbia\Core\Pest\Decision\DecisionFigures;
use Nebbia\Core\Pest\Decision\DecisionRule;
use Nebbia\Core\Pest\Decision\DecisionVerdict;
use Nebbia\Core\Pest\Decision\EnemiesSeen;
use Nebbia\Core\Pest\Decision\Means;
use Nebbia\Core\Pest\Decision\Trouble;

/** Many natural enemies and not far above the level: a spray would hit them. */
final readonly class EnemiesRule implements DecisionRule
{
    public function __construct(private DecisionFigures $figures) {}

    public function decide(Trouble $trouble, Means $means): ?DecisionVerdict
    {
        $times = $trouble->timesLevel();

        return $trouble->enemies === EnemiesSeen::Many &&
            $trouble->target->enemies !== [] &&
            $trouble->trend?->grows() !== true &&
            $times !== null &&
            $times < $this->figures->farAbove
            ? $this->figures->verdict(Choice::Leave, 'enemies', $trouble, $this->figures->lookAgain('enemies'))
            : null;
    }
}
