<?php

declare(strict_types=1);

namespace App\Database;

use Throwable;

/** What is to be found where the garden's file should be. */
enum DatabaseState: string
{
    case Missing = 'missing';
    /** A file without anything in it: it was emptied, or something has only touched it. */
    case Emptied = 'emptied';
    case NoDatabase = 'no-database';
    case Damaged = 'damaged';
    /** A whole database, but of something else. */
    case Foreign = 'foreign';
    case Newer = 'newer';
    case Older = 'older';
    case Current = 'current';

    /** SQLite's busy and locked. */
    private const IN_USE = [5, 6];

    private const HEADER = "SQLite format 3\0";

    /** @throws Throwable if somebody else has it to himself for longer than is waited for */
    public static function of(string $path): self
    {
        if (! is_file($path)) {
            return self::Missing;
        }
        if (filesize($path) === 0) {
            return self::Emptied;
        }
        if ((string) file_get_contents($path, length: strlen(self::HEADER)) !== self::HEADER) {
            return self::NoDatabase;
        }
        $db = null;
        try {
            $db = SqliteFile::toWrite($path);
            $whole = $db->querySingle('PRAGMA quick_check(1)');
            $number = $db->querySingle('PRAGMA user_version');
            $tables = $db->querySingle('SELECT count(*) FROM sqlite_master');
            $gardens = $db->querySingle("SELECT count(*) FROM sqlite_master WHERE type = 'table' AND name IN ('gardens', 'migrations')");
            $ran = $gardens === 2 ? $db->querySingle('SELECT count(*) FROM migrations') : 0;
            $db->close();
        } catch (Throwable $e) {
            // What somebody else holds is not damaged: to move it aside would lose it.
            return in_array($db?->lastErrorCode(), self::IN_USE, true) ? throw $e : self::Damaged;
        }

        return match (true) {
            $whole !== 'ok' => self::Damaged,
            $tables === 0 => self::Emptied,
            $gardens !== 2 => self::Foreign,
            is_int($number) && $number > SchemaNumber::KNOWN => self::Newer,
            is_int($ran) && $ran < SchemaNumber::KNOWN => self::Older,
            default => self::Current,
        };
    }
}
