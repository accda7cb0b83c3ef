<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Decision\Rules;

use Nebbia\Core\Pest\Decision\Choice;
use Nebbia\Core\Pest\Decision\DecisionFigures;
use Nebbia\Core\Pest\Decision\DecisionRule;
use Nebbia\Core\Pest\Decision\DecisionVerdict;
use Nebbia\Core\Pest\Decision\Means;
use Nebbia\Core\Pest\Decision\Trouble;
use Nebbia\Core\Target\TargetKind;

/** Weeds are hoed first; a spray is for what the hoe cannot reach. */
final readonly class WeedRule implements DecisionRule
{
    public function __construct(private DecisionFigures $figures) {}

    public function decide(Trouble $trouble, Means $means): ?DecisionVerdict
    {
        if ($trouble->target->kind !== TargetKind::Weed) {
            return null;
        }
        $untried = $means->untried();

        return $untried === null
            ? $this->figures->verdict(Choice::SprayToo, 'weeds-spray', $trouble, $this->figures->lookAgain('quiet'))
            : $this->figures->verdict(Choice::TacticsFirst, 'weeds', $trouble, $this->figures->lookAgain('quiet'), [
                'tactic' => $untried->tactic->name(),
            ]);
    }
}
