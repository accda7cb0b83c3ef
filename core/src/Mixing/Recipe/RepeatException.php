<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Recipe;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Message;

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
