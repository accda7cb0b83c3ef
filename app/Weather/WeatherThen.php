<?php

declare(strict_types=1);

namespace App\Weather;

use App\Core\Say;
use App\Models\Garden;
use Carbon\CarbonImmutable;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\WeatherUnits;

/** The weather of an hour as it belongs into the log: only what somebody knows, never what is made up for a real garden. */
final readonly class WeatherThen
{
    public function __construct(private ForecastProvider $provider) {}

    /** @return array{temperature: float, wind: float, humidity: float, rain: float}|null °C, km/h, %, mm in that hour */
    public function at(Garden $garden, CarbonImmutable $at): ?array
    {
        if (! $this->provider->isTrue($garden)) {
            return null;
        }
        $time = $at->getTimestamp();
        $now = $garden->now()->getTimestamp();
        $weather =
            $time <= $now
                ? $this->provider->happened($garden, $time, $time + 1)
                : $this->provider->forecast($garden, $time, $time + Forecast::HOUR);
        $hour = $weather->at($time);

        return $hour === null
            ? null
            : [
                'temperature' => round($hour->temperature, 1),
                'wind' => round($hour->wind, 1),
                'humidity' => round($hour->humidity),
                'rain' => round($hour->rain, 1),
            ];
    }

    /** @param  array<array-key, mixed>|null  $weather  as at() gives it */
    public static function said(?array $weather, WeatherUnits $units): ?string
    {
        $number = static fn (string $key): ?float => is_numeric($weather[$key] ?? null) ? (float) $weather[$key] : null;
        [$temperature, $wind, $humidity, $rain] = [$number('temperature'), $number('wind'), $number('humidity'), $number('rain')];
        if ($temperature === null || $wind === null || $humidity === null) {
            return null;
        }

        return number_format($units->sayTemperature($temperature), 0).
            " {$units->degrees()}, wind ".
            number_format($units->saySpeed($wind), 0).
            " {$units->speed()}, ".
            number_format($humidity, 0).
            ' % humid, '.
            ($rain === null || $rain < Forecast::DRY ? Say::it('weather.dry') : Say::it('weather.rain', ['mm' => number_format($rain, 1)]));
    }
}
