<?php

declare(strict_types=1);

use Nebbia\Core\Substance\Strength;
use Nebbia\Core\Substance\StrengthParser;
use Nebbia\Core\Tests\Cases;

it('turns a label into grams in one millilitre or gram', function (string $text, string $ingredient, float $grams): void {
    $strength = StrengthParser::parse($text, Cases::ingredient($ingredient));
    expect($strength->grams->likely)->toEqualWithDelta($grams, 0.0005 * $grams);
})->with([
    ['3 %', 'hydrogen-peroxide', 0.03],
    // 2 · 34.0147 / 22.414 = 3.03512 g/L for each volume
    ['10 volumes', 'hydrogen-peroxide', 0.0303512],
    ['40 vol', 'hydrogen-peroxide', 0.121405],
    // 12 g per 100 g at 1.042 g/mL: 12.5 g per 100 mL
    ['12 % w/w', 'hydrogen-peroxide', 0.12504],
    ['30 % w/w', 'hydrogen-peroxide', 0.3333],
    // 0.70 · 0.7855
    ['70 % v/v', 'isopropyl-alcohol', 0.54985],
    ['70 %', 'isopropyl-alcohol', 0.54985],
    ['70%', 'isopropyl-alcohol', 0.54985],
    // 0.70 · 0.7892
    ['140 proof', 'ethyl-alcohol', 0.55244],
    ['38 % w/v', 'liquid-castile-soap', 0.38],
    ['5 % acidity', 'white-vinegar', 0.05],
    ['50 grain', 'white-vinegar', 0.05],
    ['90 % purity', 'caustic-potash', 0.9],
    ['37 %', 'washing-soda', 0.37],
    ['200 g/L', 'garlic', 0.2],
    ['100 g/L', 'wood-ash', 0.1],
    ['100 %', 'milk', 1.03],
    ['80 g/L', 'baking-soda', 0.08],
]);

it('reads a range and keeps it', function (): void {
    $strength = StrengthParser::parse('30-40 %', Cases::ingredient('castile soap'));
    expect($strength->grams->low)->toEqualWithDelta(0.3, 1e-12)->and($strength->grams->likely)->toEqualWithDelta(0.35, 1e-12)->and($strength->grams->high)->toEqualWithDelta(0.4, 1e-12);
});

it('makes an extract or a solution of what is usually solid', function (string $text, bool $poured): void {
    expect(StrengthParser::parse($text, Cases::ingredient('garlic'))->isSolution)->toBe($poured);
})->with([['200 g/L', true], ['20 % w/v', true], ['90 %', false]]);

// The promise of the format: what is taken where a recipe says nothing (likely, low to high).
it('takes the usual strength', function (string $ingredient, float $likely, float $low, float $high): void {
    $usual = Strength::usual(Cases::ingredient($ingredient))->percent;
    expect([$usual->likely, $usual->low, $usual->high])->toBe([$likely, $low, $high]);
})->with([
    ['liquid-castile-soap', 33.0, 21.0, 39.0], ['soap-concentrate', 50.0, 47.0, 51.0], ['potash-soap', 20.0, 10.0, 30.0], ['bar-soap', 82.0, 75.0, 88.0],
    ['dish-detergent', 20.0, 8.0, 40.0], ['laundry-detergent', 20.0, 8.0, 40.0], ['isopropyl-alcohol', 70.0, 70.0, 70.0], ['ethyl-alcohol', 96.0, 70.0, 96.0],
    ['hydrogen-peroxide', 3.0, 2.0, 3.0], ['white-vinegar', 5.0, 4.0, 6.0], ['grain-vinegar', 4.5, 4.0, 6.0], ['bleach', 5.0, 2.5, 8.0],
    ['household-ammonia', 5.0, 3.0, 10.0], ['pepper-sauce', 40.0, 20.0, 60.0], ['lye', 98.0, 97.0, 99.0], ['caustic-potash', 90.0, 85.0, 92.0],
    ['baking-soda', 100.0, 100.0, 100.0], ['vegetable-oil', 100.0, 100.0, 100.0], ['garlic', 100.0, 100.0, 100.0],
]);

it('refuses a strength that cannot be', function (string $text, string $ingredient, string $says): void {
    [, $message] = Cases::complaint(fn () => StrengthParser::parse($text, Cases::ingredient($ingredient)));
    expect($message)->toContain($says);
})->with([
    ['strong', 'liquid-castile-soap', 'cannot be read as a strength'],
    ['', 'liquid-castile-soap', 'cannot be read'],
    ['33', 'liquid-castile-soap', 'cannot be read'],
    ['3 % x/y', 'hydrogen-peroxide', 'cannot be read'],
    ['0 %', 'hydrogen-peroxide', 'above zero'],
    ['-3 %', 'hydrogen-peroxide', 'above zero'],
    ['120 %', 'isopropyl-alcohol', 'more than the whole'],
    ['250 proof', 'ethyl-alcohol', 'more than the whole'],
    ['500 volumes', 'hydrogen-peroxide', 'more than the whole'],
    ['10 volumes', 'white-vinegar', 'hydrogen peroxide only'],
    ['140 proof', 'isopropyl-alcohol', 'ethyl alcohol only'],
    ['5 % acidity', 'baking-soda', 'vinegar only'],
    ['90 % purity', 'white-vinegar', 'solids only'],
    ['5 % v/v', 'baking-soda', 'alcohols, oils and milk'],
    ['3 %', 'water', 'has no strength'],
]);

it('reads old proof, tablets and soap solids', function (string $ingredient, string $text, float $grams): void {
    $strength = StrengthParser::parse($text, Cases::ingredient($ingredient));
    expect($strength->tablet ?? $strength->grams->likely)->toEqualWithDelta($grams, 1e-6 * $grams);
})->with([
    // 100 degrees UK proof are 57.15 % by volume, of 0.7892 g/mL.
    ['ethyl-alcohol', '100 UK proof', 0.5715 * 0.7892],
    ['ethyl-alcohol', '70° proof', 0.7 * 0.5715 * 0.7892],
    ['aspirin-tablet', '500 mg', 0.5],
    ['aspirin-tablet', '75 mg each', 0.075],
    ['liquid-castile-soap', '32 % solids', 0.32],
    ['white-vinegar', '50 grain', 0.05],
]);
