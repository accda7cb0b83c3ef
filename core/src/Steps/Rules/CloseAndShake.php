<?php

declare(strict_types=1);

namespace Nebbia\Core\Steps\Rules;

use Nebbia\Core\Message\Message;
use Nebbia\Core\Steps\MixingStep;
use Nebbia\Core\Steps\StepRule;
use Nebbia\Core\Steps\Work;

/** Turned over gently where soap foams, shaken hard where oil parts, and not sealed where gas comes off. */
final class CloseAndShake implements StepRule
{
    public function steps(Work $work): iterable
    {
        $gasses = $work->has('peroxide') || ($work->has('acid') && ($work->mix->strengthOf('sodium-bicarbonate') ?? $work->mix->strengthOf('potassium-bicarbonate') ?? $work->mix->strengthOf('sodium-carbonate')) !== null);
        yield MixingStep::of(
            'mix',
            Message::of($work->has('oil') ? 'step.shake-hard' : ($work->has('soap', 'soap-solid') ? 'step.turn-over' : 'step.stir')),
            null,
            $gasses ? [Message::of('step.do-not-seal')] : [],
        );
    }
}
