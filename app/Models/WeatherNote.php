<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Weather that the household has written down: an imported forecast, or what the rain gauge held.
 *
 * @property string $garden_id
 * @property string $kind forecast or rain
 * @property int $from_at seconds since 1970
 * @property int $until_at
 * @property list<list<float>> $hours
 */
final class WeatherNote extends HouseholdModel
{
    public const FORECAST = 'forecast';

    public const RAIN = 'rain';

    protected function readable(): array
    {
        return [
            'hours' => [Spoilt::list(static fn (mixed $one): bool => is_array($one) && array_is_list($one) && count($one) >= 2 && array_filter($one, static fn (mixed $number): bool => ! is_int($number) && ! is_float($number)) === []), self::ASIDE],
        ];
    }

    protected function casts(): array
    {
        return ['from_at' => 'integer', 'until_at' => 'integer', 'hours' => 'array'];
    }
}
