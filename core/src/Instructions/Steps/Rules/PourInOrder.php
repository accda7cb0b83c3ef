<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Steps\Rules;

use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Instructions\Steps\MixingStep;
use Nebbia\Core\Instructions\Steps\MixingTask;
use Nebbia\Core\Instructions\Steps\StepRule;
use Nebbia\Core\Mixing\MixingOrder;
use Nebbia\Core\Mixing\MixStep;

/** One line after the other, in the order of core/data/order.yaml. */
final readonly class PourInOrder implements StepRule
{
    public function __construct(private MixingOrder $order) {}

    public function steps(MixingTask $work): iterable
    {
        $isExtractIn = false;
        foreach ($this->order->of($work->mix->recipe) as $step) {
            if ($step->line === null) {
                continue;
            }
            if (! $work->isSteeped($step->line)) {
                yield $this->line($work, $step, $step->line);
            } elseif (! $isExtractIn) {
                $isExtractIn = true;
                yield MixingStep::of(
                    'extract',
                    Message::of('step.pour-extract'),
                    Message::of('step.pour-extract-how'),
                    [],
                    $work->steeped(),
                    null,
                    $work->steepMl(),
                );
            }
        }
    }

    private function line(MixingTask $work, MixStep $step, int $line): MixingStep
    {
        $worked = $work->mix->lines[$line];
        $name = mb_strtolower($worked->line->ingredient->name);
        $stock = $work->measure($line)?->stock;
        if ($stock !== null) {
            return MixingStep::of(
                'pour',
                Message::of('step.pour-stock', ['use' => $stock->use->said(), 'name' => $name]),
                $step->how,
                $work->cautions($line),
                [$line],
                null,
                $stock->use->amount,
            );
        }
        if ($work->isDissolved($line)) {
            $water = $work->dissolvingMl($line);

            return MixingStep::of(
                'dissolve',
                Message::of('step.dissolve', [
                    'amount' => $work->amount($line),
                    'name' => $name,
                    'water' => $work->volume($water),
                    'base' => $work->baseName(),
                ]),
                $step->how,
                [
                    ...$work->cautions($line),
                    ...$work->isTooMuchToDissolve($line)
                        ? [Message::of('step.too-much-to-dissolve', ['name' => $worked->line->ingredient->name])]
                        : [],
                ],
                [$line],
                null,
                $water,
            );
        }

        return MixingStep::of(
            'pour',
            Message::of('step.pour', ['amount' => $work->amount($line), 'name' => $name]),
            $step->how,
            $work->cautions($line),
            [$line],
            null,
            $worked->line->isPoured() ? $worked->volumeMl ?? 0.0 : 0.0,
        );
    }
}
