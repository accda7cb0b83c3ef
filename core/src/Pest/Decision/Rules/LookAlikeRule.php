<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Decision\Rules;

use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Pest\Decision\Choice;
use Nebbia\Core\Pest\Decision\DecisionFigures;
use Nebbia\Core\Pest\Decision\DecisionRule;
use Nebbia\Core\Pest\Decision\DecisionVerdict;
use Nebbia\Core\Pest\Decision\Means;
use Nebbia\Core\Pest\Decision\PlantValue;
use Nebbia\Core\Pest\Decision\Trouble;

/** What is no pest and no disease wants care, not a spray; a virus wants the plant gone, unless nothing can replace it. */
final readonly class LookAlikeRule implements DecisionRule
{
    public function __construct(private DecisionFigures $figures) {}

    public function decide(Trouble $trouble, Means $means): ?DecisionVerdict
    {
        $target = $trouble->target;
        if (! $target->isLookAlike()) {
            return null;
        }
        $care = ['care' => Message::of("care.$target->id")];
        if ($target->hopelessFrom !== null) {
            return $trouble->value === PlantValue::Irreplaceable
                ? $this->figures->verdict(Choice::TacticsFirst, 'kept-apart', $trouble, $this->figures->lookAgain('quiet'), $care)
                : $this->figures->verdict(
                    Choice::GiveUp,
                    'incurable',
                    $trouble,
                    $this->figures->lookAgain('quiet'),
                    $care,
                    Severity::Caution,
                );
        }
        $urgent = ($means->tactics[0] ?? null)?->tactic->urgent === true;

        return $this->figures->verdict(
            $urgent ? Choice::TacticsFirst : Choice::Leave,
            'no-spray-helps',
            $trouble,
            $this->figures->lookAgain('quiet'),
            $care,
        );
    }
}
