<?php

declare(strict_types=1);

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Judgement\Care\CareNote;
use Nebbia\Core\Judgement\Care\CareNotes;
use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Judgement\Soil\Soil;
use Nebbia\Core\Tests\Cases;

/**
 * @param  list<array{0: string, 1: string, 2?: string}>  $lines
 * @return list<string>
 */
function careOf(array $lines, string $use = 'foliar', ?string $moment = null): array
{
    return array_map(static fn (CareNote $note): string => $note->id, Cases::get(CareNotes::class)->of(Cases::mix(Cases::body('1 L', $lines, 'final', $use)), $moment));
}

it('says what to mind at the moment at which it matters', function (): void {
    expect(careOf([['liquid-castile-soap', '1 %', '30 %']], moment: 'spray'))->toContain('bees')->toContain('children')->not->toContain('leftovers')
        ->and(careOf([['liquid-castile-soap', '1 %', '30 %']], moment: 'after'))->toContain('leftovers')->toContain('pond')->toContain('rinse-sprayer')
        ->and(careOf([['hot-pepper', '10 g']], moment: 'handle'))->toContain('boiling')->toContain('mask')->toContain('first-aid')
        ->and(careOf([['milk', '15 % v/v']]))->toContain('milk-allergen')->not->toContain('bees')->not->toContain('first-aid')
        ->and(careOf([['bleach', '100 mL', '5 %']], 'disinfect'))->toContain('leftover-bleach')->not->toContain('bees')
        ->and(careOf([['isopropyl-alcohol', '300 mL', '91 %']]))->toContain('leftover-flammable')->and(careOf([['isopropyl-alcohol', '50 mL', '91 %']]))->not->toContain('leftover-flammable');
});

it('makes a finding of it where the garden has such', function (array $around, bool $indoors, array $found): void {
    $mix = Cases::judged(Cases::body('1 L', [['tea-tree-oil', '0.05 % v/v'], ['liquid-castile-soap', '0.6 %', '30 %']], 'final'), 'rubber-plant', new Circumstances(indoors: $indoors, around: $around));
    expect(Cases::severities($mix, 'care'))->toBe($found);
})->with([
    'nobody' => [[], false, []], 'children' => [['children'], true, []], 'a cat outdoors' => [['cats'], false, ['caution']], 'a cat in the room' => [['cats'], true, ['stop', 'caution']], 'a pond' => [['pond'], false, ['notice']],
]);

it('tells how long to wait before eating, the longest of all that is in it', function (string $plant, array $lines, ?string $severity, ?float $days): void {
    $food = array_values(array_filter(Cases::judged(Cases::body('1 L', $lines, 'final'), $plant)->findings, static fn (Finding $one): bool => $one->rule === 'food'));
    expect($food[0]->severity->value ?? null)->toBe($severity)->and($food[0]->what->params['days'] ?? null)->toBe($days);
})->with([
    ['lettuce', [['liquid-castile-soap', '1 %', '30 %']], 'fine', 1.0], ['lettuce', [['garlic', '20 g'], ['liquid-castile-soap', '1 %', '30 %']], 'notice', 3.0],
    ['lettuce', [['plant-ferment', '2 mL'], ['garlic', '20 g']], 'notice', 14.0], ['tomato', [['aspirin-tablet', '60 ppm']], 'notice', 7.0], ['rose', [['garlic', '20 g']], null, null],
    ['tomato', [['bleach', '1 mL', '5 %']], 'stop', null], ['tomato', [['copper-fungicide', '2 g']], 'notice', null],
]);

it('counts sodium as the worked example does', function (): void {
    // 150 g of salt on 8 m²: 150 × 0.39337 / 8 = 7.3757 g of sodium per m², 0.823 points in a loam
    $loam = Soil::of(0.2, 1300.0, 15.0);
    expect($loam->exchangeableRise(150.0 * 0.39337 / 8.0))->toEqualWithDelta(0.823, 0.0005)
        // 8.966 g of sodium a point
        ->and($loam->exchangeableRise(8.966))->toEqualWithDelta(1.0, 1e-3);
});

it('warns of sodium by all rounds together', function (int $times, array $found): void {
    // A drench of 0.25 % bicarbonate, 15 L on a m² of pots: 37.5 g, 10.26 g of sodium, 1.145 points each
    $body = Cases::body('1 L', [['baking-soda', '2.5 g']], 'final', 'drench') + ['repeat' => ['every_days' => 7, 'times' => $times]];
    expect(Cases::severities(Cases::judged($body, 'rose'), 'soil'))->toBe($found);
})->with([[1, ['notice']], [2, ['notice']], [3, ['caution']], [5, ['stop']]]);

it('says of salt against weeds how much of it stays', function (): void {
    // 5 % at 100 mL a m²: 5 g of salt, 1.967 g of sodium, 0.219 points
    $soil = array_values(array_filter(Cases::judged(Cases::body('1 L', [['table-salt', '5 %']], 'final', 'weed'))->findings, static fn (Finding $one): bool => $one->rule === 'soil'))[0];
    expect($soil->severity->value)->toBe('fine')->and($soil->what->params['grams'])->toEqualWithDelta(1.967, 0.001)->and($soil->what->params['rise'])->toEqualWithDelta(0.219, 0.001);
});

it('leaves the little that drips from leaves alone', function (): void {
    expect(Cases::severities(Cases::judged(Cases::body('1 L', [['baking-soda', '5 g']], 'final') + ['repeat' => ['every_days' => 7, 'times' => 6]], 'rose'), 'soil'))->toBe([]);
});

it('asks whether it is the right bottle', function (string $ingredient, string $strength, array $found): void {
    expect(Cases::severities(Cases::judged(Cases::body('10 L', [[$ingredient, '50 mL', $strength]], 'final'), 'rose'), 'bottle'))->toBe($found);
})->with([['hydrogen-peroxide', '30 %', ['caution']], ['hydrogen-peroxide', '3 %', []], ['hydrogen-peroxide', '6 %', ['notice']], ['white-vinegar', '20 %', ['caution']], ['white-vinegar', '6 %', []], ['liquid-castile-soap', '38 %', []]]);

it('tells the nicotine of a tobacco tea, and stops', function (): void {
    // 20 g in 1 L: 400 mg of nicotine in the leaf (100 to 1000), 70 % of it out (50 to 90): 280 mg (50 to 900)
    $stop = array_values(array_filter(Cases::judged(Cases::body('1 L', [['tobacco-leaf', '20 g']], 'final'), 'tomato')->findings, static fn (Finding $one): bool => $one->rule === 'danger'))[0];
    expect($stop->severity->value)->toBe('stop')->and($stop->what->params['likely'])->toEqualWithDelta(280.0, 0.5)
        ->and($stop->what->params['low'])->toEqualWithDelta(50.0, 0.5)->and($stop->what->params['high'])->toEqualWithDelta(900.0, 1.0)
        ->and(Cases::say($stop))->toContain('bees')->toContain('virus')->toContain('skin')->toContain('Soap');
});

it('stops a mist of strong alcohol indoors, and only that', function (string $percent, bool $indoors, string $use, array $found): void {
    $mix = Cases::judged(Cases::body('1 L', [['isopropyl-alcohol', "$percent % v/v", '91 %']], 'final', $use), 'rubber-plant', new Circumstances(indoors: $indoors));
    expect(Cases::severities($mix, 'care'))->toBe($found);
})->with([['25', true, 'foliar', ['stop']], ['20', true, 'foliar', []], ['25', false, 'foliar', []], ['70', true, 'wipe', []]]);

it('minds asthma, pregnancy and who is allergic to aspirin, and nobody who is not about', function (string $ingredient, string $amount, string $use, string $around, string $words): void {
    $body = Cases::body('1 L', [[$ingredient, $amount]], 'added', $use, 'metric');
    $said = static fn (array $about): string => implode(' ', array_map(Cases::say(...), Cases::judged($body, null, new Circumstances(around: $about))->findings));
    expect($said([$around]))->toContain($words)->and($said([]))->not->toContain($words)
        ->and($said(array_values(array_diff(Circumstances::AROUND, [$around]))))->not->toContain($words);
})->with([
    ['white-vinegar', '500 mL', 'weed', 'asthma', 'bring on asthma'],
    ['tea-tree-oil', '2 mL', 'foliar', 'asthma', 'bring on asthma'],
    ['borax', '5 g', 'drench', 'pregnancy', 'Whoever is pregnant'],
    ['aspirin-tablet', '60 ppm', 'foliar', 'aspirin', 'come near aspirin'],
]);
