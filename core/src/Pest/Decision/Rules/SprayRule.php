<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Decision\Rules;

use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Pest\Decision\Choice;
use Nebbia\Core\Pest\Decision\DecisionFigures;
use Nebbia\Core\Pest\Decision\DecisionRule;
use Nebbia\Core\Pest\Decision\DecisionVerdict;
use Nebbia\Core\Pest\Decision\Means;
use Nebbia\Core\Pest\Decision\Trouble;
use Nebbia\Core\Pest\Evidence;

/** Above the level, and tactics alone will not do. */
final readonly class SprayRule implements DecisionRule
{
    public function __construct(private DecisionFigures $figures) {}

    public function decide(Trouble $trouble, Means $means): ?DecisionVerdict
    {
        $best = $means->best();
        if ($best === null) {
            return null;
        }
        $key = $best->pairing->evidence === Evidence::Weak ? 'spray-weak' : 'spray';

        return $this->figures->verdict(Choice::SprayToo, $key, $trouble, $this->figures->lookAgain('spray'), [
            'remedy' => $best->remedy->name(), 'evidence' => Message::of('evidence.'.$best->pairing->evidence->value),
        ]);
    }
}
