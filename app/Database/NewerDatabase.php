<?php

declare(strict_types=1);

namespace App\Database;

use RuntimeException;

/** The garden's file was last used by a newer Nebbia, whose tables this one does not know. */
final class NewerDatabase extends RuntimeException
{
    public static function at(int $is, int $known): self
    {
        return new self("The garden's file is of a newer Nebbia (its tables are number $is, and this one knows $known). Bring Nebbia up to date; nothing is touched until then.");
    }
}
