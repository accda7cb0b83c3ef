<?php

declare(strict_types=1);

namespace Nebbia\Core\Weather;

use DateTimeImmutable;

/**
 * The hours of a day of which only its lowest and highest temperature, rain, wind and sky are known: read off a station, or typed in as
 * foretold. Warmth goes up and down as a cosine, coldest at three and warmest at three in the afternoon; the dew point is taken a degree
 * below the lowest, and humidity from both by Magnus (Alduchov and Eskridge 1996). Rough practice.
 */
final readonly class TypedDay
{
    private const WARMEST = 15.0;

    private const BELOW_LOWEST = 1.0;

    /** % at the least while it rains. */
    private const RAINING = 92.0;

    /**
     * @param  string  $day  by the calendar of the place, as 2026-05-02
     * @param  float  $low  °C, -60 to 60
     * @param  float  $high  °C, not below the lowest
     * @param  float  $rain  mm in all
     * @param  int  $rainFrom  hour by the clocks of the place
     * @param  int  $rainHours  for how long; what goes on beyond midnight falls before it
     * @param  float  $wind  km/h
     * @param  float  $cloud  % of the sky
     * @return list<WeatherHour>
     *
     * @throws WeatherException if the lowest is above the highest
     */
    public static function hours(
        Place $place,
        string $day,
        float $low,
        float $high,
        float $rain = 0.0,
        int $rainFrom = 12,
        int $rainHours = 1,
        float $wind = 5.0,
        float $cloud = 50.0,
    ): array {
        if ($low > $high) {
            throw WeatherException::upsideDown();
        }
        $midnight = DateTimeImmutable::createFromFormat('!Y-m-d', $day, $place->zone);
        if ($midnight === false) {
            return [];
        }
        $end = $midnight->modify('+1 day')->getTimestamp();
        $hours = [];
        for ($at = (int) ceil($midnight->getTimestamp() / Forecast::HOUR) * Forecast::HOUR; $at < $end; $at += Forecast::HOUR) {
            $clock = (int) $midnight->setTimestamp($at)->format('G');
            $temperature = ($low + $high) / 2.0 + (($high - $low) / 2.0) * cos((2.0 * M_PI * ($clock - self::WARMEST)) / 24.0);
            $isWet = $rain > 0.0 && $clock >= $rainFrom && $clock < $rainFrom + $rainHours;
            $hours[] = [$at, $temperature, $isWet, (100.0 * self::pressure($low - self::BELOW_LOWEST)) / self::pressure($temperature)];
        }
        $wet = count(array_filter($hours, static fn (array $one): bool => $one[2]));

        return array_map(
            static fn (array $one): WeatherHour => new WeatherHour(
                $one[0],
                $one[1],
                $one[2] ? $rain / $wet : 0.0,
                $wind,
                $one[2] ? max(self::RAINING, $one[3]) : min(100.0, $one[3]),
                $cloud,
            ),
            $hours,
        );
    }

    /** Of water vapour that saturates the air, hPa. */
    private static function pressure(float $celsius): float
    {
        return 6.1094 * exp((17.625 * $celsius) / ($celsius + 243.04));
    }
}
