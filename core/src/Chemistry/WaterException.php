<?php

declare(strict_types=1);

namespace Nebbia\Core\Chemistry;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Message;

/** Water as no tap gives it. */
final class WaterException extends BadInput
{
    public static function outside(string $what): self
    {
        return (new self(Message::of("water.$what")))->at($what);
    }

    public static function unknown(): self
    {
        return (new self(Message::of('water.kind')))->at('water');
    }
}
