<?php

declare(strict_types=1);

use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\WeatherHour;

/** @param  array<int, float>  $rain  hour => mm; all others are dry */
function rainySky(int $hours, array $rain = [], float $temperature = 15.0): Forecast
{
    return Forecast::of(array_map(static fn (int $n): WeatherHour => new WeatherHour($n * 3600, $temperature + $n, $rain[$n] ?? 0.0, 5.0, 60.0, 50.0), range(0, $hours - 1)));
}

it('says how long it stays dry', function (): void {
    $sky = rainySky(24, [6 => 0.5, 7 => 0.05, 20 => 2.0]);
    expect($sky->rainIn(0))->toBe(6.0)->and($sky->rainIn(5 * 3600 + 1800))->toBe(1.0)->and($sky->rainIn(6 * 3600))->toBe(0.0)
        // A twentieth of a millimetre is none.
        ->and($sky->rainIn(7 * 3600))->toBe(13.0)->and($sky->rainIn(21 * 3600))->toBeNull()->and($sky->rainIn(40 * 3600))->toBeNull();
});

it('adds rain up between two times, and means of what it knows', function (): void {
    $sky = rainySky(24, [6 => 0.5, 20 => 2.0]);
    expect($sky->rainBetween(0, 24 * 3600))->toEqualWithDelta(2.5, 1e-9)->and($sky->rainBetween(7 * 3600, 20 * 3600))->toBe(0.0)->and($sky->rainBetween(20 * 3600, 100 * 3600))->toEqualWithDelta(2.0, 1e-9)
        ->and($sky->meanTemperature(0, 3 * 3600))->toEqualWithDelta(16.0, 1e-9)->and($sky->meanTemperature(22 * 3600, 48 * 3600))->toEqualWithDelta(37.5, 1e-9)->and($sky->meanTemperature(48 * 3600, 60 * 3600))->toBeNull();
});

it('takes the later of two for one hour, in whatever order hours come', function (): void {
    $early = new WeatherHour(3600, 10.0, 0.0, 5.0, 60.0, 50.0);
    $late = new WeatherHour(3600, 20.0, 0.0, 5.0, 60.0, 50.0);
    $first = new WeatherHour(0, 5.0, 0.0, 5.0, 60.0, 50.0);
    $sky = Forecast::of([$early, $first, $late]);
    expect($sky->at(3700)?->temperature)->toBe(20.0)->and($sky->all())->toHaveCount(2)->and($sky->from())->toBe(0)->and($sky->until())->toBe(7200)
        ->and(Forecast::of([])->isEmpty())->toBeTrue()->and(Forecast::of([])->until())->toBeNull()->and(Forecast::of([])->at(0))->toBeNull();
});
