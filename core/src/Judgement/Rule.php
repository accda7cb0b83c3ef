<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement;

use Nebbia\Core\Data\Finding;

/** One thing that is looked at. Rules know nothing of each other; Judge lists them. */
interface Rule
{
    /** @return iterable<Finding> */
    public function judge(Situation $situation): iterable;

    /** @return list<RuleGround> all that its findings may rest on, made from the same rows */
    public function grounds(): array;

    /** @return list<string> heads of all that it may say: each stands in the catalogue with .what, .because and .instead */
    public function sentences(): array;
}
