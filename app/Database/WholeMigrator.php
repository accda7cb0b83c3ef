<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connection;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Migrations\Migrator;
use Override;

/**
 * Migrates in steps that are done whole or not at all: each migration, its record and its number in one transaction. SQLite takes
 * back tables as it takes back rows; only its foreign keys have to be let go before, since tables are built anew under their names.
 */
final class WholeMigrator extends Migrator
{
    /**
     * @param  string  $file
     * @param  int  $batch
     * @param  bool  $pretend
     */
    #[Override]
    protected function runUp($file, $batch, $pretend): void
    {
        if ($pretend) {
            parent::runUp($file, $batch, $pretend);

            return;
        }
        $this->whole($file, fn () => parent::runUp($file, $batch, false));
    }

    /**
     * @param  string  $file
     * @param  object  $migration
     * @param  bool  $pretend
     */
    #[Override]
    protected function runDown($file, $migration, $pretend): void
    {
        if ($pretend) {
            parent::runDown($file, $migration, $pretend);

            return;
        }
        $this->whole($file, fn () => parent::runDown($file, $migration, false));
    }

    /** @param  callable(): mixed  $work */
    private function whole(string $file, callable $work): void
    {
        $migration = $this->resolvePath($file);
        $connection = $this->resolveConnection($migration instanceof Migration ? (string) $migration->getConnection() : '');
        $connection->statement('PRAGMA foreign_keys = OFF');
        try {
            $connection->transaction(function () use ($connection, $work, $file): void {
                $before = self::astray($connection);
                $work();
                if (self::astray($connection) > $before) {
                    throw MigrationFailed::astray($this->getMigrationName($file));
                }
                $connection->statement('PRAGMA user_version = '.count($this->repository->getRan()));
            });
        } finally {
            $connection->statement('PRAGMA foreign_keys = ON');
        }
    }

    /** Rows whose other end is missing. */
    private static function astray(Connection $connection): int
    {
        return count($connection->select('PRAGMA foreign_key_check'));
    }
}
