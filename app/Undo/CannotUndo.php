<?php

declare(strict_types=1);

namespace App\Undo;

use App\Core\Say;
use RuntimeException;

/** A change that can no longer be taken back. */
final class CannotUndo extends RuntimeException
{
    public static function already(): self
    {
        return new self(Say::it('refused.has-been-undone'));
    }

    public static function tooOld(int $days): self
    {
        return new self(Say::it('refused.too-long-ago', ['days' => (string) $days]));
    }

    public static function changedSince(): self
    {
        return new self(Say::it('refused.has-been-changed'));
    }
}
