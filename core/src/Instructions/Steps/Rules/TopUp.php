<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Steps\Rules;

use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Instructions\Steps\MixingStep;
use Nebbia\Core\Instructions\Steps\MixingTask;
use Nebbia\Core\Instructions\Steps\StepRule;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Mixing\Recipe\Basis;

/** Up to the line, or what it comes to. */
final class TopUp implements StepRule
{
    public function steps(MixingTask $work): iterable
    {
        $final = PreciseWords::volume($work->mix->finalVolume->likely, $work->system);
        if ($work->mix->recipe->basis === Basis::Final && $work->mix->lines !== []) {
            $rest = $work->firstPourMl() - BaseFirst::pouredFirst($work);
            yield MixingStep::of(
                'top-up',
                Message::of('step.top-up', ['base' => $work->baseName(), 'final' => $final]),
                Message::of('step.top-up-how', ['rest' => $work->volume($rest)]),
                [],
                [],
                null,
                $rest,
            );

            return;
        }
        yield MixingStep::of(
            'level',
            Message::of('step.level', ['final' => $final, 'vessel' => $work->vesselName()]),
            Message::of('step.level-how'),
        );
    }
}
