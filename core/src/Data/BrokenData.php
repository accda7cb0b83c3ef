<?php

declare(strict_types=1);

namespace Nebbia\Core\Data;

use LogicException;

/** The project's own data is not as it should be. */
final class BrokenData extends LogicException
{
    public static function notARow(string $where): self
    {
        return new self("core/data: $where should be a row of named values.");
    }

    public static function lacks(string $key, string $where): self
    {
        return new self("core/data: $where lacks '$key', or it is of the wrong type.");
    }

    public static function twice(string $table, string $id): self
    {
        return new self("core/data: $table has the id '$id' twice: give one of the rows another.");
    }

    public static function ambiguous(string $table, string $name, string $one, string $other): self
    {
        return new self("core/data: in $table the name '$name' is both $one and $other: take it from one of them.");
    }

    public static function silent(string $table, string $id, string $key): self
    {
        return new self("core/data: $table.$id has no sentence '$key': add it to core/data/messages.");
    }

    public static function groundless(string $table, string $id): self
    {
        return new self("core/data: $table.$id does not say what it rests on: give it a basis.");
    }

    public static function unreadable(string $path): self
    {
        return new self("core/data: $path cannot be read.");
    }
}
