<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure;

use Nebbia\Core\Data\Sentence\Figures;
use Nebbia\Core\Measure\Kitchen\KitchenFraction;

/**
 * Volumes and weights, as closely as a hand measures them, in the units a gardener prefers. Below an eighth of a teaspoon there is only
 * the syringe, which says millilitres everywhere; below a quarter of an ounce only the scale's grams.
 */
final class PreciseWords
{
    public const ML_PER_US_FL_OZ = 29.5735295625;

    public const ML_PER_IMP_FL_OZ = 28.4130625;

    private const ML_PER_US_GAL = 3785.411784;

    private const ML_PER_IMP_GAL = 4546.09;

    public const ML_PER_US_TSP = 4.92892159375;

    public const ML_PER_METRIC_TSP = 5.0;

    public const G_PER_OZ = 28.349523125;

    private const G_PER_LB = 453.59237;

    /** A spoon's fraction that is off by less is as good: nobody fills a spoon more closely. */
    private const AS_GOOD_AS = 0.03;

    /** @param  float  $ml zero or more */
    public static function volume(float $ml, UnitSystem $system): string
    {
        return match ($system) {
            UnitSystem::Us => self::ounces($ml, self::ML_PER_US_TSP, self::ML_PER_US_FL_OZ, self::ML_PER_US_GAL),
            UnitSystem::Imperial => self::ounces($ml, self::ML_PER_METRIC_TSP, self::ML_PER_IMP_FL_OZ, self::ML_PER_IMP_GAL),
            default => self::litres($ml),
        };
    }

    /** @param  float  $g zero or more */
    public static function mass(float $g, UnitSystem $system): string
    {
        if ($system === UnitSystem::Us || $system === UnitSystem::Imperial) {
            return match (true) {
                $g < 0.247 * self::G_PER_OZ => Figures::grams($g).' g',
                $g < self::G_PER_OZ => Figures::say($g / self::G_PER_OZ, Figures::OF_STRENGTH).' oz',
                $g < 1.995 * self::G_PER_LB => self::coarse($g / self::G_PER_OZ).' oz',
                default => self::coarse($g / self::G_PER_LB).' lb',
            };
        }

        return self::metric(Figures::grams($g), 'kg', 'g');
    }

    private static function litres(float $ml): string
    {
        return self::metric(Figures::amount($ml), 'L', 'mL');
    }

    /** Gallons from a gallon on, quarts from two on and where it is one; a hair below counts, or none would ever be said of 3.785 L. */
    private static function ounces(float $ml, float $perTeaspoon, float $perOunce, float $perGallon): string
    {
        $isAtLeast = static fn (float $unit): bool => $ml >= 0.995 * $unit;

        return match (true) {
            $ml < 0.985 * $perTeaspoon / 8.0 => self::litres($ml),
            $ml < 0.985 * 3.0 * $perTeaspoon => self::spoons($ml / $perTeaspoon, 'tsp'),
            $ml < 0.995 * $perOunce => self::spoons($ml / (3.0 * $perTeaspoon), 'tbsp'),
            $isAtLeast($perGallon) => self::coarse($ml / $perGallon).' gal',
            $isAtLeast($perGallon / 2.0) || abs($ml - $perGallon / 4.0) < 0.005 * $ml => self::coarse($ml / $perGallon * 4.0).' qt',
            default => self::coarse($ml / $perOunce).' fl oz',
        };
    }

    /** A fraction that spoons have where that is as good as it, else to two figures. */
    private static function spoons(float $number, string $spoon): string
    {
        $nearest = array_map(static fn (float $parts): float => round($number * $parts) / $parts, [8.0, 3.0]);
        usort($nearest, static fn (float $a, float $b): int => abs($a - $number) <=> abs($b - $number));

        return (abs($nearest[0] - $number) <= self::AS_GOOD_AS * $number
            ? KitchenFraction::pretty($nearest[0])
            : Figures::say($number, Figures::OF_STRENGTH))." $spoon";
    }

    private static function metric(string $said, string $large, string $small): string
    {
        $number = (float) str_replace(',', '', $said);

        return $number >= 1000.0 ? Figures::say($number / 1000.0, 8)." $large" : "$said $small";
    }

    /** Ounces and gallons: tenths to ten, halves to fifty, ones above. */
    private static function coarse(float $number): string
    {
        $step = $number < 9.95 ? 0.1 : ($number < 49.75 ? 0.5 : 1.0);

        return Figures::say(round($number / $step) * $step, 8);
    }
}
