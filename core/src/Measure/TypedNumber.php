<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure;

/** One number as it stands in a field: decimal comma and point, fractions, a sign, digits of any script. */
final class TypedNumber
{
    /** Minutes and seconds of a degree, each with the signs that people have for them. */
    private const PARTS = '/^(\d{1,3})\s*°\s*(\d{1,2}(?:\.\d+)?)\s*[\'′’](?:\s*(\d{1,2}(?:\.\d+)?)\s*(?:"|″|”|\'\'))?$/u';

    /** @return float|null null where it is not one number, or one that reads two ways ("1,500") */
    public static function read(string $text): ?float
    {
        $text = trim(Digits::western($text));
        if (preg_match('/^([-+]?)\s*('.NumberParser::PATTERN.')\s*°?$/uD', $text, $m) !== 1) {
            return null;
        }
        try {
            $number = NumberParser::parse($m[2])->toFloat();
        } catch (AmountException) {
            return null;
        }

        return $m[1] === '-' ? -$number : $number;
    }

    /**
     * A latitude or longitude in degrees, as maps write it: -9.14, 9,14 W, 9° 8′ 24″ W. No number there is over 180, so that a comma is a
     * decimal one.
     *
     * @return float|null south and west of nought below it; null where it cannot be read
     */
    public static function degrees(string $text): ?float
    {
        $text = str_replace(',', '.', trim(Digits::western($text)));
        $half = preg_match('/^(.*[^\sa-z])\s*([nsew])$/isuD', $text, $m) === 1 ? strtoupper($m[2]) : null;
        $text = $half === null ? $text : $m[1];
        $number =
            preg_match(self::PARTS, $text, $parts) === 1
                ? self::ofParts((float) $parts[1], (float) $parts[2], (float) ($parts[3] ?? 0))
                : self::read($text);
        if ($number === null || ($half !== null && preg_match('/^[-+]/', $text) === 1)) {
            return null;
        }

        return $half === 'S' || $half === 'W' ? -$number : $number;
    }

    private static function ofParts(float $degrees, float $minutes, float $seconds): ?float
    {
        // To ten metres, as a map is read.
        return $minutes < 60.0 && $seconds < 60.0 ? round($degrees + $minutes / 60.0 + $seconds / 3600.0, 4) : null;
    }
}
