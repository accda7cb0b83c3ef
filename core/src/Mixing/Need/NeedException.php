<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Need;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Message;

/** How much is needed cannot be said. */
final class NeedException extends BadInput
{
    public static function notPositive(string $field): self
    {
        return (new self(Message::of('need.not-positive')))->at($field);
    }

    public static function noPot(string $planting): self
    {
        return (new self(Message::of('need.no-pot', ['planting' => $planting])))->at('pot_l');
    }

    public static function noGround(): self
    {
        return (new self(Message::of('need.no-ground')))->at('area_m2');
    }

    public static function nothing(): self
    {
        return (new self(Message::of('need.nothing')))->at('plantings');
    }
}
