<?php

declare(strict_types=1);

namespace App\Database;

use SQLite3;

/**
 * A file of SQLite, opened beside the application's own connection. It waits where somebody else has it to himself for a moment, as
 * when it is exchanged or its last writer closes it, and throws SQLite's own words where something fails.
 */
final class SqliteFile
{
    private const WAIT_MS = 20_000;

    public static function toRead(string $path): SQLite3
    {
        return self::open($path, SQLITE3_OPEN_READONLY);
    }

    /** A file that its last writer has left in write-ahead mode can only be read by who may write beside it. */
    public static function toWrite(string $path): SQLite3
    {
        return self::open($path, SQLITE3_OPEN_READWRITE);
    }

    public static function toMake(string $path): SQLite3
    {
        return self::open($path, SQLITE3_OPEN_READWRITE | SQLITE3_OPEN_CREATE);
    }

    private static function open(string $path, int $how): SQLite3
    {
        $db = new SQLite3($path, $how);
        $db->enableExceptions(true);
        $db->busyTimeout(self::WAIT_MS);

        return $db;
    }
}
