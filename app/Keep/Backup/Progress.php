<?php

declare(strict_types=1);

namespace App\Keep\Backup;

/** How far something has come that takes its time, for whoever looks on from another request. */
final class Progress
{
    private const FILE = '.progress';

    /** @param  float  $share  0 to 1 */
    public static function at(string $folder, string $what, float $share): void
    {
        file_put_contents("$folder/".self::FILE, (string) json_encode(['what' => $what, 'share' => round($share, 3)]), LOCK_EX);
    }

    public static function over(string $folder): void
    {
        if (is_file("$folder/".self::FILE)) {
            unlink("$folder/".self::FILE);
        }
    }

    /** @return array{what: string, share: float}|null null where nothing goes on */
    public static function of(string $folder): ?array
    {
        $file = "$folder/".self::FILE;
        // What was killed says nothing any more.
        if (! is_file($file) || time() - (int) filemtime($file) > 120) {
            return null;
        }
        $read = json_decode((string) file_get_contents($file), true);

        return is_array($read) && is_string($read['what'] ?? null) && is_numeric($read['share'] ?? null)
            ? ['what' => $read['what'], 'share' => (float) $read['share']]
            : null;
    }
}
