<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Steps\Rules;

use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Instructions\Steps\MixingStep;
use Nebbia\Core\Instructions\Steps\MixingTask;
use Nebbia\Core\Instructions\Steps\StepRule;
use Nebbia\Core\Mixing\Recipe\Basis;

/** The base goes in first, less what is kept back for dissolving and for the last bit up to the line. */
final class BaseFirst implements StepRule
{
    /** Of a mix that is topped up at the end so much stays back. */
    public const KEPT_FOR_TOP_UP = 0.1;

    public function steps(MixingTask $work): iterable
    {
        $ml = self::pouredFirst($work);
        if ($ml <= 0.0) {
            return;
        }
        $kept = $work->mix->baseMl - $ml - $work->steepMl();
        yield MixingStep::of(
            'base',
            Message::of('step.base', ['amount' => $work->volume($ml), 'base' => $work->baseName()]),
            $kept > 0.005 * $work->mix->baseMl
                ? Message::of('step.base-kept', ['kept' => $work->volume($kept), 'vessel' => $work->vesselName()])
                : Message::of('step.base-why', ['vessel' => $work->vesselName()]),
            [],
            [],
            null,
            $ml,
        );
    }

    public static function pouredFirst(MixingTask $work): float
    {
        $first = $work->firstPourMl();

        return $work->mix->recipe->basis === Basis::Final && $work->mix->lines !== [] ? $first * (1 - self::KEPT_FOR_TOP_UP) : $first;
    }
}
