<?php

declare(strict_types=1);

use Nebbia\Core\Mixing\Keeping\KeepingTime;
use Nebbia\Core\Mixing\Keeping\KeepingTimes;
use Nebbia\Core\Tests\Cases;

/** @param  list<array{0: string, 1: string}>  $lines */
function keeps(array $lines): ?KeepingTime
{
    return Cases::get(KeepingTimes::class)->of(Cases::mix(Cases::body('1 L', $lines)));
}

// Peroxide under a day, extracts one to three days cold, milk and emulsions the same day, bicarbonate one to two days, soap and alcohol weeks.
it('keeps each mix as long as it keeps', function (string $ingredient, string $amount, float $low, float $high, bool $isCold): void {
    $keeping = keeps([[$ingredient, $amount]]);
    expect($keeping)->not->toBeNull()
        ->and($keeping?->hours->low)->toBeGreaterThanOrEqual($low)->and($keeping?->hours->high)->toBeLessThanOrEqual($high)
        ->and($keeping?->isCold)->toBe($isCold);
})->with([
    ['hydrogen-peroxide', '100 mL', 1.0, 24.0, false], ['garlic', '50 g', 24.0, 72.0, true], ['hot-pepper', '20 g', 24.0, 72.0, true],
    ['ground-cayenne', '2 g', 24.0, 72.0, true], ['milk', '100 mL', 1.0, 12.0, false], ['neem-oil', '5 mL', 1.0, 12.0, false],
    ['vegetable-oil', '10 mL', 1.0, 12.0, false], ['baking-soda', '5 g', 24.0, 48.0, false], ['potassium-bicarbonate', '5 g', 24.0, 48.0, false],
    ['liquid-castile-soap', '10 mL', 336.0, 672.0, false], ['isopropyl-alcohol', '100 mL', 336.0, 672.0, false],
]);

it('keeps no longer than the shortest of what is in it', function (array $lines, string $id): void {
    expect(keeps($lines)?->id)->toBe($id)->and(keeps(array_reverse($lines))?->id)->toBe($id);
})->with([
    'soap that would keep for weeks, oil that will not' => [[['liquid-castile-soap', '5 mL'], ['neem-oil', '5 mL']], 'emulsion'],
    'garlic and milk' => [[['garlic', '20 g'], ['milk', '50 mL']], 'milk'],
    'bicarbonate and soap' => [[['baking-soda', '5 g'], ['liquid-castile-soap', '5 mL']], 'bicarbonate'],
]);

it('never keeps longer for one thing more', function (): void {
    $things = [['liquid-castile-soap', '5 mL'], ['isopropyl-alcohol', '20 mL'], ['baking-soda', '2 g'], ['garlic', '10 g'], ['hydrogen-peroxide', '10 mL'], ['neem-oil', '5 mL'], ['milk', '20 mL']];
    $before = INF;
    for ($n = 1; $n <= count($things); $n++) {
        $hours = keeps(array_slice($things, 0, $n))?->hours->likely ?? NAN;
        expect($hours)->toBeLessThanOrEqual($before);
        $before = $hours;
    }
    expect($before)->toBeLessThanOrEqual(12.0);
});

it('says days where it is days, hours where it is hours, and the cold where it needs it', function (string $ingredient, string $amount, string $said): void {
    $message = keeps([[$ingredient, $amount]])?->said();
    expect($message === null ? null : Cases::english()->say($message))->toBe($said);
})->with([
    ['liquid-castile-soap', '5 mL', 'Keeps about 21 days.'], ['garlic', '5 g', 'Keeps about 2 days in the cold.'],
    ['milk', '5 mL', 'Use within 8 hours.'], ['baking-soda', '5 g', 'Use within 36 hours.'],
]);

it('does not know how long what is not listed keeps', function (): void {
    expect(keeps([['plant-ferment', '10 mL']]))->toBeNull();
});
