<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Steps\Rules;

use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Instructions\Steps\MixingStep;
use Nebbia\Core\Instructions\Steps\MixingTask;
use Nebbia\Core\Instructions\Steps\StepRule;
use Nebbia\Core\Measure\PreciseWords;

/** A dose too small for the tools there are is thinned first. */
final class ThinStocks implements StepRule
{
    public function steps(MixingTask $work): iterable
    {
        foreach ($work->measures as $line => $measure) {
            $stock = $measure->stock;
            if ($stock === null) {
                continue;
            }
            yield MixingStep::of(
                'thin',
                Message::of('step.thin', [
                    'take' => $stock->take->said(),
                    'name' => mb_strtolower($work->mix->lines[$line]->line->ingredient->name),
                    'water' => $stock->water->said(),
                ]),
                Message::of('step.thin-why', [
                    'left' => PreciseWords::volume($stock->leftOverMl(), $work->system),
                    'worst' => 100 * $stock->worst,
                ]),
                $work->cautions($line),
            );
        }
    }
}
