<?php

declare(strict_types=1);

namespace App\Database;

use App\Exceptions\Mishaps;
use RuntimeException;

/** The garden's file was last used by a newer Nebbia, whose tables this one does not know. */
final class NewerDatabase extends RuntimeException
{
    public static function at(int $is, int $known): self
    {
        return new self(Mishaps::say('newer', ['is' => $is, 'known' => $known]));
    }
}
