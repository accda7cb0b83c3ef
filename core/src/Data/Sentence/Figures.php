<?php

declare(strict_types=1);

namespace Nebbia\Core\Data\Sentence;

use Nebbia\Core\Data\Interval;

/**
 * Numbers as a neighbour would say them: no more digits than a hand can measure, no exponent, nothing that reads like a fault
 * of the machine. The one place that rounds for people; what programs read is never rounded.
 */
final class Figures
{
    /** Less than this is "under 0.001": nobody has a tool for it. */
    public const LEAST = 0.001;

    private const SPOKEN = ['% w/v' => '%', '% v/v' => '%', 'g/100 mL' => '%'];

    /** Digits of a strength: "about 1 %", "0.75 %". */
    public const OF_STRENGTH = 2;

    /** Digits of an amount and of whatever is told more exactly. */
    public const OF_AMOUNT = 3;

    /**
     * @param  int  $digits  significant digits; whole numbers above them are kept whole
     */
    public static function say(float $value, int $digits = self::OF_AMOUNT): string
    {
        if (is_nan($value) || is_infinite($value)) {
            return '?';
        }
        $size = abs($value);
        if ($size > 0.0 && $size < self::LEAST) {
            return ($value < 0.0 ? 'above -' : 'under ').self::LEAST;
        }
        $rounded = self::rounded($size, $digits);
        $text = number_format($rounded, max(0, min(4, $digits - 1 - self::exponent($rounded))), '.', $rounded >= 10_000.0 ? ',' : '');
        if (str_contains($text, '.')) {
            $text = rtrim(rtrim($text, '0'), '.');
        }

        return $value < 0.0 && $rounded > 0.0 ? "-$text" : $text;
    }

    /**
     * Millilitres as a syringe or a jug shows them: tenths to ten, halves to twenty, ones to a quarter litre, fives to a litre,
     * hundredths of a litre to ten. Smaller than one: two figures.
     */
    public static function amount(float $value): string
    {
        $step = match (true) {
            $value < 1.0 => null,
            $value < 9.95 => 0.1,
            $value < 19.75 => 0.5,
            $value < 249.5 => 1.0,
            $value < 997.5 => 5.0,
            $value < 9_995.0 => 10.0,
            default => 100.0,
        };

        return $step === null ? self::say($value, self::OF_STRENGTH) : self::say(round($value / $step) * $step, 8);
    }

    /** Grams as a kitchen scale shows them: tenths to ten, whole ones to a kilogram, tens above. Smaller than one: two figures. */
    public static function grams(float $value): string
    {
        $step = $value < 9.95 ? 0.1 : ($value < 999.5 ? 1.0 : 10.0);

        return $value < 1.0 ? self::say($value, self::OF_STRENGTH) : self::say(round($value / $step) * $step, 8);
    }

    /** A unit as it is said: whether by weight or by volume is told where the figure is looked at. */
    public static function unit(string $unit): string
    {
        return self::SPOKEN[$unit] ?? $unit;
    }

    /** A strength in per cent, to two figures. */
    public static function strength(float $percent): string
    {
        return self::say($percent, self::OF_STRENGTH);
    }

    /**
     * Two ends, where they say something different; one of them otherwise.
     *
     * @return string as "0.5 to 1.2", or "about 1"
     */
    public static function range(Interval $interval, int $digits = self::OF_STRENGTH): string
    {
        $low = self::say($interval->low, $digits);
        $high = self::say($interval->high, $digits);

        return match (true) {
            $interval->isExact() => self::say($interval->likely, $digits),
            $low === $high => "about $low",
            default => "$low to $high",
        };
    }

    /** To so many significant digits; what is whole and longer than that is kept to the unit below a thousand, to three digits above. */
    private static function rounded(float $size, int $digits): float
    {
        if ($size === 0.0) {
            return 0.0;
        }
        $decimals = $digits - 1 - self::exponent($size);

        return round($size, min(4, max($size >= 1000.0 ? 2 - self::exponent($size) : 0, $decimals)));
    }

    private static function exponent(float $size): int
    {
        return $size > 0.0 ? (int) floor(log10($size) + 1e-12) : 0;
    }
}
