<?php

declare(strict_types=1);

namespace App\Keep\Backup;

use App\Core\Say;
use RuntimeException;

/** A file is no backup, or not a whole one. One line for the gardener; nothing was changed. */
final class BadBackup extends RuntimeException
{
    /** @param  array<string, string|int>  $params */
    public static function because(string $key, array $params = []): self
    {
        return new self(Say::it("keep.bad.$key", $params));
    }
}
