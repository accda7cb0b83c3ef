<?php

declare(strict_types=1);

namespace App\Database;

use PDO;

/**
 * SQLite whose transactions take their write lock when they begin. PHP 8.2 can only begin deferred ones: those take the lock at
 * their first write, when what they have read may be stale already, and then fail at once instead of waiting for their turn.
 */
final class ImmediatePdo extends PDO
{
    private bool $open = false;

    public function beginTransaction(): bool
    {
        $this->exec('BEGIN IMMEDIATE TRANSACTION');

        return $this->open = true;
    }

    public function commit(): bool
    {
        $this->exec('COMMIT');
        $this->open = false;

        return true;
    }

    public function rollBack(): bool
    {
        $this->open = false;
        $this->exec('ROLLBACK');

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->open;
    }
}
