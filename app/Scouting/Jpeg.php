<?php

declare(strict_types=1);

namespace App\Scouting;

/**
 * A JPEG without what its camera wrote beside the picture: where it was taken and when, by which device, a thumbnail, captions,
 * and whatever hangs behind its end. Read by segments, as the format (ITU T.81, annex B) lays them out.
 */
final class Jpeg
{
    /** Application segments that belong to the picture: JFIF, the colour profile, Adobe's colour transform. */
    private const KEPT = [0xE0 => "JFIF\0", 0xE2 => "ICC_PROFILE\0", 0xEE => 'Adobe'];

    /** @return string|null null where it is no JPEG from beginning to end */
    public static function bare(string $file): ?string
    {
        if (! str_starts_with($file, "\xFF\xD8")) {
            return null;
        }
        $bare = "\xFF\xD8";
        $at = 2;
        $length = strlen($file);
        while ($at + 1 < $length) {
            if ($file[$at] !== "\xFF") {
                return null;
            }
            $marker = ord($file[$at + 1]);
            if ($marker === 0xFF) {
                $at++;

                continue;
            }
            if ($marker === 0xD9) {
                return $bare."\xFF\xD9";
            }
            $size = $at + 3 < $length ? (ord($file[$at + 2]) << 8) + ord($file[$at + 3]) : 0;
            if ($size < 2 || $at + 2 + $size > $length) {
                return null;
            }
            $segment = substr($file, $at, 2 + $size);
            $at += 2 + $size;
            if (self::belongs($marker, substr($segment, 4))) {
                $bare .= $segment;
            }
            if ($marker === 0xDA) {
                $end = self::endOfScan($file, $at);
                $bare .= substr($file, $at, $end - $at);
                $at = $end;
            }
        }

        return null;
    }

    private static function belongs(int $marker, string $contents): bool
    {
        return match (true) {
            $marker === 0xFE => false,
            $marker >= 0xE0 && $marker <= 0xEF => isset(self::KEPT[$marker]) && str_starts_with($contents, self::KEPT[$marker]),
            default => true,
        };
    }

    /** The next marker after the picture's own bits, in which FF is followed by zero or by a restart. */
    private static function endOfScan(string $file, int $at): int
    {
        while (($at = strpos($file, "\xFF", $at)) !== false) {
            $next = ord($file[$at + 1] ?? "\0");
            if ($next !== 0x00 && ($next < 0xD0 || $next > 0xD7)) {
                return $at;
            }
            $at += 2;
        }

        return strlen($file);
    }
}
