<?php

declare(strict_types=1);

namespace App\Keep\Backup;

use App\Database\SqliteFile;
use Exception;
use RuntimeException;
use SQLite3;

/** SQLite's own online copy: of one moment, however many write meanwhile; into a file that is in use, all of it or nothing. */
final class OnlineCopy
{
    private const TRIES = 200;

    public static function make(string $from, string $to): void
    {
        for ($try = 0; ; $try++) {
            $source = SqliteFile::toWrite($from);
            $target = SqliteFile::toMake($to);
            $done = self::copied($source, $target);
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

    /** False where somebody else has one of them for longer than is waited for. */
    private static function copied(SQLite3 $source, SQLite3 $target): bool
    {
        try {
            return @$source->backup($target);
        } catch (Exception) {
            return false;
        }
    }

    /** A copy that is one file, whole by itself. */
    public static function alone(string $path): void
    {
        $db = SqliteFile::toWrite($path);
        $db->exec('PRAGMA journal_mode = DELETE');
        $db->close();
    }
}
