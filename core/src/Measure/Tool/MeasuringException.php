<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure\Tool;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Message;

/** A tool or a measure of one's own that cannot be. */
final class MeasuringException extends BadInput
{
    public static function size(string $field): self
    {
        return (new self(Message::of('measuring.size')))->at($field);
    }

    public static function step(): self
    {
        return (new self(Message::of('measuring.step')))->at('step');
    }

    public static function count(): self
    {
        return (new self(Message::of('measuring.count')))->at('count');
    }

    public static function noTotals(): self
    {
        return (new self(Message::of('measuring.no-totals')))->at('totals');
    }

    public static function unlike(): self
    {
        return (new self(Message::of('measuring.unlike')))->at('totals');
    }

    public static function notCalibrated(string $unit): self
    {
        return (new self(Message::of('measuring.not-calibrated', ['unit' => $unit])))->at('unit');
    }
}
