<?php

declare(strict_types=1);

namespace Nebbia\Core\Steps\Rules;

use Nebbia\Core\Formulation\Basis;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Message\Message;
use Nebbia\Core\Steps\MixingStep;
use Nebbia\Core\Steps\StepRule;
use Nebbia\Core\Steps\Work;

/** Up to the line, or what it comes to. */
final class TopUp implements StepRule
{
    public function steps(Work $work): iterable
    {
        $final = PreciseWords::volume($work->mix->finalVolume->likely, $work->system);
        if ($work->mix->recipe->basis === Basis::Final && $work->mix->lines !== []) {
            $rest = $work->firstPourMl() - BaseFirst::pouredFirst($work);
            yield MixingStep::of('top-up', Message::of('step.top-up', ['base' => $work->baseName(), 'final' => $final]), Message::of('step.top-up-how', ['rest' => $work->volume($rest)]), [], [], null, $rest);

            return;
        }
        yield MixingStep::of('level', Message::of('step.level', ['final' => $final, 'vessel' => $work->vesselName()]), Message::of('step.level-how'));
    }
}
