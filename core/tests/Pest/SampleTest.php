<?php

declare(strict_types=1);

use Nebbia\Core\Pest\Count\Sample;
use Nebbia\Core\Pest\Count\SamplingPlan;
use Nebbia\Core\Pest\Count\Trend;
use Nebbia\Core\Target\CountMeasure;
use Nebbia\Core\Tests\Cases;

it('gives the mean of a count with its interval, as worked on paper', function (CountMeasure $measure, array $counts, int $leaves, float $low, float $mean, float $high): void {
    $sample = Sample::of($measure, array_map(floatval(...), $counts), $leaves);
    expect($sample->mean->low)->toEqualWithDelta($low, 0.001)->and($sample->mean->likely)->toEqualWithDelta($mean, 1e-9)->and($sample->mean->high)->toEqualWithDelta($high, 0.001);
})->with([
    // T 50 on 20 leaves; s² 10, m 10: s²/m 1; φ = (12 + 4·1)/7 = 2.2857; √(φ/T) = 0.21381; 2.5·e^±0.41906.
    'even' => [CountMeasure::PerLeaf, [8, 12, 10, 6, 14], 4, 1.6441, 2.5, 3.8013],
    // T 200; s² 160, m 40: 4; φ = (12 + 4·4)/7 = 4; √(4/200) = 0.141421; 10·e^±0.277186.
    'clumped' => [CountMeasure::PerLeaf, [32, 48, 40, 24, 56], 4, 7.5791, 10.0, 13.1942],
    // One plant: φ 4; T 16: √(4/16) = 0.5; 16·e^±0.98.
    'one plant' => [CountMeasure::PerPlant, [16], 1, 6.0050, 16.0, 42.6311],
    // Nothing on 20 leaves: up to 3.69·4/20.
    'nothing found' => [CountMeasure::PerLeaf, [0, 0, 0, 0, 0], 4, 0.0, 0.0, 0.738],
    // m 20, s 10: √((0.25 + 0.09)/3) = 0.336650; 20·e^±0.659834.
    'shares by eye' => [CountMeasure::PercentLeaf, [10, 20, 30], 1, 10.3387, 20.0, 38.6895],
    'a share stays below 100' => [CountMeasure::PercentLeaf, [90, 90], 1, 59.385, 90.0, 100.0],
    // Wilson for 10 of 50: 11.24 to 33.04 %.
    'plants that have it' => [CountMeasure::PercentPlants, [...array_fill(0, 10, 1), ...array_fill(0, 40, 0)], 1, 11.2436, 20.0, 33.0374],
]);

it('grows surer with more plants', function (): void {
    $width = fn (int $plants): float => Sample::of(CountMeasure::PerLeaf, array_fill(0, $plants, 12.0), 4)->mean->high - Sample::of(CountMeasure::PerLeaf, array_fill(0, $plants, 12.0), 4)->mean->low;
    expect($width(4))->toBeGreaterThan($width(8))->and($width(8))->toBeGreaterThan($width(16));
});

it('refuses counts that cannot be', function (array $counts, CountMeasure $measure, string $field, string $words): void {
    [$where, $said] = Cases::complaint(fn () => Sample::of($measure, $counts));
    expect($where)->toBe($field)->and($said)->toContain($words);
})->with([
    [[], CountMeasure::PerLeaf, 'counts', 'at least one number'],
    [[3.0, -1.0], CountMeasure::PerLeaf, 'counts.1', 'from 0'],
    [[2.5], CountMeasure::PerLeaf, 'counts.0', 'whole'],
    [[101.0], CountMeasure::PercentLeaf, 'counts.0', '100 %'],
    [[2e6], CountMeasure::PerPlant, 'counts.0', '1,000,000'],
]);

it('gives doubling and halving times with their uncertainty', function (): void {
    $before = Sample::of(CountMeasure::PerLeaf, [8.0, 12.0, 10.0, 6.0, 14.0], 4);
    $after = Sample::of(CountMeasure::PerLeaf, [32.0, 48.0, 40.0, 24.0, 56.0], 4);
    // Fourfold in 7 days is two doublings. se² = 2.2857/50 + 4/200 = 0.0657143; 1.96·0.256348/7 = 0.0717775 a day.
    $trend = Trend::between($before, $after, 7.0);
    expect($trend->grows())->toBeTrue()->and($trend->rate)->toEqualWithDelta(0.1980421, 1e-6)
        ->and($trend->doublingDays()?->likely)->toEqualWithDelta(3.5, 1e-9)->and($trend->doublingDays()?->low)->toEqualWithDelta(2.5689, 0.001)->and($trend->doublingDays()?->high)->toEqualWithDelta(5.4897, 0.001)
        ->and($trend->halvingDays())->toBeNull();
    $back = Trend::between($after, $before, 7.0);
    expect($back->falls())->toBeTrue()->and($back->halvingDays()?->likely)->toEqualWithDelta(3.5, 1e-9)->and($back->doublingDays())->toBeNull();
});

it('does not call a trend what may be chance', function (): void {
    $trend = Trend::between(Sample::of(CountMeasure::PerPlant, [4.0, 6.0]), Sample::of(CountMeasure::PerPlant, [6.0, 7.0]), 3.0);
    expect($trend->grows())->toBeFalse()->and($trend->falls())->toBeFalse()->and($trend->doublingDays())->toBeNull()
        ->and($trend->doublesNoFasterThan())->toBeGreaterThan(0.0)->and($trend->halvesNoFasterThan())->toBeGreaterThan(0.0);
});

it('can speak of a trend to nothing', function (): void {
    $trend = Trend::between(Sample::of(CountMeasure::PerLeaf, [40.0, 60.0, 50.0, 50.0], 5), Sample::of(CountMeasure::PerLeaf, [0.0, 0.0, 0.0, 0.0], 5), 5.0);
    // From 10 a leaf to half a one on 20 leaves: ln(0.025/10)/5.
    expect($trend->rate)->toEqualWithDelta(log(0.0025) / 5, 1e-9)->and($trend->falls())->toBeTrue();
});

it('does not compare counts with shares', function (): void {
    Trend::between(Sample::of(CountMeasure::PerPlant, [4.0]), Sample::of(CountMeasure::PercentLeaf, [4.0]), 3.0);
})->throws(Nebbia\Core\Pest\Count\CountException::class);

it('plans how many to look at', function (CountMeasure $measure, int $number, int $plants, int $leaves): void {
    $plan = SamplingPlan::draw($measure, $number, 7);
    expect($plan->plants)->toHaveCount($plants)->and($plan->leavesPerPlant)->toBe($leaves)->and(array_unique($plan->plants))->toHaveCount($plants)
        ->and(min($plan->plants))->toBeGreaterThanOrEqual(1)->and(max($plan->plants))->toBeLessThanOrEqual(max(1, $number));
})->with([
    [CountMeasure::PerLeaf, 1, 1, 10], [CountMeasure::PerLeaf, 3, 3, 7], [CountMeasure::PerLeaf, 12, 5, 4], [CountMeasure::PerLeaf, 30, 7, 3], [CountMeasure::PerLeaf, 100, 11, 2],
    [CountMeasure::PercentLeaf, 30, 7, 1], [CountMeasure::PerPlant, 5, 5, 1], [CountMeasure::PercentPlants, 24, 24, 1], [CountMeasure::PercentPlants, 80, 50, 1], [CountMeasure::PerCard, 25, 3, 1], [CountMeasure::PerLeaf, 0, 1, 10],
]);

it('draws the same plants for the same seed, and every plant as often over many', function (): void {
    expect(SamplingPlan::draw(CountMeasure::PerLeaf, 12, 5)->plants)->toBe(SamplingPlan::draw(CountMeasure::PerLeaf, 12, 5)->plants);
    $drawn = array_fill(1, 12, 0);
    for ($seed = 0; $seed < 2400; $seed++) {
        foreach (SamplingPlan::draw(CountMeasure::PerLeaf, 12, $seed)->plants as $plant) {
            $drawn[$plant]++;
        }
    }
    // 2400·5/12 = 1000 each; the standard deviation is √(2400·5/12·7/12) = 24.
    expect(min($drawn))->toBeGreaterThan(1000 - 5 * 24)->and(max($drawn))->toBeLessThan(1000 + 5 * 24);
});

it('is turned round when the two counts are, and slower when they lie further apart', function (): void {
    for ($n = 1; $n <= 20; $n++) {
        $one = Sample::of(CountMeasure::PerLeaf, [3.0 * $n, 5.0 * $n, 2.0 * $n], 4);
        $other = Sample::of(CountMeasure::PerLeaf, [20.0, 31.0, 18.0], 4);
        $there = Trend::between($one, $other, 6.0);
        $back = Trend::between($other, $one, 6.0);
        expect($there->rate)->toEqualWithDelta(-$back->rate, 1e-12)
            ->and($there->rateLow)->toEqualWithDelta(-$back->rateHigh, 1e-12)
            ->and(Trend::between($one, $other, 12.0)->rate)->toEqualWithDelta($there->rate / 2, 1e-12);
    }
});

it('contains its mean, and never goes below nothing or over all', function (): void {
    foreach ([[CountMeasure::PerLeaf, [0.0, 4.0, 50.0]], [CountMeasure::PerPlant, [1.0]], [CountMeasure::PercentLeaf, [0.0, 100.0]], [CountMeasure::PercentPlants, [1.0, 1.0]], [CountMeasure::PercentPlants, [0.0]], [CountMeasure::PerCard, [12.0, 3.0]]] as [$measure, $counts]) {
        $mean = Sample::of($measure, $counts)->mean;
        expect($mean->low)->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual($mean->likely)
            ->and($mean->high)->toBeGreaterThanOrEqual($mean->likely)
            ->and($measure->isShare() ? $mean->high : 0.0)->toBeLessThanOrEqual(100.0);
    }
});

it('does not mind in which order the plants were counted', function (): void {
    $one = Sample::of(CountMeasure::PerLeaf, [3.0, 40.0, 7.0, 0.0], 5)->mean->toArray();
    expect(Sample::of(CountMeasure::PerLeaf, [0.0, 7.0, 40.0, 3.0], 5)->mean->toArray())->toBe($one);
});

it('covers the truth about as often as it says, for clumped counts', function (): void {
    // Counts of two sizes on 8 plants, 2 and 18 with equal chance: mean 10. At least 90 of 100 intervals should hold it.
    $held = 0;
    $chance = new Nebbia\Core\Tests\Chance(20260610);
    for ($n = 0; $n < 300; $n++) {
        $counts = array_map(fn (): float => $chance->whole(0, 1) === 1 ? 18.0 : 2.0, range(1, 8));
        $mean = Sample::of(CountMeasure::PerPlant, $counts)->mean;
        $held += $mean->low <= 10.0 && $mean->high >= 10.0 ? 1 : 0;
    }
    expect($held)->toBeGreaterThan(270);
});
