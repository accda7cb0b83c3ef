<?php

declare(strict_types=1);

use Nebbia\Core\Measure\AmountException;
use Nebbia\Core\Measure\AmountParser;
use Nebbia\Core\Measure\UnitKind;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Tests\Cases;

// Volumes in mL and weights in g, from the legal definitions: US tsp 4.92892159375, tbsp 14.78676478125,
// fl oz 29.5735295625, cup 236.5882365, gal 3785.411784; imp pint 568.26125; lb 453.59237; oz 28.349523125.
it('reads an exact amount', function (string $text, UnitKind $kind, float $expected, string $system = 'us'): void {
    $amount = Cases::amount($text, $system);
    expect($amount->unit->kind)->toBe($kind)
        ->and($amount->inBase()->likely)->toEqualWithDelta($expected, 1e-9 * $expected)
        ->and($amount->inBase()->isExact())->toBeTrue();
})->with([
    ['2 tbsp', UnitKind::Volume, 2 * 14.78676478125],
    ['1 1/2 tsp', UnitKind::Volume, 1.5 * 4.92892159375],
    ['2 t', UnitKind::Volume, 2 * 4.92892159375], ['2 T', UnitKind::Volume, 2 * 14.78676478125], ['1/2 c', UnitKind::Volume, 118.29411825], ['1 C + 1 T', UnitKind::Volume, 236.5882365 + 14.78676478125],
    ['1½ tsp', UnitKind::Volume, 1.5 * 4.92892159375],
    ['1 ½ tsp', UnitKind::Volume, 1.5 * 4.92892159375],
    ['1 and 1/2 tsp', UnitKind::Volume, 1.5 * 4.92892159375],
    ['½ cup', UnitKind::Volume, 118.29411825],
    ['half a cup', UnitKind::Volume, 118.29411825],
    ['0.75 fl oz', UnitKind::Volume, 0.75 * 29.5735295625],
    ['15 mL', UnitKind::Volume, 15.0],
    ['15ml', UnitKind::Volume, 15.0],
    ['1,5 L', UnitKind::Volume, 1500.0],
    ['0,125 L', UnitKind::Volume, 125.0],
    ['2.5 dL', UnitKind::Volume, 250.0],
    ['10 g', UnitKind::Mass, 10.0],
    ['250 mg', UnitKind::Mass, 0.25],
    ['1 lb', UnitKind::Mass, 453.59237],
    ['2 oz', UnitKind::Mass, 56.69904625],
    ['5 grain', UnitKind::Mass, 0.32399455],
    ['2 US gal', UnitKind::Volume, 7570.823568],
    ['2 gal', UnitKind::Volume, 9092.18, 'imperial'],
    ['2 US gal', UnitKind::Volume, 7570.823568, 'imperial'],
    ['1 imp pint', UnitKind::Volume, 568.26125],
    ['1 pint', UnitKind::Volume, 473.176473],
    ['1 cup + 2 tbsp', UnitKind::Volume, 236.5882365 + 2 * 14.78676478125],
    ['1 TBSP', UnitKind::Volume, 14.78676478125],
    ['1 teaspoon', UnitKind::Volume, 4.92892159375],
    ['a cup', UnitKind::Volume, 236.5882365],
    ['two cups', UnitKind::Volume, 473.176473],
    ['1:50', UnitKind::PerBase, 0.02],
    ['2:50', UnitKind::PerBase, 0.04],
    ['1 : 500', UnitKind::PerBase, 0.002],
    ['1 in 50', UnitKind::PerFinal, 0.02],
    ['1 part in 50', UnitKind::PerFinal, 0.02],
    ['1 part to 50 parts', UnitKind::PerBase, 0.02],
    ['0.5 %', UnitKind::Strength, 0.005],
    ['0,5%', UnitKind::Strength, 0.005],
    ['0.5 % w/v', UnitKind::Strength, 0.005],
    ['1500 ppm', UnitKind::Strength, 0.0015],
    ['80 mg/L', UnitKind::Strength, 0.00008],
    ['5 g/L', UnitKind::Strength, 0.005],
    ['2 tablets', UnitKind::Count, 0.65],
    ['2 tablets', UnitKind::Count, 0.6, 'metric'],
    ['2 x 325 mg', UnitKind::Count, 0.65],
    ['3 × 500 mg', UnitKind::Count, 1.5],
    ['2 tablets of 500 mg', UnitKind::Count, 1.0],
    ['3 cloves', UnitKind::Count, 3.0],
    ['1 head', UnitKind::Count, 1.0],
]);

it('means the spoons and cups of the system in force', function (string $text, string $system, float $ml): void {
    expect(Cases::amount($text, $system)->inBase()->likely)->toEqualWithDelta($ml, 1e-9 * $ml);
})->with([
    ['1 tsp', 'us', 4.92892159375], ['1 tsp', 'metric', 5.0], ['1 tsp', 'imperial', 5.0], ['1 tsp', 'au', 5.0],
    ['1 tbsp', 'us', 14.78676478125], ['1 tbsp', 'metric', 15.0], ['1 tbsp', 'imperial', 15.0], ['1 tbsp', 'au', 20.0],
    ['1 cup', 'us', 236.5882365], ['1 cup', 'metric', 250.0], ['1 cup', 'imperial', 284.130625], ['1 cup', 'au', 250.0],
    ['1 fl oz', 'us', 29.5735295625], ['1 fl oz', 'metric', 29.5735295625], ['1 fl oz', 'imperial', 28.4130625], ['1 fl oz', 'au', 28.4130625],
    ['1 quart', 'us', 946.352946], ['1 quart', 'metric', 946.352946], ['1 quart', 'imperial', 1136.5225], ['1 quart', 'au', 1136.5225],
    ['1 au tbsp', 'us', 20.0], ['1 metric cup', 'us', 250.0],
]);

it('carries how rough a measure or a range is', function (string $text, float $low, float $likely, float $high): void {
    $base = Cases::amount($text)->inBase();
    expect($base->low)->toEqualWithDelta($low, 1e-9)->and($base->likely)->toEqualWithDelta($likely, 1e-9)->and($base->high)->toEqualWithDelta($high, 1e-9);
})->with([
    ['1 shot', 25.0, 40.0, 45.0], ['2 pumps', 1.6, 3.0, 6.0], ['1 coffee mug', 220.0, 300.0, 400.0],
    'a squeeze is 4 mL, 1 to 12' => ['a squeeze', 1.0, 4.0, 12.0],
    'a pinch' => ['a pinch', 0.15, 0.3, 0.6],
    'ten drops of something watery' => ['10 drops', 0.3, 0.5, 0.7],
    '3-5 drops has 4 as likely' => ['3-5 drops', 0.09, 0.2, 0.35],
    'an en dash' => ['3–5 drops', 0.09, 0.2, 0.35],
    'a few drops is 5, 3 to 10' => ['a few drops', 0.09, 0.25, 0.7],
    'an exact range' => ['2 to 3 mL', 2.0, 2.5, 3.0],
    'units on both ends' => ['2 mL - 3 mL', 2.0, 2.5, 3.0],
    'two squirts' => ['2 squirts', 2.0, 8.0, 24.0],
    'more base is less ferment' => ['1:500-1000', 0.001, 1 / 750, 0.002],
]);

it('refuses what is no amount, and says how to mend it', function (string $text, string $says): void {
    [, $message] = Cases::complaint(fn () => Cases::amount($text));
    expect($message)->toContain($says);
})->with([
    ['', 'No amount is given'],
    ['   ', 'No amount is given'],
    ['some soap', '"soap" is not a unit known here'],
    ['2', 'has no unit'],
    ['1/2', 'has no unit'],
    ['tbsp', 'cannot be read as an amount'],
    ['2 blorps', '"blorps" is not a unit known here'],
    ['0 mL', 'above zero'],
    ['-5 mL', 'above zero'],
    ['0 %', 'above zero'],
    ['1:0', 'above zero'],
    ['0:50', 'above zero'],
    ['1 in 0', 'above zero'],
    ['1/0 cup', 'divides by zero'],
    ['1e3 mL', 'is not a unit known here'],
    ['inf mL', 'cannot be read'],
    ['NaN g', 'cannot be read'],
    ['1,000 mL', 'can mean two things: write 1.000 or 1000'],
    ['5-3 drops', 'smaller number first'],
    ['3-1 1/2 tsp', 'one and a half is "1 1/2"'],
    ['1000001 L', 'stay under 1,000,000 L'],
    ['99999999999999999999 mL', 'stay under 1,000,000 L'],
    ['120 %', 'more than the whole'],
    ['2000000 ppm', 'more than the whole'],
    ['3 in 2', 'more than the whole'],
    ['1 cup + 10 g', 'Only volumes can be added'],
    ['2 tbsp of', 'is not a unit known here'],
    ['1.2.3 mL', 'is not a unit known here'],
    [str_repeat('9', 200).' mL', 'too long'],
    ["2 \xB1 mL", 'cannot be read'],
    ['两 mL', 'cannot be read'],
]);

it('takes just under a million litres', function (): void {
    expect(Cases::amount('1000000 L')->inBase()->likely)->toBe(1e9);
});

it('names the failure by one class', function (): void {
    Cases::amount('2 blorps');
})->throws(AmountException::class);

it('takes ounces for fluid ones where only a volume can be meant, and nowhere else', function (string $text, UnitSystem $system, float $ml): void {
    $parser = Cases::get(AmountParser::class);
    expect($parser->parseVolume($text, $system)->inBase()->likely)->toEqualWithDelta($ml, 0.01)->and($parser->parse($text, $system)->unit->kind)->toBe(UnitKind::Mass);
    // Sixteen of them: 16 × 29.5735 and 16 × 28.4131.
})->with([['16oz', UnitSystem::Us, 473.176], ['16 oz', UnitSystem::Us, 473.176], ['16 ounces', UnitSystem::Imperial, 454.609], ['16 oz.', UnitSystem::Us, 473.176]]);

it('still refuses a weight for a volume', function (): void {
    Cases::get(AmountParser::class)->parseVolume('2 lb', UnitSystem::Us);
})->throws(AmountException::class);
