<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Steps\Rules;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Instructions\Steps\MixingStep;
use Nebbia\Core\Instructions\Steps\MixingTask;
use Nebbia\Core\Instructions\Steps\StepRule;
use Nebbia\Core\Instructions\Steps\Timer;

/** Raw plants and ash: crushed, rested where that makes what acts, steeped cold in half of the base, strained. */
final class SteepAndStrain implements StepRule
{
    public function steps(MixingTask $work): iterable
    {
        $lines = $work->steeped();
        if ($lines === []) {
            return;
        }
        $rest = 0.0;
        $hours = Interval::zero();
        foreach ($lines as $line) {
            $ingredient = $work->mix->lines[$line]->line->ingredient;
            $rest = max($rest, $ingredient->restMinutes);
            $steep = $ingredient->steepHours ?? Interval::zero();
            $hours = Interval::of(max($hours->low, $steep->low), max($hours->likely, $steep->likely), max($hours->high, $steep->high));
            yield MixingStep::of(
                'crush',
                Message::of($ingredient->isChopped || $ingredient->restMinutes > 0.0 ? 'step.crush' : 'step.measure-out', [
                    'amount' => $work->amount($line),
                    'name' => mb_strtolower($ingredient->name),
                ]),
                $ingredient->restMinutes > 0.0 ? Message::of('step.crush-why') : null,
                $work->cautions($line),
                [$line],
            );
        }
        if ($rest > 0.0) {
            yield MixingStep::of(
                'rest',
                Message::of('step.rest', ['minutes' => $rest]),
                Message::of('step.rest-why'),
                [],
                [],
                Timer::of(Message::of('timer.rest'), Interval::exactly($rest)),
            );
        }
        yield MixingStep::of(
            'steep',
            Message::of('step.steep', [
                'amount' => $work->volume($work->steepMl()),
                'base' => $work->baseName(),
                'hours' => $hours->likely,
            ]),
            Message::of('step.steep-how', ['low' => $hours->low, 'high' => $hours->high]),
            [],
            [],
            Timer::of(Message::of('timer.steep'), $hours->times(60.0)),
        );
        yield MixingStep::of('strain', Message::of('step.strain'), Message::of('step.strain-how', ['passage' => $work->passage()]));
    }
}
