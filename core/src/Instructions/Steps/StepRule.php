<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Steps;

/** Says which steps a mix needs at one point of the work. The planner asks the rules in their order. */
interface StepRule
{
    /** @return iterable<MixingStep> */
    public function steps(MixingTask $work): iterable;
}
