<?php

declare(strict_types=1);

namespace Nebbia\Core\Weather;

/** Warmth above a lower threshold that a day brings, in °C days. */
final class DegreeDays
{
    /**
     * By the mean of the day's extremes, held between the thresholds.
     *
     * @param  float  $low  °C, the day's lowest
     * @param  float  $high  °C, not below $low
     * @param  float  $base  lower threshold
     */
    public static function average(float $low, float $high, float $base, float $upper = INF): float
    {
        return max(0.0, (min($high, $upper) + max($low, $base)) / 2.0 - $base);
    }

    /** By a single sine through the day's extremes, without an upper threshold (Baskerville and Emin, 1969). */
    public static function sine(float $low, float $high, float $base): float
    {
        $mean = ($high + $low) / 2.0;
        $swing = ($high - $low) / 2.0;
        if ($low >= $base) {
            return $mean - $base;
        }
        if ($high <= $base) {
            return 0.0;
        }
        $theta = asin(($base - $mean) / $swing);

        return (($mean - $base) * (M_PI_2 - $theta) + $swing * cos($theta)) / M_PI;
    }

    /** Of single hours, each worth a twenty-fourth of a day. */
    public static function ofHours(Forecast $forecast, int $from, int $to, float $base): float
    {
        $sum = 0.0;
        for ($at = $from - ($from % Forecast::HOUR); $at < $to; $at += Forecast::HOUR) {
            $sum += max(0.0, ($forecast->at($at)->temperature ?? $base) - $base) / 24.0;
        }

        return $sum;
    }
}
