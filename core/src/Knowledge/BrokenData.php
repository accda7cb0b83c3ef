<?php

declare(strict_types=1);

namespace Nebbia\Core\Knowledge;

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

    public static function unreadable(string $path): self
    {
        return new self("core/data: $path cannot be read.");
    }
}
