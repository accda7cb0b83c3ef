<?php

declare(strict_types=1);

use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Judgement\Soil\PotOfPlant;
use Nebbia\Core\Tests\Cases;

/** @return array<string, string> ground => severity, of what is said of the soil */
function soilSays(array $line, string $use, ?PotOfPlant $pot, string $plant = 'tomato'): array
{
    $judged = Cases::judged(Cases::body('1 L', [$line], 'final', $use, 'metric'), $plant, new Circumstances(pot: $pot));
    $said = [];
    foreach ($judged->findings as $finding) {
        if ($finding->rule === 'soil') {
            $said[$finding->ground] = $finding->severity->value;
        }
    }

    return $said;
}

// The water of a 5 L pot is 1.6667 L. Bicarbonate is 27.367 % sodium; of a spray on leaves 45 % reach the soil, of a drench all.
// 0.4 % poured, 1 L: 1094.7 mg, 656.8 mg/L, 4.76 points of 200 meq/L: caution. 200 mg more: 5.6 points, a stop.
it('counts what is in a pot already with what is poured', function (string $amount, string $use, float $ml, float $before, string $plant, ?string $severity): void {
    $said = soilSays(['baking-soda', $amount], $use, new PotOfPlant(5.0, $ml, $before), $plant);
    expect($said)->toBe($severity === null ? [] : ['soil.pot' => $severity]);
})->with([
    // 0.005 x 0.27367 x 50 x 0.45 = 30.8 mg, 18.5 mg/L
    'a spray' => ['0.5 %', 'foliar', 50.0, 0.0, 'tomato', null],
    'eight before it: 166 mg/L' => ['0.5 %', 'foliar', 50.0, 246.3, 'tomato', 'notice'],
    'on one that minds salt: 74 mg/L with three before' => ['0.5 %', 'foliar', 50.0, 92.4, 'strawberry', 'notice'],
    'with two before: 55' => ['0.5 %', 'foliar', 50.0, 61.6, 'strawberry', null],
    'poured once' => ['0.4 %', 'drench', 1000.0, 0.0, 'tomato', 'caution'],
    'poured again' => ['0.4 %', 'drench', 1000.0, 200.0, 'tomato', 'stop'],
    // 210 mg/L are a caution where 70 are minded: 350 mg in all.
    'three times what it minds' => ['0.5 %', 'foliar', 50.0, 320.0, 'strawberry', 'caution'],
]);

it('counts the bed where there is no pot, and nothing of what has no sodium', function (): void {
    expect(soilSays(['potassium-bicarbonate', '0.5 %'], 'drench', new PotOfPlant(1.0, 500.0, 5000.0)))->toBe([])
        // 0.01 x 0.27367 x 15 L: 41 g/m2, 4.6 points
        ->and(soilSays(['baking-soda', '1 %'], 'drench', null))->toBe(['soil.sodium' => 'caution']);
});

it('never says less of more, of a smaller pot or of a longer past', function (): void {
    $rank = ['' => 0, 'notice' => 1, 'caution' => 2, 'stop' => 3];
    $of = static fn (float $litres, float $ml, float $before): int => $rank[soilSays(['baking-soda', '0.5 %'], 'drench', new PotOfPlant($litres, $ml, $before))['soil.pot'] ?? ''];
    foreach ([1.0, 3.0, 10.0, 30.0] as $litres) {
        foreach ([10.0, 100.0, 500.0] as $ml) {
            foreach ([0.0, 100.0, 1000.0] as $before) {
                expect($of($litres, $ml * 2, $before))->toBeGreaterThanOrEqual($of($litres, $ml, $before))
                    ->and($of($litres / 2, $ml, $before))->toBeGreaterThanOrEqual($of($litres, $ml, $before))
                    ->and($of($litres, $ml, $before * 2 + 1))->toBeGreaterThanOrEqual($of($litres, $ml, $before));
            }
        }
    }
});
