<?php

declare(strict_types=1);

namespace App\Keep\Backup;

use RuntimeException;
use SQLite3;

/** SQLite's own online copy: of one moment, however many write meanwhile; into a file that is in use, all of it or nothing. */
final class OnlineCopy
{
    private const TRIES = 200;

    public static function make(string $from, string $to): void
    {
        for ($try = 0; ; $try++) {
            $source = new SQLite3($from, SQLITE3_OPEN_READWRITE);
            $target = new SQLite3($to, SQLITE3_OPEN_READWRITE | SQLITE3_OPEN_CREATE);
            $source->busyTimeout(20_000);
            $target->busyTimeout(20_000);
            $done = @$source->backup($target);
            $source->close();
            $target->close();
            if ($done) {
                return;
            }
            if ($try >= self::TRIES) {
                throw new RuntimeException('database is locked');
            }
            usleep(50_000);
        }
    }

    /** A copy that is one file, whole by itself. */
    public static function alone(string $path): void
    {
        $db = new SQLite3($path, SQLITE3_OPEN_READWRITE);
        $db->enableExceptions(true);
        $db->exec('PRAGMA journal_mode = DELETE');
        $db->close();
    }
}
