<?php

declare(strict_types=1);

namespace Nebbia\Core\Weather;

/**
 * What temperatures a place may have at a time of year, where no forecast reaches: a yearly wave by latitude and altitude, and a daily one.
 * A rough practice figure for temperate places, good to a few degrees and no more.
 */
final readonly class Climate
{
    private const YEAR = 365.2422;

    /** Day of the year on which the north is warmest, on the average. */
    private const WARMEST = 203.0;

    public function __construct(private Place $place) {}

    /** °C, mean of the day */
    public function mean(int $at): float
    {
        $latitude = abs($this->place->latitude);
        $yearly = 30.0 - 0.35 * $latitude - 0.0055 * $this->place->altitude;
        $day = fmod($at / 86400.0, self::YEAR);
        $warmest = self::WARMEST + ($this->place->latitude < 0.0 ? self::YEAR / 2.0 : 0.0);

        return $yearly + min(14.0, 0.22 * $latitude) * cos((2.0 * M_PI * ($day - $warmest)) / self::YEAR);
    }

    /** °C, half the difference between the day's extremes */
    public function swing(int $at): float
    {
        return 4.5 +
            1.5 *
                cos((2.0 * M_PI * (fmod($at / 86400.0, self::YEAR) - self::WARMEST)) / self::YEAR) *
                ($this->place->latitude < 0.0 ? -1.0 : 1.0);
    }

    /** °C, of an hour: coldest before sunrise, warmest about three hours after noon by the sun */
    public function hour(int $at): float
    {
        $local = fmod($at / 3600.0 + $this->place->longitude / 15.0 + 24.0, 24.0);

        return $this->mean($at) + $this->swing($at) * cos((2.0 * M_PI * ($local - 15.0)) / 24.0);
    }

    /** °C, over some days */
    public function meanBetween(int $from, int $to): float
    {
        $days = max(1, intdiv($to - $from, 86400));
        $sum = 0.0;
        for ($n = 0; $n < $days; $n++) {
            $sum += $this->mean($from + $n * 86400);
        }

        return $sum / $days;
    }
}
