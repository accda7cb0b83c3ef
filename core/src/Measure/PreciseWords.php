<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure;

/**
 * Volumes and weights to three figures in the units a gardener prefers. Below an ounce everybody's syringe and scale
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
            return KitchenFraction::figures($g / self::G_PER_OZ).' oz';
        }

        return $g >= 999.5 ? KitchenFraction::figures($g / 1000).' kg' : KitchenFraction::figures($g).' g';
    }

    private static function litres(float $ml): string
    {
        return $ml >= 999.5 ? KitchenFraction::figures($ml / 1000).' L' : KitchenFraction::figures($ml).' mL';
    }

    private static function ounces(float $ml, float $perOunce, float $perGallon): string
    {
        return match (true) {
            $ml < $perOunce => self::litres($ml),
            $ml < $perGallon => KitchenFraction::figures($ml / $perOunce).' fl oz',
            default => KitchenFraction::figures($ml / $perGallon).' gal',
        };
    }
}
