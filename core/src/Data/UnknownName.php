<?php

declare(strict_types=1);

namespace Nebbia\Core\Data;

use Nebbia\Core\Data\Sentence\Message;

/** A name that nothing here goes by. */
final class UnknownName extends BadInput
{
    /** What may be meant, as people call it. */
    public ?string $nearest = null;

    public static function ingredient(string $name, ?string $nearest): self
    {
        return self::with('name.ingredient', $name, $nearest);
    }

    public static function plant(string $name, ?string $nearest): self
    {
        return self::with('name.plant', $name, $nearest);
    }

    public static function target(string $name, ?string $nearest): self
    {
        return self::with('name.target', $name, $nearest);
    }

    public static function sign(string $name, ?string $nearest): self
    {
        return self::with('name.sign', $name, $nearest);
    }

    private static function with(string $key, string $name, ?string $nearest): self
    {
        $name = mb_substr($name, 0, 60);

        $unknown = $nearest === null
            ? new self(Message::of($key, ['name' => $name]))
            : new self(Message::of("$key.nearest", ['name' => $name, 'nearest' => $nearest]));
        $unknown->nearest = $nearest;

        return $unknown;
    }
}
