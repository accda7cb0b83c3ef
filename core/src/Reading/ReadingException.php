<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Message;

/** A text that is no paragraph to be read. */
final class ReadingException extends BadInput
{
    public static function empty(): self
    {
        return (new self(Message::of('reading.empty')))->at('text');
    }

    public static function tooLong(int $most): self
    {
        return (new self(Message::of('reading.too-long', ['most' => $most])))->at('text');
    }

    public static function notText(): self
    {
        return (new self(Message::of('reading.not-text')))->at('text');
    }
}
