<?php

declare(strict_types=1);

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Measure\Vessel\Vessel;
use Nebbia\Core\Planning\Hour\SprayTime;

// A quarter of an hour for each fill, then volume over flow: 675 mL at 60 a minute are 11 minutes, 26 in all; five fills of 675 are 75 and 56.
it('is as long as filling and spraying take', function (float $ml, ?Vessel $vessel, ?float $flow, int $hours): void {
    expect(SprayTime::hours($ml, $vessel, $flow))->toBe($hours);
})->with([
    'a hand bottle' => [675.0, fn () => Vessel::of('hand', 750.0, 0.9), null, 1],
    'the same five times: 75 + 56.25 min' => [3375.0, fn () => Vessel::of('hand', 750.0, 0.9), null, 3],
    'a pump once: 15 + 5.7' => [1700.0, fn () => Vessel::of('pump', 2000.0, 0.85, Interval::of(20.0, 30.0, 40.0)), null, 1],
    'a knapsack of 8 L, twice, measured: 30 + 13.3' => [8000.0, fn () => Vessel::of('knapsack', 8000.0, 0.85), 600.0, 1],
    'a slow one: 15 + 53.3' => [800.0, fn () => Vessel::of('hand', 1000.0, 0.9), 15.0, 2],
    'never more than six' => [100000.0, fn () => Vessel::of('hand', 750.0, 0.9), null, 6],
    'without a sprayer' => [500.0, null, null, 1],
]);
