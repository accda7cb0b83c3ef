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
        return (new self(Message::of("weather.row.$column", ['line' => $line, 'text' => mb_substr($text, 0, 40)])))->at(
            "weather.$line.$column",
        );
    }

    public static function noJson(): self
    {
        return (new self(Message::of('weather.no-json')))->at('weather');
    }

    public static function mapping(int $line, string $text): self
    {
        $said = Message::of('weather.mapping', ['line' => $line, 'text' => mb_substr(trim($text), 0, 80)]);

        return (new self($said))->at('forecast_mapping');
    }

    public static function unmapped(string $name): self
    {
        return (new self(Message::of('weather.unmapped', ['name' => $name])))->at('forecast_mapping');
    }

    public static function noSuchPath(string $name, string $path): self
    {
        return (new self(Message::of('weather.no-path', ['name' => $name, 'path' => mb_substr($path, 0, 80)])))->at('forecast_mapping');
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
