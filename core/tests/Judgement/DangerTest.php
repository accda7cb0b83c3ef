<?php

declare(strict_types=1);

use Nebbia\Core\Tests\Cases;

it('warns of what must not meet in one vessel', function (array $lines, string $severity): void {
    $mix = Cases::judged(Cases::body('1 L', $lines, 'final'), 'cabbage');
    expect(Cases::severities($mix, 'compatibility'))->toContain($severity);
})->with([
    'bleach with vinegar' => [[['bleach', '1 mL'], ['white-vinegar', '1 mL']], 'stop'],
    'bleach with ammonia' => [[['household-ammonia', '1 mL'], ['bleach', '1 mL']], 'stop'],
    'bleach with soap' => [[['liquid-castile-soap', '1 mL'], ['bleach', '1 mL']], 'stop'],
    'bleach with alcohol' => [[['isopropyl-alcohol', '1 mL'], ['bleach', '1 mL']], 'stop'],
    'peroxide with vinegar' => [[['hydrogen-peroxide', '1 mL'], ['white-vinegar', '1 mL']], 'stop'],
    'peroxide with acetone' => [[['acetone', '1 mL'], ['hydrogen-peroxide', '1 mL']], 'stop'],
    'lime sulfur with acid' => [[['lime-sulfur', '1 mL'], ['lemon-juice', '1 mL']], 'stop'],
    'soap with vinegar' => [[['liquid-castile-soap', '1 mL'], ['white-vinegar', '1 mL']], 'caution'],
    'soap with Epsom salt' => [[['bar-soap', '1 g'], ['epsom-salt', '1 g']], 'caution'],
    'soap with milk' => [[['liquid-castile-soap', '1 mL'], ['milk', '1 mL']], 'caution'],
    'soap with alcohol' => [[['liquid-castile-soap', '1 mL'], ['ethyl-alcohol', '1 mL']], 'caution'],
    'bicarbonate with vinegar' => [[['baking-soda', '1 g'], ['white-vinegar', '1 mL']], 'caution'],
    'oil with sulfur' => [[['neem-oil', '1 mL'], ['wettable-sulfur', '1 g']], 'caution'],
    'oil with bicarbonate' => [[['vegetable-oil', '1 mL'], ['baking-soda', '1 g']], 'notice'],
]);

it('leaves bleach alone in water to tools', function (): void {
    // One part of 5 % to nine of water: 0.5 % for ten minutes
    $mix = Cases::judged(Cases::body('900 mL', [['bleach', '100 mL', '5 %']], 'added', 'disinfect'));
    expect(Cases::severities($mix, 'compatibility'))->toBe([])->and(Cases::severities($mix, 'disinfecting'))->toBe(['fine'])->and($mix->worst()->value)->toBe('notice');
});

it('says when a means is too weak to disinfect', function (string $ingredient, string $strength, string $severity): void {
    $mix = Cases::judged(Cases::body('1 L', [], 'final', 'disinfect', 'us', $ingredient, $strength));
    expect(Cases::severities($mix, 'disinfecting'))->toBe([$severity]);
})->with([['isopropyl-alcohol', '70 %', 'fine'], ['isopropyl-alcohol', '40 %', 'notice'], ['hydrogen-peroxide', '3 %', 'fine'], ['hydrogen-peroxide', '2 %', 'notice']]);

it('knows the dangers of a single thing', function (array $lines, string $use, string $severity): void {
    $mix = Cases::judged(Cases::body('1 L', $lines, 'final', $use));
    expect(Cases::severities($mix, 'danger'))->toContain($severity);
})->with([
    'borax on leaves' => [[['borax', '0.1 g']], 'foliar', 'stop'],
    'lye as a spray' => [[['lye', '0.01 g']], 'foliar', 'stop'],
    'caustic potash on weeds' => [[['caustic-potash', '1 g']], 'weed', 'stop'],
    'salt on soil' => [[['table-salt', '1 g']], 'drench', 'stop'],
    'salt on paths' => [[['table-salt', '50 g']], 'weed', 'caution'],
    'tobacco' => [[['tobacco-leaf', '1 g']], 'foliar', 'stop'],
    'laundry detergent' => [[['laundry-detergent', '1 mL']], 'foliar', 'caution'],
    'alcohol near flames' => [[['isopropyl-alcohol', '25 % v/v', '70 %']], 'wipe', 'notice'],
    'pepper in the eyes' => [[['hot-pepper', '1 g']], 'foliar', 'notice'],
    'sulfur in the heat' => [[['wettable-sulfur', '1 g']], 'foliar', 'notice'],
    'oil without soap' => [[['neem-oil', '5 mL']], 'foliar', 'caution'],
]);

it('is silent about dangers that are not there', function (array $lines, string $use): void {
    expect(Cases::severities(Cases::judged(Cases::body('1 L', $lines, 'final', $use)), 'danger'))->toBe([]);
})->with([
    'oil with soap' => [[['neem-oil', '5 mL'], ['liquid-castile-soap', '5 mL']], 'foliar'],
    'alcohol at 20 %' => [[['isopropyl-alcohol', '20 % v/v', '70 %']], 'foliar'],
    'plain soap' => [[['liquid-castile-soap', '5 mL']], 'foliar'],
]);

it('says which strength was taken where none is stated', function (): void {
    $mix = Cases::judged(Cases::body('1 L', [['liquid-castile-soap', '25 mL'], ['baking-soda', '1 g'], ['isopropyl-alcohol', '1 mL'], ['liquid-castile-soap', '1 mL']], 'final'));
    $said = array_values(array_filter($mix->findings, fn ($finding): bool => $finding->rule === 'usual-strength'));
    expect($said)->toHaveCount(2)->and(Cases::say($said[0]))->toContain('33 %')->toContain('21 to 39');
});

it('points out measures that say little, and doses too small for a spoon', function (string $ingredient, string $amount, string $says): void {
    $mix = Cases::judged(Cases::body('1 L', [[$ingredient, $amount]], 'final'));
    expect(implode(' ', array_map(Cases::say(...), array_filter($mix->findings, fn ($finding): bool => $finding->rule === 'measure'))))->toContain($says);
})->with([
    ['dish-detergent', 'a squeeze', 'anything from 1 to 12 mL'],
    ['neem-oil', '0.2 mL', 'too little for a spoon'],
    ['lye', '1 g', 'Weigh Lye, never spoon it'],
    ['neem-oil', '1 oz', 'taken as weight'],
]);

it('says so where the metric system borrows a gallon', function (): void {
    $mix = Cases::judged(Cases::body('1 gal', [['milk', '1 cup']], 'final', 'foliar', 'metric'));
    expect(Cases::severities($mix, 'units'))->toBe(['notice']);
});

it('gives every finding its ground and its mend', function (): void {
    $mix = Cases::judged(Cases::body('1 L', [['dish-detergent', 'a squeeze'], ['isopropyl-alcohol', '1 cup'], ['baking-soda', '1 tbsp'], ['vegetable-oil', '1 tbsp'], ['wood-ash', '1 handful'], ['borax', '1 tsp']]), 'tomato');
    expect(count($mix->findings))->toBeGreaterThan(12);
    foreach ($mix->findings as $finding) {
        $said = $finding->toArray(Cases::english());
        expect($said['what'])->not->toBe('')->and($said['because'])->not->toBe('')->and($said['instead'])->not->toBe('')
            ->and($said['what'].$said['because'].$said['instead'])->not->toContain('{')
            ->and(['definition', 'physical constant', 'established guidance', 'practice', 'own trial'])->toContain($said['basis'])
            ->and(['high', 'medium', 'low'])->toContain($said['sure']);
    }
    // The gravest come first.
    $ranks = array_map(fn ($finding): int => $finding->severity->rank(), $mix->findings);
    $sorted = $ranks;
    rsort($sorted);
    expect($ranks)->toBe($sorted);
});
