<?php

declare(strict_types=1);

use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\LeafWetness;
use Nebbia\Core\Weather\WeatherHour;

/** Rain in the first hour of a day, and dry after it. */
function wetHours(float $celsius, float $humidity, float $rain): array
{
    $hours = [];
    for ($n = 0; $n < 8; $n++) {
        $hours[] = new WeatherHour($n * 3600, $celsius, $n === 0 ? $rain : 0.0, 5.0, $humidity, 50.0);
    }
    $wetness = new LeafWetness(Forecast::of($hours));

    return array_values(array_filter(range(0, 7), static fn (int $n): bool => $wetness->isWet($n * 3600)));
}

// 40 min at 20 °C; at 28 °C half, 20 min; at 12 °C double, 80 min; at 4 °C 160 min; above 85 % twice as long.
it('dries by temperature and humidity', function (float $celsius, float $humidity, float $rain, array $wet): void {
    expect(wetHours($celsius, $humidity, $rain))->toBe($wet);
})->with([
    'an hour after at 20 degrees' => [20.0, 60.0, 1.0, [0, 1]],
    'no longer at 28' => [28.0, 60.0, 1.0, [0, 1]],
    'two hours at 12' => [12.0, 60.0, 1.0, [0, 1, 2]],
    'three hours at 4' => [4.0, 60.0, 1.0, [0, 1, 2, 3]],
    'two hours in damp air' => [20.0, 86.0, 1.0, [0, 1, 2]],
    'drizzle of less than a tenth does not count' => [20.0, 60.0, 0.05, []],
    'dew lies all the time' => [20.0, 90.0, 0.0, [0, 1, 2, 3, 4, 5, 6, 7]],
]);

it('is the minutes of the table', function (float $celsius, float $humidity, float $minutes): void {
    expect(LeafWetness::minutes($celsius, $humidity))->toEqualWithDelta($minutes, 0.01);
})->with([[20.0, 60.0, 40.0], [28.0, 60.0, 20.0], [20.0, 86.0, 80.0], [12.0, 60.0, 80.0], [24.0, 60.0, 28.284]]);

it('calls nothing wet that it does not know', function (): void {
    expect((new LeafWetness(Forecast::of([])))->isWet(0))->toBeFalse();
});
