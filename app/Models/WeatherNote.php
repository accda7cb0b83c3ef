<?php

declare(strict_types=1);

namespace App\Models;

use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\WeatherHour;

/**
 * Weather that the household has written down: an imported forecast, or what the rain gauge held.
 *
 * @property string $garden_id
 * @property string $kind forecast, fetched or rain
 * @property int $from_at seconds since 1970
 * @property int $until_at
 * @property list<list<float>> $hours
 */
final class WeatherNote extends HouseholdModel
{
    public const FORECAST = 'forecast';

    public const RAIN = 'rain';

    /** From the address that the household has set: one for each garden, made anew each time. */
    public const FETCHED = 'fetched';

    protected function readable(): array
    {
        return [
            'hours' => [
                Spoilt::list(
                    static fn (mixed $one): bool => is_array($one) &&
                        array_is_list($one) &&
                        count($one) >= 2 &&
                        array_filter($one, static fn (mixed $number): bool => ! is_int($number) && ! is_float($number)) === [],
                ),
                self::ASIDE,
            ],
        ];
    }

    /** @return list<list<float|int>> as they are kept: time, °C, mm, km/h, % of humidity and of cloud */
    public static function hoursOf(Forecast $forecast): array
    {
        return array_map(
            static fn (WeatherHour $hour): array => [
                $hour->at,
                $hour->temperature,
                $hour->rain,
                $hour->wind,
                $hour->humidity,
                $hour->cloud,
            ],
            $forecast->all(),
        );
    }

    protected function casts(): array
    {
        return ['from_at' => 'integer', 'until_at' => 'integer', 'hours' => 'array'];
    }
}
