<?php

declare(strict_types=1);

namespace Nebbia\Core\Decision\Rules;

use Nebbia\Core\Decision\Choice;
use Nebbia\Core\Decision\DecisionRule;
use Nebbia\Core\Decision\Figures;
use Nebbia\Core\Decision\Means;
use Nebbia\Core\Decision\Trouble;
use Nebbia\Core\Decision\Verdict;
use Nebbia\Core\Message\Message;
use Nebbia\Core\Remedy\Evidence;

/** Above the level, and tactics alone will not do. */
final readonly class SprayRule implements DecisionRule
{
    public function __construct(private Figures $figures) {}

    public function decide(Trouble $trouble, Means $means): ?Verdict
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
