<?php

declare(strict_types=1);

namespace Nebbia\Core\Message;

use LogicException;

/** A sentence is asked for that the catalogue does not hold. */
final class UnknownMessage extends LogicException
{
    public static function key(string $key): self
    {
        return new self("The catalogue has no sentence '$key'. Add it to core/data/messages.");
    }

    public static function unsayable(string $key): self
    {
        return new self("The sentence '$key' is not a valid ICU message or lacks a parameter.");
    }
}
