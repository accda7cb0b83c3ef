<?php

declare(strict_types=1);

namespace Nebbia\Core\Decision\Rules;

use Nebbia\Core\Decision\Choice;
use Nebbia\Core\Decision\DecisionRule;
use Nebbia\Core\Decision\Figures;
use Nebbia\Core\Decision\Means;
use Nebbia\Core\Decision\Trouble;
use Nebbia\Core\Decision\Verdict;
use Nebbia\Core\Target\TargetKind;

/** Weeds are hoed first; a spray is for what the hoe cannot reach. */
final readonly class WeedRule implements DecisionRule
{
    public function __construct(private Figures $figures) {}

    public function decide(Trouble $trouble, Means $means): ?Verdict
    {
        if ($trouble->target->kind !== TargetKind::Weed) {
            return null;
        }
        $untried = $means->untried();

        return $untried === null
            ? $this->figures->verdict(Choice::SprayToo, 'weeds-spray', $trouble, $this->figures->lookAgain('quiet'))
            : $this->figures->verdict(Choice::TacticsFirst, 'weeds', $trouble, $this->figures->lookAgain('quiet'), ['tactic' => $untried->tactic->name()]);
    }
}
