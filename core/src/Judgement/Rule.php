<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement;

use Nebbia\Core\Data\Finding;

/** One thing that is looked at. Rules know nothing of each other; Judge lists them. */
interface Rule
{
    /** @return iterable<Finding> */
    public function judge(Situation $situation): iterable;
}
