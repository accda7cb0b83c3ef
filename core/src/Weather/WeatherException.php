<?php

declare(strict_types=1);

namespace Nebbia\Core\Weather;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Message;

/** Weather that cannot be read. */
final class WeatherException extends BadInput
{
    public static function empty(): self
    {
        return (new self(Message::of('weather.empty')))->at('weather');
    }

    public static function column(string $name): self
    {
        return (new self(Message::of('weather.column', ['name' => $name])))->at('weather');
    }

    public static function row(int $line, string $column, string $text): self
    {
        return (new self(Message::of("weather.row.$column", ['line' => $line, 'text' => mb_substr($text, 0, 40)])))->at("weather.$line.$column");
    }

    public static function upsideDown(): self
    {
        return (new self(Message::of('weather.upside-down')))->at('low');
    }

    public static function tooLong(int $most): self
    {
        return (new self(Message::of('weather.too-long', ['most' => $most])))->at('weather');
    }
}
