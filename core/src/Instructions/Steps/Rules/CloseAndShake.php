<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Steps\Rules;

use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Instructions\Steps\MixingStep;
use Nebbia\Core\Instructions\Steps\MixingTask;
use Nebbia\Core\Instructions\Steps\StepRule;

/** Turned over gently where soap foams, shaken hard where oil parts, and not sealed where gas comes off. */
final class CloseAndShake implements StepRule
{
    public function steps(MixingTask $work): iterable
    {
        $gasses =
            $work->has('peroxide') ||
            ($work->has('acid') &&
                ($work->mix->strengthOf('sodium-bicarbonate') ??
                    ($work->mix->strengthOf('potassium-bicarbonate') ?? $work->mix->strengthOf('sodium-carbonate'))) !==
                    null);
        yield MixingStep::of(
            'mix',
            Message::of($work->has('oil') ? 'step.shake-hard' : ($work->has('soap', 'soap-solid') ? 'step.turn-over' : 'step.stir')),
            null,
            $gasses ? [Message::of('step.do-not-seal')] : [],
        );
    }
}
