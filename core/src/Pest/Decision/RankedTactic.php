<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Decision;

use Nebbia\Core\Pest\Evidence;
use Nebbia\Core\Pest\Tactic;

final readonly class RankedTactic
{
    public function __construct(public Tactic $tactic, public Evidence $evidence, public bool $tried) {}

    /** Better evidence first; what limits the damage before what only helps, what ends the plant last, less work before more. */
    public function rank(): float
    {
        return 10 * $this->evidence->rank() +
            ($this->tactic->urgent ? 5 : 0) -
            ($this->tactic->last ? 100 : 0) -
            $this->tactic->minutes->likely / 100;
    }
}
