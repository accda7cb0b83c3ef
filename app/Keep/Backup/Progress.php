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
        @unlink("$folder/".self::FILE);
    }

    /** @return array{what: string, share: float}|null null where nothing goes on */
    public static function of(string $folder): ?array
    {
        $file = "$folder/".self::FILE;
        // It may be over between any two of these; what was killed says nothing any more.
        $said = @file_get_contents($file);
        $since = @filemtime($file);
        if ($said === false || $since === false || time() - $since > 120) {
            return null;
        }
        $read = json_decode($said, true);

        return is_array($read) && is_string($read['what'] ?? null) && is_numeric($read['share'] ?? null)
            ? ['what' => $read['what'], 'share' => (float) $read['share']]
            : null;
    }
}
