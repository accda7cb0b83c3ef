<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure\Home;

use Nebbia\Core\Data\Sentence\Figures;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Measure\UnitSystem;

/**
 * Volumes and weights as they would be typed again into a field: in one plain unit, to five figures, so that nothing drifts. What no
 * spoon and no scale in ounces shows is in millilitres and grams everywhere.
 */
final class TypedVolume
{
    public const DIGITS = 5;

    /** Of what is only proposed: as a hand would measure it. */
    public const PROPOSED = 3;

    /** mL */
    private const LEAST_SPOON = 3.0;

    /** g */
    private const LEAST_OUNCES = 14.0;

    /** @param  float  $ml zero or more */
    public static function of(float $ml, UnitSystem $system, int $digits = self::DIGITS): string
    {
        if (HomeUnits::of($system)->isMetric() || $ml < self::LEAST_SPOON) {
            return self::figures($ml, $digits).' mL';
        }
        [$ounce, $spoon] = $system === UnitSystem::Us
            ? [PreciseWords::ML_PER_US_FL_OZ, PreciseWords::ML_PER_US_TSP]
            : [PreciseWords::ML_PER_IMP_FL_OZ, PreciseWords::ML_PER_METRIC_TSP];

        return $ml < 0.99 * $ounce ? self::figures($ml / $spoon, $digits).' tsp' : self::figures($ml / $ounce, $digits).' fl oz';
    }

    /** @param  float  $g zero or more */
    public static function mass(float $g, UnitSystem $system, int $digits = self::DIGITS): string
    {
        return HomeUnits::of($system)->isMetric() || $g < self::LEAST_OUNCES
            ? self::figures($g, $digits).' g'
            : self::figures($g / PreciseWords::G_PER_OZ, $digits).' oz';
    }

    /** @param  float  $mm above zero */
    public static function passage(float $mm, UnitSystem $system): string
    {
        return HomeUnits::of($system)->isMetric() ? self::figures($mm, self::DIGITS) : Figures::say($mm / HomeUnits::MM_PER_INCH).' in';
    }

    private static function figures(float $number, int $digits): string
    {
        return str_replace(',', '', Figures::say($number, $digits));
    }
}
