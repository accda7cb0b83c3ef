<?php

declare(strict_types=1);

use Nebbia\Core\Weather\Place;
use Nebbia\Core\Weather\TypedDay;
use Nebbia\Core\Weather\WeatherException;
use Nebbia\Core\Weather\WeatherHour;

function typedPlace(): Place
{
    return new Place(45.9, 9.3, new DateTimeZone('Europe/Rome'));
}

it('makes hours of a day between its lowest and its highest', function (): void {
    $hours = TypedDay::hours(typedPlace(), '2026-05-02', 10.0, 20.0);
    expect($hours)->toHaveCount(24)->and($hours[3]->temperature)->toEqualWithDelta(10.0, 1e-9)->and($hours[15]->temperature)->toEqualWithDelta(20.0, 1e-9)->and($hours[9]->temperature)->toEqualWithDelta(15.0, 1e-9)
        ->and(array_sum(array_map(static fn (WeatherHour $one): float => $one->temperature, $hours)) / 24)->toEqualWithDelta(15.0, 1e-9);
    // A dew point of 9 °C: 11.464 of 23.334 hPa at 20 °C, and of 12.260 at 10 °C.
    expect($hours[15]->humidity)->toEqualWithDelta(49.13, 0.05)->and($hours[3]->humidity)->toEqualWithDelta(93.5, 0.1);
});

it('spreads the rain over its hours, and not beyond midnight', function (int $from, int $length, array $wet): void {
    $hours = TypedDay::hours(typedPlace(), '2026-05-02', 10.0, 20.0, 6.0, $from, $length);
    expect(array_keys(array_filter($hours, static fn (WeatherHour $one): bool => $one->rain > 0.0)))->toBe($wet)->and(array_sum(array_map(static fn (WeatherHour $one): float => $one->rain, $hours)))->toEqualWithDelta(6.0, 1e-9);
    foreach ($wet as $n) {
        expect($hours[$n]->humidity)->toBeGreaterThanOrEqual(92.0);
    }
})->with([[14, 3, [14, 15, 16]], [22, 6, [22, 23]], [0, 1, [0]]]);

it('has as many hours as the day', function (string $day, int $hours): void {
    expect(TypedDay::hours(typedPlace(), $day, 5.0, 15.0))->toHaveCount($hours);
})->with([['2026-03-29', 23], ['2026-10-25', 25], ['2026-07-01', 24]]);

it('refuses a day that is colder at its warmest', function (): void {
    TypedDay::hours(typedPlace(), '2026-05-02', 20.0, 10.0);
})->throws(WeatherException::class);
