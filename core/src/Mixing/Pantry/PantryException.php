<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Pantry;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Message;

/** A product that cannot be. */
final class PantryException extends BadInput
{
    public static function size(string $field): self
    {
        return (new self(Message::of('pantry.size')))->at($field);
    }

    public static function price(): self
    {
        return (new self(Message::of('pantry.price')))->at('price');
    }

    public static function density(): self
    {
        return (new self(Message::of('pantry.density')))->at('density');
    }

    public static function wrongMeasure(string $field, string $ingredient, bool $isLiquid): self
    {
        return (new self(Message::of($isLiquid ? 'pantry.volume-needed' : 'pantry.mass-needed', ['ingredient' => $ingredient])))->at(
            $field,
        );
    }
}
