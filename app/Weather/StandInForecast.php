<?php

declare(strict_types=1);

namespace App\Weather;

use App\Core\Say;
use App\Models\Garden;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\StandIn;

/** The forecast that ships with the application: made up from a seed, revised day by day. */
final class StandInForecast implements ForecastProvider
{
    /** Days that are foretold. */
    private const DAYS = 10;

    public function forecast(Garden $garden, int $from, int $to): Forecast
    {
        $place = $garden->place();
        if ($place === null) {
            return Forecast::of([]);
        }
        $now = $garden->now()->getTimestamp();

        return (new StandIn($place, self::seed($garden)))->foretold($now, $from, min($to, $now + self::DAYS * 86400));
    }

    public function happened(Garden $garden, int $from, int $to): Forecast
    {
        $place = $garden->place();
        if ($place === null) {
            return Forecast::of([]);
        }
        $weather = new StandIn($place, self::seed($garden));
        $hours = [];
        for ($at = $from - ($from % Forecast::HOUR); $at < $to; $at += Forecast::HOUR) {
            $hours[] = $weather->happened($at);
        }

        return Forecast::of($hours);
    }

    /** Only in a garden that is made up as well. */
    public function isTrue(Garden $garden): bool
    {
        return $garden->is_demo;
    }

    public function name(Garden $garden): string
    {
        return Say::it('weather.standin-madeup-weather');
    }

    private static function seed(Garden $garden): int
    {
        return crc32("$garden->latitude.$garden->longitude");
    }
}
