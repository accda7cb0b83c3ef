<?php

declare(strict_types=1);

namespace Nebbia\Core\Data\Sentence;

use LogicException;

/** A sentence is asked for that the catalogue does not hold, or that cannot be said so. */
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

    public static function faulty(string $key, string $why): self
    {
        return new self("The sentence '$key' can never be said ($why). Mend it in core/data/messages.");
    }

    public static function lacks(string $key, string $name): self
    {
        return new self("The sentence '$key' is said without its parameter '$name'.");
    }

    public static function noNumber(string $key, string $name): self
    {
        return new self("The sentence '$key' wants a number as '$name' and is given text.");
    }
}
