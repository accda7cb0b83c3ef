<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Rescue;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Message;

/** What went wrong cannot be worked with. */
final class RescueException extends BadInput
{
    public static function noSuchLine(string $field): self
    {
        return (new self(Message::of('rescue.no-such-line')))->at($field);
    }

    public static function notPositive(string $field): self
    {
        return (new self(Message::of('rescue.not-positive')))->at($field);
    }

    public static function nothingIn(): self
    {
        return (new self(Message::of('rescue.nothing-in')))->at('in');
    }
}
