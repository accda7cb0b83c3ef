<?php

declare(strict_types=1);

namespace App\Database;

use App\Core\Say;
use RuntimeException;

/** A migration was taken back: the garden's file is as it was before it. */
final class MigrationFailed extends RuntimeException
{
    public static function astray(string $migration): self
    {
        return new self(Say::it('keep.up.astray', ['migration' => $migration]));
    }
}
