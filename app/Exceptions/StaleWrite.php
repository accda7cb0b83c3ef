<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Core\Say;
use RuntimeException;

/** Somebody changed the row since it was read. Nothing is written; both versions are shown. */
final class StaleWrite extends RuntimeException
{
    /** @param  array<string, mixed>  $yours */
    public function __construct(
        public readonly array $yours,
        public readonly mixed $theirs,
    ) {
        parent::__construct(Say::it('refused.stale'));
    }
}
