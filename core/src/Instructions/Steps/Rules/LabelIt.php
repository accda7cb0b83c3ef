<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Steps\Rules;

use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Instructions\Steps\MixingStep;
use Nebbia\Core\Instructions\Steps\MixingTask;
use Nebbia\Core\Instructions\Steps\StepRule;

final class LabelIt implements StepRule
{
    public function steps(MixingTask $work): iterable
    {
        yield MixingStep::of('label', Message::of('step.label', ['vessel' => $work->vesselName()]), Message::of('step.label-why'));
    }
}
