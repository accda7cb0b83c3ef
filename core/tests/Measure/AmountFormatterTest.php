<?php

declare(strict_types=1);

use Brick\Math\BigRational;
use Nebbia\Core\Measure\AmountFormatter;
use Nebbia\Core\Measure\Kitchen\KitchenFraction;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Tests\Cases;

it('writes for machines what it reads back the same', function (string $text, string $system = 'us'): void {
    $amount = Cases::amount($text, $system);
    $again = Cases::amount(AmountFormatter::machine($amount), $system);
    expect($again->isSameAs($amount))->toBeTrue(AmountFormatter::machine($amount))
        ->and($again->inBase()->toArray())->toBe($amount->inBase()->toArray());
})->with([
    ['2 tbsp'], ['1½ tsp'], ['0.75 fl oz'], ['1,5 L'], ['1/3 cup'], ['2 US gal'], ['1 imp pint'], ['2 tablets'], ['2 x 500 mg'], ['1 1/2 x 325 mg'],
    ['3 cloves'], ['a squeeze'], ['2 handfuls'], ['1:50'], ['1 in 50'], ['3:50'], ['1:500-1000'], ['0.5 %'], ['0.5 % v/v'], ['1500 ppm'], ['5 g/L'],
    ['3-5 drops'], ['1 tbsp', 'au'], ['1 cup', 'imperial'], ['2 fl oz', 'imperial'], ['1 cup + 2 tbsp'], ['1 large onion'], ['a few drops'],
]);

it('writes for people in kitchen fractions', function (string $text, string $said): void {
    expect(AmountFormatter::people(Cases::amount($text)))->toBe($said);
})->with([
    ['1.5 tsp', '1½ tsp'], ['0.25 cup', '¼ cup'], ['2 1/3 cups', '2⅓ cups'], ['3 cloves', '3 cloves'], ['1 clove', '1 clove'], ['2 x 325 mg', '2 x 325 mg'], ['1:50', '1:50'],
]);

it('writes metric measures and strengths in tenths, as they were written where that is short', function (string $text, string $people, string $machine): void {
    $amount = Cases::amount($text);
    expect(AmountFormatter::people($amount))->toBe($people)->and(AmountFormatter::machine($amount))->toBe($machine);
})->with([
    ['1½ L', '1.5 L', '1.5 L'], ['1.125 L', '1.125 L', '1.125 L'], ['1,5 %', '1.5 %', '1.5 %'], ['1/4 %', '0.25 %', '0.25 %'], ['12.5 g', '12.5 g', '12.5 g'],
    // A third has no end in tenths: exact for the machine, three figures for the eye.
    ['1/3 L', '0.333 L', '1/3 L'], ['2-2.5 g', '2-2.5 g', '2-2.5 g'], ['2500 mL', '2500 mL', '2500 mL'], ['1½ tsp', '1½ tsp', '1 1/2 tsp'],
]);

it('scales exactly, and back again', function (string $text, string $k): void {
    $amount = Cases::amount($text);
    $k = BigRational::of($k);
    $there = $amount->scaledBy($k);
    expect($there->scaledBy($k->reciprocal())->isSameAs($amount))->toBeTrue()
        ->and($there->inBase()->likely)->toEqualWithDelta($amount->inBase()->likely * $k->toFloat(), 1e-9);
})->with([['2 tbsp', '17/3'], ['1,5 L', '0.37'], ['a squeeze', '9'], ['3-5 drops', '1/7']]);

it('leaves ratios and strengths alone when scaling', function (string $text): void {
    expect(Cases::amount($text)->scaledBy(BigRational::of(5))->isSameAs(Cases::amount($text)))->toBeTrue();
})->with([['1:50'], ['1 in 50'], ['0.5 %'], ['200 ppm']]);

it('says figures without exponents', function (float $number, string $plain, string $pretty): void {
    expect(KitchenFraction::plain($number))->toBe($plain)->and(KitchenFraction::pretty($number))->toBe($pretty);
})->with([[1.5, '1 1/2', '1½'], [0.125, '1/8', '⅛'], [3.0, '3', '3'], [2 + 2 / 3, '2 2/3', '2⅔'], [1234.5, '1234 1/2', '1234½'], [0.0123, '0.0123', '0.0123'], [1.7, '1.7', '1.7']]);

// 1700 / 29.5735295625 = 57.48; 5000 / 3785.411784 = 1.3209; 100 / 28.349523125 = 3.527
it('says volumes and weights in the units a gardener prefers', function (UnitSystem $system, string $volume, string $large, string $mass, string $little): void {
    expect(PreciseWords::volume(1700, $system))->toBe($volume)
        ->and(PreciseWords::volume(5000, $system))->toBe($large)
        ->and(PreciseWords::mass(100, $system))->toBe($mass)
        ->and(PreciseWords::volume(8, $system))->toBe($little);
})->with([
    [UnitSystem::Metric, '1.7 L', '5 L', '100 g', '8 mL'],
    [UnitSystem::Us, '57 fl oz', '1.3 gal', '3.5 oz', '1⅝ tsp'],
    [UnitSystem::Imperial, '60 fl oz', '1.1 gal', '3.5 oz', '1⅝ tsp'],
    [UnitSystem::Au, '1.7 L', '5 L', '100 g', '8 mL'],
]);
