<?php

declare(strict_types=1);

namespace App\Undo;

use RuntimeException;

/** A change that can no longer be taken back. */
final class CannotUndo extends RuntimeException
{
    public static function already(): self
    {
        return new self('This has been undone already.');
    }

    public static function tooOld(int $days): self
    {
        return new self("Only changes of the last $days days can be undone.");
    }

    public static function changedSince(): self
    {
        return new self('It has been changed again since, so it cannot be undone: change it by hand.');
    }
}
