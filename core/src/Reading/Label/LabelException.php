<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Label;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Message;

/** A label that cannot be read at all. */
final class LabelException extends BadInput
{
    public static function empty(): self
    {
        return (new self(Message::of('bottle.empty')))->at('text');
    }

    public static function tooLong(int $most): self
    {
        return (new self(Message::of('bottle.too-long', ['most' => $most])))->at('text');
    }

    public static function notText(): self
    {
        return (new self(Message::of('bottle.not-text')))->at('text');
    }
}
