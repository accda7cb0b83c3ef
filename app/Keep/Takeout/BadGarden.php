<?php

declare(strict_types=1);

namespace App\Keep\Takeout;

use App\Core\Say;
use RuntimeException;

/** A file is no garden, or not a whole one. One line for the gardener; nothing was changed. */
final class BadGarden extends RuntimeException
{
    /** @param  array<string, string|int>  $params */
    public static function because(string $key, array $params = []): self
    {
        return new self(Say::it("keep.garden.$key", $params));
    }
}
