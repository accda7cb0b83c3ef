<?php

declare(strict_types=1);

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Measure\Vessel\Fit;
use Nebbia\Core\Measure\Vessel\FitVerdict;
use Nebbia\Core\Measure\Vessel\Vessel;
use Nebbia\Core\Tests\Cases;

function pumpBottle(): Vessel
{
    // Usable 1700 mL; 50 to 150 mL never come out.
    return Vessel::of('Pump bottle', 2000.0, 0.85, Interval::of(50.0, 100.0, 150.0));
}

it('says whether it fits, and by how much it does not', function (float $volume, FitVerdict $verdict, float $over): void {
    $fit = Fit::of($volume, $volume, pumpBottle());
    expect($fit->verdict)->toBe($verdict)->and($fit->overMl)->toEqualWithDelta($over, 1e-9);
})->with([
    [149.0, FitVerdict::TooLittle, 0.0], [150.0, FitVerdict::Fits, 0.0], [1700.0, FitVerdict::Fits, 0.0],
    // Above the line it is measured from the line, above the brim from the brim.
    [1750.0, FitVerdict::TakesTheAir, 50.0], [2000.0, FitVerdict::TakesTheAir, 300.0], [2236.0, FitVerdict::Overflows, 236.0],
]);

it('says what has to come out of a vessel that is full of water already', function (): void {
    // 250 mL go into 1000 of water: a fifth of the finished mix. A fifth of 1700 is 340.
    $fit = Fit::of(1250.0, 1000.0, pumpBottle());
    expect($fit->additionsMl)->toBe(250.0)->and($fit->pourOutFirstMl)->toEqualWithDelta(340.0, 1e-9);
});

it('finds that a cup more than a full bottle runs over', function (): void {
    // A litre of water, a cup of milk, a bottle of a litre.
    $mix = Cases::mix(Cases::body('1 L', [['milk', '1 cup']]));
    $fit = Fit::of($mix->finalVolume->likely, $mix->baseMl, Vessel::of('Bottle', 1000.0, 0.9));
    expect($fit->verdict)->toBe(FitVerdict::Overflows)->and($fit->overMl)->toEqualWithDelta(236.5882365, 1e-6);
});

it('never finds more room for more', function (): void {
    $ranks = ['too-little' => 0, 'fits' => 1, 'takes-the-air' => 2, 'overflows' => 3];
    $before = 0;
    foreach (range(10, 3000, 10) as $ml) {
        $rank = $ranks[Fit::of((float) $ml, (float) $ml, pumpBottle())->verdict->value];
        expect($rank)->toBeGreaterThanOrEqual($before);
        $before = $rank;
    }
    expect($before)->toBe(3);
});
