<?php

declare(strict_types=1);

use Nebbia\Core\Measure\Vessel\Vessel;
use Nebbia\Core\Measure\Vessel\VesselException;
use Nebbia\Core\Tests\Cases;

it('leaves air for the pump', function (): void {
    $vessel = Vessel::of('Pump bottle', 2000.0, 0.85);
    expect($vessel->usableMl())->toBe(1700.0);
    $vessel->refuseOverfill(1700.0);
    $vessel->refuseOverfill(0.1);
});

it('says how much does go in', function (): void {
    [$field, $message] = Cases::complaint(fn () => Vessel::of('Hand bottle', 750.0, 0.9)->refuseOverfill(676.0));
    expect($field)->toBe('')->and($message)->toBe('676 mL does not fit the Hand bottle: with air left for the pump it takes 675 mL. Mix less, or choose a larger sprayer.');
});

it('refuses vessels that cannot be', function (float $capacity, float $fraction): void {
    Vessel::of('Nothing', $capacity, $fraction);
})->with([[0.0, 1.0], [-1.0, 1.0], [100.0, 0.0], [100.0, 1.01], [100.0, -0.5]])->throws(VesselException::class);

it('takes a vessel filled to the brim', function (): void {
    expect(Vessel::of('Bucket', 10000.0)->usableMl())->toBe(10000.0);
});
