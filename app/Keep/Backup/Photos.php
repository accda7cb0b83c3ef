<?php

declare(strict_types=1);

namespace App\Keep\Backup;

use App\Database\SqliteFile;

/** The photos that a database knows, by their paths. */
final class Photos
{
    private const WHERE = ['scoutings' => 'photo', 'photos' => 'path'];

    /** @return list<string> */
    public static function of(string $database): array
    {
        $db = SqliteFile::toRead($database);
        $paths = [];
        foreach (self::WHERE as $table => $column) {
            if ($db->querySingle("SELECT count(*) FROM sqlite_master WHERE type = 'table' AND name = '$table'") === 0) {
                continue;
            }
            $asked = $db->query("SELECT DISTINCT \"$column\" AS path FROM \"$table\" WHERE \"$column\" IS NOT NULL ORDER BY 1");
            while ($asked !== false && is_array($row = $asked->fetchArray(SQLITE3_ASSOC))) {
                $paths[] = is_string($row['path']) ? $row['path'] : '';
            }
        }
        $db->close();

        return array_values(array_unique(array_filter($paths, self::isPath(...))));
    }

    /** Within the folder of photos, and nowhere else. */
    public static function isPath(string $path): bool
    {
        return preg_match('#^[A-Za-z0-9_-]+(/[A-Za-z0-9_-]+)*\.jpe?g$#D', $path) === 1;
    }
}
