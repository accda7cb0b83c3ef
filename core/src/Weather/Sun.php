<?php

declare(strict_types=1);

namespace Nebbia\Core\Weather;

/**
 * Where the sun stands. Height by the low-precision formulas of the Astronomical Almanac, good to about a tenth of a degree; times by PHP's
 * own.
 */
final class Sun
{
    private const J2000 = 946728000;

    /** @return float degrees above the horizon, below 0 at night */
    public static function height(Place $place, int $at): float
    {
        $days = ($at - self::J2000) / 86400.0;
        $mean = deg2rad(fmod(357.529 + 0.98560028 * $days, 360.0));
        $length = deg2rad(fmod(280.459 + 0.98564736 * $days + 1.915 * sin($mean) + 0.02 * sin(2.0 * $mean), 360.0));
        $tilt = deg2rad(23.439 - 0.00000036 * $days);
        $ascension = atan2(cos($tilt) * sin($length), cos($length));
        $declination = asin(sin($tilt) * sin($length));
        $sidereal = deg2rad(fmod(280.46061837 + 360.98564736629 * $days, 360.0) + $place->longitude);
        $latitude = deg2rad($place->latitude);

        return rad2deg(asin(sin($latitude) * sin($declination) + cos($latitude) * cos($declination) * cos($sidereal - $ascension)));
    }

    /**
     * Sunrise and sunset of the day that holds this time, in seconds since 1970.
     *
     * @return array{int|null, int|null} null where the sun does not rise, or does not set
     */
    public static function times(Place $place, int $noon): array
    {
        $info = date_sun_info($noon, $place->latitude, $place->longitude);

        return [is_int($info['sunrise']) ? $info['sunrise'] : null, is_int($info['sunset']) ? $info['sunset'] : null];
    }
}
