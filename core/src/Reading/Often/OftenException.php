<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Often;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Message;

/** How often, or until when, in words that cannot be read. */
final class OftenException extends BadInput
{
    public static function often(): self
    {
        return (new self(Message::of('often.how-often')))->at('often');
    }

    public static function until(): self
    {
        return (new self(Message::of('often.until')))->at('until');
    }

    public static function over(): self
    {
        return (new self(Message::of('often.over')))->at('until');
    }
}
