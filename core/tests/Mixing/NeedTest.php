<?php

declare(strict_types=1);

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Measure\Vessel\FillPlan;
use Nebbia\Core\Measure\Vessel\Fit;
use Nebbia\Core\Measure\Vessel\FitVerdict;
use Nebbia\Core\Measure\Vessel\SprayerShare;
use Nebbia\Core\Measure\Vessel\Vessel;
use Nebbia\Core\Mixing\Need\NeedEstimator;
use Nebbia\Core\Mixing\Need\Stand;
use Nebbia\Core\Mixing\Need\Usage;
use Nebbia\Core\Mixing\Need\Wetting;
use Nebbia\Core\Plant\Stage;
use Nebbia\Core\Tests\Cases;

function standOf(string $plant, int $number, ?float $cm = null, Stage $stage = Stage::Growing, ?float $area = null, ?float $pot = null): Stand
{
    return Stand::of($plant, Cases::plant($plant), $number, $stage, $cm, $area, $pot);
}

/** @param  list<Stand>  $stands */
function needOf(array $stands, Wetting $wetting = Wetting::RunOff, bool $wets = false, ?float $ground = null): Interval
{
    return Cases::get(NeedEstimator::class)->need($stands, $wetting, $wets, $ground)->total;
}

it('takes what the table says at its heights', function (string $plant, ?float $cm, Stage $stage, float $low, float $likely, float $high): void {
    $need = needOf([standOf($plant, 10, $cm, $stage)]);
    expect($need->likely)->toEqualWithDelta(10 * $likely, 1e-6)->and($need->low)->toEqualWithDelta(10 * $low, 1e-6)->and($need->high)->toEqualWithDelta(10 * $high, 1e-6);
})->with([
    ['pepper', 35.0, Stage::Growing, 40, 75, 120],
    ['tomato', 100.0, Stage::Growing, 150, 250, 400],
    ['tomato', 180.0, Stage::Fruiting, 300, 500, 700],
    ['rose', 100.0, Stage::Growing, 200, 350, 600],
    ['cherry', 450.0, Stage::Growing, 7000, 10000, 15000],
    ['lettuce', null, Stage::Seedling, 3, 5, 10],
    // Twice the last height: four times as much, as leaf area grows.
    ['cherry', 900.0, Stage::Growing, 28000, 40000, 60000],
    // Between 35 and 100 cm, at their geometric mean: the geometric mean, √(75 · 250) = 136.93.
    ['tomato', 59.16079783, Stage::Growing, sqrt(40 * 150), sqrt(75 * 250), sqrt(120 * 400)],
]);

it('goes by ground, pot and area where those are what counts', function (): void {
    expect(needOf([standOf('lettuce', 30, null, Stage::Young, 2.0)])->toArray())->toEqual(['low' => 100.0, 'likely' => 200.0, 'high' => 300.0])
        ->and(needOf([standOf('lettuce', 30, null, Stage::Growing, 2.0)])->likely)->toEqual(500.0)
        ->and(needOf([standOf('moth-orchid', 4, pot: 2.0)], Wetting::Drench)->toArray())->toEqual(['low' => 400.0, 'likely' => 600.0, 'high' => 800.0])
        ->and(needOf([], Wetting::Ground, false, 12.0)->toArray())->toEqual(['low' => 600.0, 'likely' => 1200.0, 'high' => 2400.0])
        // Half for a mist, and that no more sure than it is.
        ->and(needOf([standOf('tomato', 1, 100.0)], Wetting::Mist)->toArray())->toEqual(['low' => 45.0, 'likely' => 125.0, 'high' => 280.0])
        // Soap and oil spread the drops: 60 of 80 at the lower end.
        ->and(needOf([standOf('tomato', 1, 100.0)], wets: true)->low)->toEqualWithDelta(112.5, 1e-9);
});

it('is less sure where no size is known, and grows with number and height', function (): void {
    $known = needOf([standOf('tomato', 1, 35.0)]);
    $unknown = needOf([standOf('tomato', 1)]);
    expect($unknown->high / $unknown->low)->toBeGreaterThan($known->high / $known->low);
    $last = 0.0;
    for ($cm = 4.0; $cm < 900.0; $cm *= 1.3) {
        $ml = needOf([standOf('cherry', 3, $cm)])->likely;
        expect($ml)->toBeGreaterThan($last);
        $last = $ml;
    }
});

it('learns from what was really used, and never by more than it was told', function (): void {
    $expected = Interval::of(150.0, 250.0, 400.0);
    expect(Usage::correct($expected, [], 0.2))->toBe($expected);
    // One use of 400 mL. s0 = ln(400/150)/3.92 = 0.250210; 1/s0² = 15.9733; 1/s² = 25. Precision 40.9733.
    // ln(likely) = (ln 250 · 15.9733 + ln 400 · 25) / 40.9733 = (88.1961 + 149.7866) / 40.9733 = 5.80824 → 333.03 mL.
    $once = Usage::correct($expected, [400.0], 0.2);
    expect($once->likely)->toEqualWithDelta(333.03, 0.3)->and($once->high / $once->low)->toEqualWithDelta(exp(2 * 1.96 / sqrt(40.9733)), 0.001);
    $often = Usage::correct($expected, array_fill(0, 50, 400.0), 0.2);
    expect($often->likely)->toEqualWithDelta(400.0, 3.0)->and($often->high - $often->low)->toBeLessThan($once->high - $once->low);
});

it('fills as often as it takes, equally, and leaves the pump its air', function (): void {
    $pump = Vessel::of('Pump bottle', 2000.0, 0.85, Interval::of(50.0, 100.0, 150.0));
    // 3 L to spray and 100 mL that stay in: 3.1 L in fills of at most 1.7.
    $plan = FillPlan::of($pump, 3000.0);
    expect($plan->fills)->toBe(2)->and($plan->eachMl)->toEqualWithDelta(1550.0, 1e-9)->and($plan->sprayedMl)->toEqualWithDelta(3000.0, 1e-9);
    // So little that nothing would come out for certain: the smallest fill.
    expect(FillPlan::of($pump, 10.0)->eachMl)->toEqual(150.0);
    for ($ml = 5.0; $ml < 30000.0; $ml *= 1.7) {
        $plan = FillPlan::of($pump, $ml);
        expect($plan->eachMl)->toBeLessThanOrEqual($pump->usableMl() + 1e-9)->toBeGreaterThanOrEqual(min($ml, $pump->smallestMl()) - 1e-9)
            ->and($plan->sprayedMl)->toBeGreaterThanOrEqual($ml - 1e-6)
            ->and($plan->madeMl)->toEqualWithDelta($plan->fills * $plan->eachMl, 1e-6);
    }
});

it('shares out over the sprayers there are, and takes two where that saves a fill', function (): void {
    $hand = Vessel::of('Hand', 750.0, 0.9, Interval::of(10.0, 30.0, 50.0));
    $pump = Vessel::of('Pump', 2000.0, 0.85, Interval::of(50.0, 100.0, 150.0));
    $knapsack = Vessel::of('Knapsack', 8000.0, 0.9, Interval::of(50.0, 100.0, 150.0));
    // 4.5 L: the knapsack once; the pump takes 3 fills, pump twice and hand never fits more than 3.2 + 0.645.
    $ways = SprayerShare::ways([$hand, $pump, $knapsack], 4500.0);
    expect($ways[0][0]->vessel->name)->toBe('Knapsack')->and($ways[0][0]->fills)->toBe(1);
    // 8.8 L without the knapsack: six fills of the pump; its five (8.5 − 0.1 L) and 0.4 L by hand are six too, so it stays alone.
    $two = SprayerShare::ways([$hand, $pump], 2200.0);
    // 2.2 L: two fills of the pump, or one of it (1.6 L) and the hand bottle once with 0.6 L: no fill saved.
    expect(count($two[0]))->toBe(1)->and($two[0][0]->fills)->toBe(2);
    // 7.5 L: knapsack twice, or once (7.1 L) and the hand bottle with 0.4 L; the same number, so alone. With the pump: 5 fills.
    foreach (SprayerShare::ways([$hand, $pump, $knapsack], 7500.0) as $way) {
        $sprayed = array_sum(array_map(static fn (FillPlan $plan): float => $plan->sprayedMl, $way));
        expect($sprayed)->toBeGreaterThanOrEqual(7500.0 - 1e-6);
    }
});

it('says whether a mix fits, takes the air, overflows or is too little', function (string $base, float $capacity, FitVerdict $verdict, float $over): void {
    $mix = Cases::mix(Cases::body($base, [['white-vinegar', '1 cup', '5 %']], units: 'metric'));
    $fit = Fit::of($mix->finalVolume->likely, $mix->baseMl, Vessel::of('Bottle', $capacity, 0.8, Interval::of(10.0, 30.0, 300.0)));
    expect($fit->verdict)->toBe($verdict)->and($fit->overMl)->toEqualWithDelta($over, 1e-9)->and($fit->additionsMl)->toEqualWithDelta(250.0, 1e-9);
})->with([
    ['700 mL', 1200.0, FitVerdict::Fits, 0.0],
    ['750 mL', 1200.0, FitVerdict::TakesTheAir, 40.0],
    ['1 L', 1200.0, FitVerdict::Overflows, 50.0],
    ['40 mL', 1200.0, FitVerdict::TooLittle, 0.0],
]);

it('tells how much to pour out of a bottle that is full of water already', function (): void {
    // 1 L and a cup of 250 mL: a fifth of what is made. Of 960 mL usable a fifth, 192 mL, has to come out.
    $mix = Cases::mix(Cases::body('1 L', [['white-vinegar', '1 cup', '5 %']], units: 'metric'));
    expect(Fit::of($mix->finalVolume->likely, $mix->baseMl, Vessel::of('Bottle', 1200.0, 0.8))->pourOutFirstMl)->toEqualWithDelta(192.0, 1e-9);
});

it('refuses what cannot be, naming the field', function (callable $ask, string $field): void {
    expect(Cases::complaint($ask)[0])->toBe($field);
})->with([
    [static fn () => standOf('tomato', 0), 'number'],
    [static fn () => standOf('tomato', 1, -3.0), 'height_cm'],
    [static fn () => needOf([]), 'plantings'],
    [static fn () => needOf([standOf('tomato', 1)], Wetting::Drench), 'pot_l'],
    [static fn () => needOf([], Wetting::Ground), 'area_m2'],
    [static fn () => Vessel::of('x', 100.0, 1.0, null, 0.0), 'finest_passage_mm'],
]);
