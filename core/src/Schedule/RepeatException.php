<?php

declare(strict_types=1);

namespace Nebbia\Core\Schedule;

use Nebbia\Core\BadInput;
use Nebbia\Core\Message\Message;

/** A repeat that cannot be. */
final class RepeatException extends BadInput
{
    public static function days(): self
    {
        return (new self(Message::of('repeat.days')))->at('repeat.every_days');
    }

    public static function times(): self
    {
        return (new self(Message::of('repeat.times')))->at('repeat.times');
    }
}
