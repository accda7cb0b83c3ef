<?php

declare(strict_types=1);

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Judgement\History;
use Nebbia\Core\Plant\Stage;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Weather\Hour;

/** @return array<string, string> condition => severity */
function conditionsOf(Circumstances $now, string $use = 'foliar', string $ingredient = 'liquid-castile-soap'): array
{
    $found = [];
    foreach (Cases::judged(Cases::body('1 L', [[$ingredient, '0.6 %', '30 %']], 'final', $use), 'grapevine', $now)->findings as $finding) {
        if ($finding->rule === 'condition') {
            $found[explode('.', $finding->what->key)[1]] = $finding->severity->value;
        }
    }

    return $found;
}

it('says what the state of a plant does to a spray', function (Circumstances $now, array $found): void {
    expect(conditionsOf($now))->toBe($found);
})->with([
    'a grown plant' => [new Circumstances(Stage::Growing), []],
    'nothing told' => [new Circumstances, []],
    'a seedling' => [new Circumstances(Stage::Seedling), ['seedling' => 'notice']],
    'a cutting' => [new Circumstances(Stage::Cutting), ['seedling' => 'notice']],
    'a young plant' => [new Circumstances(Stage::Young), ['soft-growth' => 'notice']],
    'in flower' => [new Circumstances(Stage::Flowering), ['flowering' => 'caution']],
    'fruiting' => [new Circumstances(Stage::Fruiting), []],
    'thirsty' => [new Circumstances(states: ['drought']), ['drought' => 'stop']],
    'hardened' => [new Circumstances(states: ['hardened']), ['hardened' => 'fine']],
    'sick' => [new Circumstances(states: ['sick']), ['sick' => 'notice']],
    'the same two days ago' => [new Circumstances(history: new History(['potassium-soap' => 2.0])), ['again-within-3-days' => 'notice']],
    'the same four days ago' => [new Circumstances(history: new History(['potassium-soap' => 4.0])), []],
    'the same, but it rained' => [new Circumstances(history: new History(['potassium-soap' => 2.0], washed: true)), []],
    'something else two days ago' => [new Circumstances(history: new History(['milk' => 2.0])), []],
    'heat is told with the hour' => [new Circumstances(hour: Hour::of(28.0)), []],
]);

it('speaks of roots only where roots are what it is about', function (): void {
    expect(conditionsOf(new Circumstances(Stage::Flowering), 'drench'))->toBe([])->and(conditionsOf(new Circumstances(Stage::Seedling), 'drench'))->toBe(['seedling' => 'notice'])
        ->and(conditionsOf(new Circumstances(states: ['drought']), 'drench'))->toBe(['drought' => 'stop'])
        ->and(conditionsOf(new Circumstances(Stage::Flowering, ['drought']), 'weed'))->toBe([]);
});

it('holds a drench of peroxide on seedlings to what tender roots bear', function (): void {
    // careful from 0.6 on seedlings, 1.5 on the rest
    $judge = fn (?Stage $stage): array => Cases::severities(Cases::judged(Cases::body('1 L', [['hydrogen-peroxide', '0.7 %', '3 %']], 'final', 'drench'), 'tomato', $stage), 'tolerance');
    expect($judge(Stage::Growing))->toBe(['fine'])->and($judge(Stage::Seedling))->toBe(['caution']);
});

it('says by how much conditions have moved the figure, and why', function (): void {
    $mix = Cases::judged(Cases::body('1 L', [['liquid-castile-soap', '1 %', '30 %']], 'final'), 'grapevine', new Circumstances(Stage::Seedling, hour: Hour::of(28.0)));
    $tolerance = array_values(array_filter($mix->findings, static fn (Finding $one): bool => $one->rule === 'tolerance'))[0];
    // 1.5 × 0.5 × 0.75 = 0.5625, 37.5 %, said as 38
    expect(Cases::say($tolerance))->toContain('0.56')->toContain('38 %')->toContain('a seedling or cutting, 27 to 29 °C');
});

it('says what a spray does to leaves of some surface', function (string $plant, string $ingredient, string $amount, array $found): void {
    expect(Cases::severities(Cases::judged(Cases::body('1 L', [[$ingredient, $amount]], 'final'), $plant), 'surface'))->toBe($found);
})->with([
    ['cabbage', 'liquid-castile-soap', '30 mL', ['fine']], ['cabbage', 'milk', '100 mL', []], ['tomato', 'isopropyl-alcohol', '50 mL', ['notice']], ['basil', 'isopropyl-alcohol', '50 mL', ['notice']],
    ['tomato', 'vegetable-oil', '8 mL', ['fine']], ['lemon', 'isopropyl-alcohol', '50 mL', []],
]);

it('judges ash water by its pH once that is measured, and on lime-haters not at all', function (string $plant, ?float $ph, array $found): void {
    $mix = Cases::judged(Cases::body('1 L', [['wood-ash', '10 g']], 'final'), $plant, new Circumstances(measuredPh: $ph));
    expect(Cases::severities($mix, 'tolerance', 'wood-ash'))->toBe($found);
})->with([['tomato', null, ['caution']], ['tomato', 9.5, ['fine']], ['tomato', 10.0, ['fine']], ['tomato', 10.6, ['caution']], ['tomato', 11.2, ['stop']], ['blueberry', 9.0, ['stop']]]);

it('believes what was measured before what was worked out', function (?float $ph, array $found): void {
    // 8 g/L of bicarbonate come to 8.3
    expect(Cases::severities(Cases::judged(Cases::body('1 L', [['baking-soda', '5 g']], 'final'), 'grapevine', new Circumstances(measuredPh: $ph)), 'ph'))->toBe($found);
})->with([[null, []], [8.4, []], [10.5, ['caution']], [11.5, ['stop']]]);
