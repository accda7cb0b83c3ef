<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Decision;

/** One reason to choose. The first rule in the Decider's list that has something to say decides. */
interface DecisionRule
{
    public function decide(Trouble $trouble, Means $means): ?DecisionVerdict;
}
