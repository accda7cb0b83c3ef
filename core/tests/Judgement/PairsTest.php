<?php

declare(strict_types=1);

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Judgement\ClosedVessel;
use Nebbia\Core\Judgement\Compatibility\Pairs;
use Nebbia\Core\Judgement\History;
use Nebbia\Core\Tests\Cases;

/** One ingredient of each class, in an amount that alone is no matter. */
const SOME = [
    'bleach' => ['bleach', '20 mL', '5 %'], 'vinegar' => ['white-vinegar', '20 mL', '5 %'], 'citric' => ['citric-acid', '1 g'], 'aspirin' => ['aspirin-tablet', '60 ppm'],
    'ammonia' => ['household-ammonia', '2 mL', '5 %'], 'alcohol' => ['isopropyl-alcohol', '50 mL', '70 %'], 'strong alcohol' => ['isopropyl-alcohol', '500 mL', '91 %'], 'acetone' => ['acetone', '5 mL'],
    'peroxide' => ['hydrogen-peroxide', '50 mL', '3 %'], 'middling peroxide' => ['hydrogen-peroxide', '500 mL', '6 %'], 'strong peroxide' => ['hydrogen-peroxide', '500 mL', '30 %'],
    'soap' => ['liquid-castile-soap', '30 mL', '30 %'], 'detergent' => ['dish-detergent', '2 mL', '20 %'], 'garlic' => ['garlic', '20 g'], 'pepper' => ['hot-pepper', '5 g'],
    'milk' => ['milk', '100 mL'], 'soda' => ['baking-soda', '4 g'], 'washing soda' => ['washing-soda', '0.2 g', '100 %'], 'ash' => ['wood-ash', '5 g'], 'lye' => ['lye', '2 g'],
    'lime' => ['garden-lime', '2 g'], 'oil' => ['vegetable-oil', '8 mL'], 'much oil' => ['vegetable-oil', '120 mL'], 'sugar' => ['sugar', '5 g'], 'copper' => ['copper-fungicide', '2 g'], 'bt' => ['bacillus-thuringiensis', '1 g'],
    'epsom' => ['epsom-salt', '5 g'], 'salt' => ['table-salt', '0.5 g'], 'sulfur' => ['wettable-sulfur', '2 g'], 'lime sulfur' => ['lime-sulfur', '10 mL'], 'ferment' => ['plant-ferment', '2 mL'],
    'fish' => ['fish-hydrolysate', '2 mL'], 'tea tree' => ['tea-tree-oil', '0.3 mL'],
];

/** @return list<string> severities of what two must not meet for */
function meeting(string $one, string $other): array
{
    return Cases::severities(Cases::judged(Cases::body('1 L', [SOME[$one], SOME[$other]], 'final')), 'compatibility');
}

it('finds what must not meet, as grave as the table has it', function (string $one, string $other, string $severity): void {
    expect(meeting($one, $other))->toBe([$severity])->and(meeting($other, $one))->toBe([$severity]);
})->with([
    // X
    ['bleach', 'vinegar', 'stop'], ['bleach', 'citric', 'stop'], ['bleach', 'aspirin', 'stop'], ['bleach', 'ammonia', 'stop'], ['bleach', 'alcohol', 'stop'], ['bleach', 'acetone', 'stop'],
    ['bleach', 'peroxide', 'stop'], ['bleach', 'soap', 'stop'], ['bleach', 'detergent', 'stop'], ['bleach', 'garlic', 'stop'], ['bleach', 'milk', 'stop'], ['bleach', 'salt', 'stop'],
    ['peroxide', 'vinegar', 'stop'], ['peroxide', 'acetone', 'stop'], ['strong peroxide', 'alcohol', 'stop'], ['strong peroxide', 'oil', 'stop'], ['strong peroxide', 'sugar', 'stop'],
    ['lye', 'vinegar', 'stop'], ['lye', 'ammonia', 'stop'], ['ash', 'ammonia', 'stop'], ['washing soda', 'ammonia', 'stop'], ['lime sulfur', 'vinegar', 'stop'],
    // P, I
    ['peroxide', 'soda', 'caution'], ['peroxide', 'ash', 'caution'], ['peroxide', 'soap', 'caution'], ['peroxide', 'garlic', 'caution'], ['peroxide', 'milk', 'caution'], ['peroxide', 'copper', 'caution'],
    ['peroxide', 'bt', 'caution'], ['alcohol', 'bt', 'caution'], ['middling peroxide', 'alcohol', 'caution'], ['soap', 'vinegar', 'caution'], ['soap', 'citric', 'caution'], ['soap', 'aspirin', 'caution'],
    ['soap', 'epsom', 'caution'], ['soap', 'ash', 'caution'], ['soap', 'milk', 'caution'], ['soap', 'salt', 'caution'], ['soap', 'copper', 'caution'], ['soap', 'lime sulfur', 'caution'],
    ['soap', 'sulfur', 'caution'], ['soap', 'alcohol', 'caution'], ['soap', 'fish', 'caution'], ['oil', 'sulfur', 'caution'], ['soda', 'vinegar', 'caution'], ['soda', 'aspirin', 'caution'],
    ['soda', 'epsom', 'caution'], ['soda', 'bt', 'caution'], ['lye', 'sugar', 'caution'], ['lye', 'oil', 'caution'], ['lye', 'soda', 'caution'], ['ash', 'lime', 'caution'], ['ash', 'vinegar', 'caution'],
    ['copper', 'vinegar', 'caution'], ['milk', 'vinegar', 'caution'], ['milk', 'strong alcohol', 'caution'], ['vinegar', 'salt', 'caution'], ['much oil', 'garlic', 'caution'], ['much oil', 'pepper', 'caution'], ['copper', 'ferment', 'caution'],
    // C
    ['peroxide', 'alcohol', 'notice'], ['oil', 'soda', 'notice'],
]);

it('knows at least forty pairs of classes', function (): void {
    expect(count(Cases::get(Pairs::class)->all))->toBeGreaterThanOrEqual(40);
});

it('does not cry wolf over what goes together', function (string $one, string $other): void {
    expect(meeting($one, $other))->toBe([]);
})->with([['soap', 'oil'], ['soap', 'garlic'], ['garlic', 'pepper'], ['soap', 'soda'], ['milk', 'alcohol'], ['detergent', 'vinegar'], ['oil', 'tea tree'], ['epsom', 'aspirin']]);

it('counts raw plants in oil only from a tenth of oil on', function (string $raw): void {
    expect(meeting('oil', $raw))->toBe([]);
})->with(['garlic', 'pepper']);

it('proposes a jar test where nothing is known of two things, and only there', function (string $one, string $other, bool $proposed): void {
    expect(Cases::severities(Cases::judged(Cases::body('1 L', [SOME[$one], SOME[$other]], 'final')), 'jar-test'))->toBe($proposed ? ['notice'] : []);
})->with([['milk', 'garlic', true], ['fish', 'garlic', true], ['sulfur', 'epsom', true], ['soap', 'oil', false], ['soap', 'vinegar', false], ['bleach', 'salt', false], ['garlic', 'pepper', false]]);

/** @return list<string> */
function spaced(string $now, string $before, float $days): array
{
    return Cases::severities(Cases::judged(Cases::body('1 L', [SOME[$now]], 'final'), 'rose', new Circumstances(history: new History(daysSince: [$before => $days]))), 'spacing');
}

it('keeps days between what must not follow, in either order', function (string $now, string $before, float $days, string $severity): void {
    expect(spaced($now, $before, $days - 0.5))->toBe([$severity])->and(spaced($now, $before, $days))->toBe([]);
})->with([
    ['oil', 'sulfur', 14.0, 'caution'], ['sulfur', 'mineral-oil', 14.0, 'caution'], ['oil', 'lime-sulfur', 30.0, 'caution'], ['soap', 'sulfur', 3.0, 'caution'], ['sulfur', 'potassium-soap', 3.0, 'caution'],
    ['soap', 'copper', 7.0, 'caution'], ['copper', 'potassium-soap', 7.0, 'caution'], ['soap', 'magnesium-sulfate', 3.0, 'notice'], ['peroxide', 'copper', 7.0, 'notice'], ['peroxide', 'garlic', 1.0, 'notice'],
    ['bt', 'hydrogen-peroxide', 7.0, 'notice'], ['bt', 'sodium-bicarbonate', 1.0, 'notice'],
]);

it('asks for a look after three sprays of soap or oil in a row', function (): void {
    $row = fn (int $times): array => Cases::severities(Cases::judged(Cases::body('1 L', [SOME['soap']], 'final'), 'rose', new Circumstances(history: new History(inARow: $times))), 'spacing');
    expect($row(2))->toBe([])->and($row(3))->toBe(['notice']);
});

it('minds what the sprayer last held', function (string $now, array $held, bool $rinsed, array $found): void {
    $mix = Cases::judged(Cases::body('1 L', [SOME[$now]], 'final'), 'rose', new Circumstances(history: new History(held: $held, rinsed: $rinsed)));
    expect(Cases::severities($mix, 'sprayer'))->toBe($found);
})->with([
    'bleach, then acid' => ['vinegar', ['hypochlorite'], false, ['stop']], 'rinsed' => ['vinegar', ['hypochlorite'], true, []], 'weed spray, then milk' => ['garlic', ['acetic-acid'], false, ['caution']],
    'vinegar, then soap' => ['soap', ['acetic-acid'], false, ['caution']], 'the same again' => ['soap', ['potassium-soap'], false, []], 'oil, then soda is but a notice' => ['soda', ['vegetable-oil'], false, []],
]);

it('minds what the sprayer is made of', function (string $now, string $material, array $found): void {
    $mix = Cases::judged(Cases::body('1 L', [SOME[$now]], 'final'), 'rose', new Circumstances(vessel: ClosedVessel::of(100.0, $material)));
    expect(Cases::severities($mix, 'sprayer'))->toBe($found);
})->with([
    ['lye', 'aluminium', ['stop']], ['lye', 'glass jar', ['caution']], ['peroxide', 'plastic, brass lance', ['caution']], ['vinegar', 'steel', ['notice']], ['soap', 'brass', []], ['peroxide', 'plastic', []],
    ['lye', 'carpet', []],
]);

it('says gas only of what is shut in', function (): void {
    $fizz = [SOME['soda'], SOME['vinegar']];
    $of = fn (?ClosedVessel $vessel): array => Cases::severities(Cases::judged(Cases::body('1 L', $fizz, 'final'), 'rose', new Circumstances(vessel: $vessel)), 'gas');
    expect($of(null))->toBe([])->and($of(ClosedVessel::of(200.0)))->toBe(['stop'])
        ->and(Cases::severities(Cases::judged(Cases::body('1 L', [SOME['soda']], 'final'), 'rose', new Circumstances(vessel: ClosedVessel::of(200.0))), 'gas'))->toBe([]);
});

it('warns of oxygen where peroxide is shut in with what breaks it down', function (string $with, array $found): void {
    $mix = Cases::judged(Cases::body('1 L', [['hydrogen-peroxide', '0.3 %', '3 %'], SOME[$with]], 'final'), 'rose', new Circumstances(vessel: ClosedVessel::of(200.0)));
    expect(Cases::severities($mix, 'gas'))->toBe($found);
    foreach ($mix->findings as $finding) {
        if ($finding->rule === 'gas') {
            // 3 g of peroxide, 0.0882 mol, half as much oxygen: 1.079 L in 0.2 L, 5.39 atm, 5.47 bar
            expect($finding->what->params['litres'])->toEqualWithDelta(1.079, 0.002)->and($finding->what->params['bar'])->toEqualWithDelta(5.47, 0.02);
        }
    }
})->with([['garlic', ['stop']], ['copper', ['stop']], ['soda', ['caution']], ['alcohol', []]]);

it('says the gravest first', function (): void {
    $ranks = array_map(static fn (Finding $finding): int => $finding->severity->rank(), Cases::judged(Cases::body('1 L', [SOME['bleach'], SOME['vinegar'], SOME['garlic']], 'final'), 'rose')->findings);
    $sorted = $ranks;
    rsort($sorted);
    expect($ranks)->toBe($sorted);
});
