<?php

declare(strict_types=1);

namespace App\Database;

use PDO;
use PDOException;

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

    /** Where the disk is full or fails, SQLite takes the whole transaction back by itself; there is nothing to take back then. */
    public function exec(string $statement): int|false
    {
        try {
            return parent::exec($statement);
        } catch (PDOException $e) {
            if (
                str_starts_with($statement, 'ROLLBACK') &&
                preg_match('/no such savepoint|no transaction is active/', $e->getMessage()) === 1
            ) {
                return 0;
            }

            throw $e;
        }
    }

    public function inTransaction(): bool
    {
        return $this->open;
    }
}
