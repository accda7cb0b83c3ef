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
use Nebbia\Core\Message\Message;

/** What is no pest and no disease wants care, not a spray; a virus wants the plant gone, unless nothing can replace it. */
final readonly class LookAlikeRule implements DecisionRule
{
    public function __construct(private Figures $figures) {}

    public function decide(Trouble $trouble, Means $means): ?Verdict
    {
        $target = $trouble->target;
        if (! $target->isLookAlike()) {
            return null;
        }
        $care = ['care' => Message::of("care.$target->id")];
        if ($target->hopelessFrom !== null) {
            return $trouble->value === PlantValue::Irreplaceable
                ? $this->figures->verdict(Choice::TacticsFirst, 'kept-apart', $trouble, $this->figures->lookAgain('quiet'), $care)
                : $this->figures->verdict(Choice::GiveUp, 'incurable', $trouble, $this->figures->lookAgain('quiet'), $care, Severity::Caution);
        }
        $urgent = ($means->tactics[0] ?? null)?->tactic->urgent === true;

        return $this->figures->verdict($urgent ? Choice::TacticsFirst : Choice::Leave, 'no-spray-helps', $trouble, $this->figures->lookAgain('quiet'), $care);
    }
}
