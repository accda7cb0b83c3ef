<?php

declare(strict_types=1);

namespace Nebbia\Core\Weather;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Message;

/** An hour as there is none. */
final class HourException extends BadInput
{
    public static function unreadable(string $field, string $text): self
    {
        return (new self(Message::of('hour.unreadable', ['text' => $text])))->at($field);
    }

    public static function ph(): self
    {
        return (new self(Message::of('ph.outside')))->at('ph');
    }

    public static function outside(string $field): self
    {
        return (new self(Message::of("hour.outside.$field")))->at($field);
    }
}
