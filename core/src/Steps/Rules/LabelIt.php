<?php

declare(strict_types=1);

namespace Nebbia\Core\Steps\Rules;

use Nebbia\Core\Message\Message;
use Nebbia\Core\Steps\MixingStep;
use Nebbia\Core\Steps\StepRule;
use Nebbia\Core\Steps\Work;

final class LabelIt implements StepRule
{
    public function steps(Work $work): iterable
    {
        yield MixingStep::of('label', Message::of('step.label', ['vessel' => $work->vesselName()]), Message::of('step.label-why'));
    }
}
