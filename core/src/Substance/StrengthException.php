<?php

declare(strict_types=1);

namespace Nebbia\Core\Substance;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Message;

/** A strength that cannot be read, or that this ingredient cannot have. */
final class StrengthException extends BadInput
{
    public static function unreadable(string $text): self
    {
        return new self(Message::of('strength.unreadable', ['text' => $text]));
    }

    public static function overWhole(string $text): self
    {
        return new self(Message::of('strength.over-whole', ['text' => $text]));
    }

    public static function notPositive(): self
    {
        return new self(Message::of('strength.not-positive'));
    }

    /** @param  string  $which  liquids or known-density */
    public static function onlyForThose(string $way, string $which): self
    {
        return new self(Message::of('strength.only-for', ['way' => $way, 'ingredient' => Message::of("strength.those.$which")]));
    }

    public static function onlyFor(string $way, string $ingredient): self
    {
        return new self(Message::of('strength.only-for', ['way' => $way, 'ingredient' => $ingredient]));
    }

    public static function ofWater(string $ingredient): self
    {
        return new self(Message::of('strength.of-water', ['ingredient' => $ingredient]));
    }
}
