<?php

declare(strict_types=1);

namespace Nebbia\Core\Diagnosis;

use Nebbia\Core\BadInput;
use Nebbia\Core\Message\Message;

/** What was said of a trouble contradicts itself. */
final class DiagnosisException extends BadInput
{
    public static function opposites(Weather $one, Weather $other): self
    {
        return (new self(Message::of('diagnosis.opposites', ['one' => $one->value, 'other' => $other->value])))->at('weather');
    }

    public static function bothWays(string $sign): self
    {
        return new self(Message::of('diagnosis.both-ways', ['sign' => $sign]));
    }
}
