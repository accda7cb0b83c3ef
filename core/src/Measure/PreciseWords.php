<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure;

use Nebbia\Core\Data\Sentence\Figures;

/**
 * Volumes and weights, as closely as a hand measures them, in the units a gardener prefers. Below an ounce everybody's syringe and scale
 * say millilitres and grams.
 */
final class PreciseWords
{
    private const ML_PER_US_FL_OZ = 29.5735295625;

    private const ML_PER_IMP_FL_OZ = 28.4130625;

    private const ML_PER_US_GAL = 3785.411784;

    private const ML_PER_IMP_GAL = 4546.09;

    private const G_PER_OZ = 28.349523125;

    /** @param  float  $ml zero or more */
    public static function volume(float $ml, UnitSystem $system): string
    {
        return match ($system) {
            UnitSystem::Us => self::ounces($ml, self::ML_PER_US_FL_OZ, self::ML_PER_US_GAL),
            UnitSystem::Imperial => self::ounces($ml, self::ML_PER_IMP_FL_OZ, self::ML_PER_IMP_GAL),
            default => self::litres($ml),
        };
    }

    /** @param  float  $g zero or more */
    public static function mass(float $g, UnitSystem $system): string
    {
        $usesOunces = $system === UnitSystem::Us || $system === UnitSystem::Imperial;
        if ($usesOunces && $g >= self::G_PER_OZ) {
            return self::coarse($g / self::G_PER_OZ).' oz';
        }

        return self::metric(Figures::grams($g), 'kg', 'g');
    }

    private static function litres(float $ml): string
    {
        return self::metric(Figures::amount($ml), 'L', 'mL');
    }

    private static function ounces(float $ml, float $perOunce, float $perGallon): string
    {
        return match (true) {
            $ml < $perOunce => self::litres($ml),
            $ml < $perGallon => self::coarse($ml / $perOunce).' fl oz',
            default => self::coarse($ml / $perGallon).' gal',
        };
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
