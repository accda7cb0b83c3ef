<?php

declare(strict_types=1);

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Sentence\Figures;
use Nebbia\Core\Measure\Kitchen\KitchenSet;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Measure\Units;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Tests\Cases;
use Symfony\Component\Yaml\Yaml;

it('says a number as a neighbour would', function (array $case): void {
    expect(Figures::say((float) $case['value'], $case['digits']))->toBe((string) $case['said']);
})->with(array_map(static fn (array $case): array => [$case], Yaml::parseFile(__DIR__.'/figures.yaml')));

it('says a range only where its ends differ to the eye', function (): void {
    expect(Figures::range(Interval::of(1.0, 1.0, 1.0)))->toBe('1')
        ->and(Figures::range(Interval::of(0.991, 1.0, 1.004)))->toBe('0.99 to 1')
        ->and(Figures::range(Interval::of(0.998, 1.0, 1.004)))->toBe('about 1')
        ->and(Figures::range(Interval::of(0.5, 0.8, 1.24)))->toBe('0.5 to 1.2');
});

it('never says more than four digits after the point, nor an exponent, and is never off by more than its last digit', function (): void {
    mt_srand(14);
    for ($n = 0; $n < 5000; $n++) {
        $value = 10 ** (mt_rand(-6000, 6000) / 1000) * mt_rand(100, 999) / 100;
        foreach ([2, 3] as $digits) {
            $said = Figures::say($value, $digits);
            expect($said)->toMatch('/^(under 0\.001|[\d,]+(\.\d{1,4})?)$/');
            if ($value >= Figures::LEAST) {
                expect(abs((float) str_replace(',', '', $said) - $value))->toBeLessThanOrEqual(max($value * 0.5 * 10 ** (1 - $digits), 0.00005) * 1.000001);
            }
        }
    }
});

it('says an amount as a syringe, a jug or a scale shows it', function (float $value, string $said): void {
    expect(Figures::amount($value))->toBe($said);
})->with([
    [0.0004, 'under 0.001'], [0.834, '0.83'], [1.2000000000000002, '1.2'], [4.96, '5'], [9.71, '9.7'], [47.1, '47'], [99.6, '100'], [248.6, '249'], [338.8, '340'], [664.0, '665'], [721.6, '720'], [999.0, '1000'], [1663.0, '1660'], [12_340.0, '12,300'],
]);

it('says volumes in litres from one on, and in no digits that nobody pours', function (float $ml, string $metric, string $us): void {
    expect(PreciseWords::volume($ml, UnitSystem::Metric))->toBe($metric)->and(PreciseWords::volume($ml, UnitSystem::Us))->toBe($us);
})->with([
    [664.0, '665 mL', '22.5 fl oz'], [1700.0, '1.7 L', '57 fl oz'], [1663.0, '1.66 L', '56 fl oz'], [17_000.0, '17 L', '4.5 gal'], [15.0, '15 mL', '1 tbsp'], [100.0, '100 mL', '3.4 fl oz'],
]);

it('is never off by more than one part in forty, of ten and more, for anything that can be measured', function (): void {
    for ($value = 1.0; $value < 50_000.0; $value *= 1.013) {
        expect(abs((float) str_replace(',', '', Figures::amount($value)) / $value - 1.0))->toBeLessThan($value < 10.0 ? 0.05 : 0.0255);
    }
});

it('says a weight as a kitchen scale shows it', function (float $grams, string $said): void {
    expect(PreciseWords::mass($grams, UnitSystem::Metric))->toBe($said);
})->with([[347.4, '347 g'], [56.4, '56 g'], [9.62, '9.6 g'], [0.837, '0.84 g'], [1234.0, '1.23 kg'], [999.6, '1 kg']]);

it('counts cups to twelve, then gallons or litres', function (): void {
    $set = static fn (string $system): KitchenSet => KitchenSet::of(Cases::get(Units::class), UnitSystem::from($system));
    expect($set('us')->nearest(71.666667 * 236.5882365)->pretty)->toBe('4 gal + 7⅔ cups')
        ->and($set('us')->nearest(12 * 236.5882365)->pretty)->toBe('12 cups')
        ->and($set('us')->nearest(16 * 236.5882365)->pretty)->toBe('1 gal')
        ->and($set('metric')->nearest(5_250.0)->pretty)->toBe('5 L + 1 cup')
        ->and($set('us')->nearest(71.666667 * 236.5882365)->errorPercent)->toEqualWithDelta(0.0, 0.01);
});
