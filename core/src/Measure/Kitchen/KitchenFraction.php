<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure\Kitchen;

use Nebbia\Core\Data\Sentence\Figures;

/** Numbers as a measuring spoon says them: 1.5 is "1 1/2", or "1½" for the eye. */
final class KitchenFraction
{
    private const FRACTIONS = [
        '1/8' => [0.125, '⅛'],
        '1/4' => [0.25, '¼'],
        '1/3' => [1 / 3, '⅓'],
        '3/8' => [0.375, '⅜'],
        '1/2' => [0.5, '½'],
        '5/8' => [0.625, '⅝'],
        '2/3' => [2 / 3, '⅔'],
        '3/4' => [0.75, '¾'],
        '7/8' => [0.875, '⅞'],
    ];

    /**
     * @param  float  $number  above zero; said to three figures where no kitchen fraction is it
     */
    public static function plain(float $number): string
    {
        [$whole, $fraction] = self::split($number);
        if ($fraction === null) {
            return self::figures($number);
        }

        return trim(($whole > 0 ? "$whole " : '').$fraction);
    }

    public static function pretty(float $number): string
    {
        [$whole, $fraction] = self::split($number);
        if ($fraction === null) {
            return self::figures($number);
        }
        $glyph = $fraction === '' ? '' : self::FRACTIONS[$fraction][1];

        return ($whole > 0 || $glyph === '' ? (string) $whole : '').$glyph;
    }

    /** @return array{int, string|null} whole part and the fraction's name, '' for none, null where it is no kitchen number */
    private static function split(float $number): array
    {
        $whole = (int) floor($number + 1e-9);
        $rest = $number - $whole;
        if (abs($rest) < 1e-6) {
            return [$whole, ''];
        }
        foreach (self::FRACTIONS as $name => [$value]) {
            if (abs($rest - $value) < 1e-6) {
                return [$whole, $name];
            }
        }

        return [$whole, null];
    }

    /** Three significant figures, without an exponent. */
    public static function figures(float $number): string
    {
        return $number <= 0.0 ? '0' : Figures::say($number);
    }
}
