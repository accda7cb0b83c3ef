<?php

declare(strict_types=1);

use Nebbia\Core\Chemistry\Aftermath;
use Nebbia\Core\Chemistry\GasPressure;
use Nebbia\Core\Chemistry\Reactor;
use Nebbia\Core\Chemistry\Reagents;
use Nebbia\Core\Chemistry\Water;
use Nebbia\Core\Chemistry\Waters;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Interval;
use Nebbia\Core\Judgement\Chemistry\PhRule;
use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Judgement\ClosedVessel;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Tests\Cases;

// Bounds and amounts that single faults in the chemistry would shift; each worked by hand.

/**
 * @param  list<array{0: string, 1: string, 2?: string}>  $lines
 * @return list<array{string, string}> rule's key and severity
 */
function phSays(array $lines, ?float $measured, string $use = 'foliar'): array
{
    $mix = Cases::judged(Cases::body('1 L', $lines, 'final', $use), 'tomato', new Circumstances(water: Water::pure(), measuredPh: $measured));

    return array_values(array_map(static fn (Finding $one): array => [$one->what->key, $one->severity->value], array_filter($mix->findings, static fn (Finding $one): bool => $one->rule === 'ph')));
}

/** @param  list<array{0: string, 1: string, 2?: string}>  $lines */
function gramsMade(string $id, array $lines, ?Water $water = null): ?float
{
    return array_column(array_map(static fn ($one): array => [$one->id, $one->gramsPerLitre], reacted($lines, $water)->made ?? []), 1, 0)[$id] ?? null;
}

it('judges a pH on the right side of each bound', function (array $lines, ?float $measured, string $use, array $expected): void {
    expect(phSays($lines, $measured, $use))->toBe($expected);
})->with(function (): array {
    $soap = [['liquid-castile-soap', '1 %', '30 %']];
    $salt = [['epsom-salt', '5 g']];
    $vinegar = [['white-vinegar', '0.1 %', '5 %']];
    $caustic = [['ph.caustic.what', 'stop']];
    $alkaline = [['ph.alkaline.what', 'caution']];

    return [
        'above eleven' => [$salt, 11.01, 'foliar', $caustic], 'at eleven' => [$salt, 11.0, 'foliar', $alkaline], 'just above 10.3' => [$salt, 10.31, 'foliar', $alkaline], 'at 10.3' => [$salt, 10.3, 'foliar', []],
        'soap up to 10.5' => [$soap, 10.5, 'foliar', []], 'soap above' => [$soap, 10.51, 'foliar', $alkaline], 'soap above eleven' => [$soap, 11.2, 'foliar', $caustic], 'something else at 10.5' => [$salt, 10.5, 'foliar', $alkaline],
        'on roots' => [$salt, 11.5, 'drench', $caustic], 'on weeds' => [$salt, 11.5, 'weed', []], 'on tools' => [$salt, 11.5, 'disinfect', []],
        // 1 g/L of acetic acid is 16.7 meq/L.
        'below three' => [$vinegar, 2.99, 'foliar', [['ph.acid.what', 'stop']]], 'at three' => [$vinegar, 3.0, 'foliar', [['ph.sour.what', 'caution']]],
        'below four' => [$vinegar, 3.99, 'foliar', [['ph.sour.what', 'caution']]], 'at four' => [$vinegar, 4.0, 'foliar', []],
        // 0.2 g/L is 3.3 meq/L: sour, but with nothing behind it.
        'a little acid' => [[['white-vinegar', '0.02 %', '5 %']], 3.5, 'foliar', []],
        'vinegar by the estimate, pH 3.27' => [$vinegar, null, 'foliar', [['ph.sour.what', 'caution']]],
        'lye by the estimate, pH 12' => [[['lye', '0.4 g', '100 % purity']], null, 'foliar', $caustic],
    ];
});

it('says how acid it is in what would neutralise it', function (string $amount, float $meq): void {
    // Up to pH 7 acetic acid gives 1 / (1 + 10^(4.756 - 7)) = 99.433 % of its protons; 60.052 g are a mole. Air adds nothing that is counted to its side.
    expect(reacted([['white-vinegar', $amount, '5 %']])?->acidity)->toEqualWithDelta($meq, 0.0007 * $meq);
})->with([['0.1 %', 16.558], ['0.3 %', 49.673], ['0.03 %', 4.967]]);

it('carries what is not exact into what is left: least of it with most of the other, and the other way round', function (): void {
    // 30 g/L of acetic acid, and 5 to 7 g of bicarbonate (59.519 to 83.326 mmol): 3.5743 to 5.0040 g of acid go.
    $left = reacted([['white-vinegar', '3 %', '10 %'], ['baking-soda', '5-7 g']])?->left;
    expect($left['acetic-acid']->low)->toEqualWithDelta(2.49960, 2e-4)->and($left['acetic-acid']->likely)->toEqualWithDelta(2.57109, 2e-4)->and($left['acetic-acid']->high)->toEqualWithDelta(2.64257, 2e-4)
        ->and([$left['sodium-bicarbonate']->low, $left['sodium-bicarbonate']->likely, $left['sodium-bicarbonate']->high])->toEqualWithDelta([0.0, 0.0, 0.0], 1e-9);
    // What meets nothing stays as it is, range and all.
    $alone = reacted([['baking-soda', '5-7 g']])?->left['sodium-bicarbonate'];
    expect([$alone?->low, $alone?->likely, $alone?->high])->toEqualWithDelta([0.5, 0.6, 0.7], 1e-9);
});

it('loses soap to the calcium of milk: 1.6 g to a litre of it, and perhaps up to nineteen', function (): void {
    // A tenth of milk: 0.16 g of 10 g, up to 1.9.
    $left = reacted([['liquid-castile-soap', '1 %', '30 %'], ['milk', '10 % v/v']])?->left['potassium-soap'];
    expect($left?->likely)->toEqualWithDelta(0.984, 5e-4)->and($left->low)->toEqualWithDelta(0.81, 5e-4)->and($left->high)->toEqualWithDelta(0.984, 5e-4);
});

it('takes soap for calcium only from the water that is poured', function (): void {
    // 966.67 mL of 200 mg/L: 3.8634 mmol of soap, 320.55 mg each.
    $lime = gramsMade('lime-soap', [['liquid-castile-soap', '1 %', '30 %']], Water::measured(200.0, 0.0));
    expect($lime)->toEqualWithDelta(1.2384, 5e-4);
    $mix = Cases::mix(Cases::body('1 L', [['liquid-castile-soap', '1 %', '30 %']], 'final', liquid: 'milk'));
    expect(Cases::get(Reactor::class)->react($mix, Water::measured(200.0, 100.0))?->soapToWater->likely)->toBe(0.0);
});

it('says what was made, how much, and whether that is to be counted on', function (): void {
    // 3 g/L of peroxide hold 3 · 31.998 / 2 / 34.0147 = 1.4111 g of oxygen, and 44.1 mmol/L of it.
    $found = reacted([['hydrogen-peroxide', '0.3 %', '3 %'], ['garlic', '10 g']]);
    $oxygen = array_values(array_filter($found->made ?? [], static fn ($one): bool => $one->id === 'oxygen'));
    expect($oxygen)->toHaveCount(1)->and($oxygen[0]->gramsPerLitre)->toEqualWithDelta(1.4111, 5e-4)->and($oxygen[0]->isLikely)->toBeFalse()
        ->and($found?->oxygen)->toEqualWithDelta(3.0 / 34.0147 / 2.0, 1e-5);
    // Alone it stays, and nothing is made of it.
    $alone = reacted([['hydrogen-peroxide', '0.3 %', '3 %']]);
    expect($alone?->made)->toBe([])->and($alone->left['hydrogen-peroxide']->likely)->toEqualWithDelta(0.3, 1e-9);
    // Potash and neem as well as lye and cooking oil: 2.8053 g of potash are 50 mmol; 9.2 g of oil take 31.16.
    $soap = array_values(array_filter(reacted([['caustic-potash', '2.80528 g', '100 % purity'], ['neem-oil', '1 % v/v']])->made ?? [], static fn ($one): bool => $one->id === 'slow-soap'));
    expect($soap[0]->gramsPerLitre ?? 0.0)->toEqualWithDelta(9.99, 0.03)->and($soap[0]->isLikely ?? true)->toBeFalse()
        // No oil, no soap.
        ->and(array_filter(reacted([['lye', '2 g', '100 % purity']])->made ?? [], static fn ($one): bool => $one->id === 'slow-soap'))->toBe([]);
    // Without acid no gas, curds or salt; without hardness no lime soap.
    expect(reacted([['liquid-castile-soap', '1 %', '30 %']])?->made)->toBe([])->and(reacted([['baking-soda', '5 g']])?->made)->toBe([]);
});

it('turns potassium bicarbonate into carbonate with either lye', function (string $alkali, string $grams, string $bicarbonate, string $amount): void {
    // 50 mmol of each: 5.30 g of carbonate, nothing left of either.
    $lines = [[$alkali, $grams, '100 % purity'], [$bicarbonate, $amount]];
    expect(gramsMade('carbonate', $lines))->toEqualWithDelta(5.2994, 0.003);
})->with([['lye', '1.99985 g', 'baking-soda', '4.20033 g'], ['caustic-potash', '2.80528 g', 'potassium-bicarbonate', '5.005755 g'], ['lye', '1.99985 g', 'potassium-bicarbonate', '5.005755 g'], ['caustic-potash', '2.80528 g', 'baking-soda', '4.20033 g']]);

it('says why no pH is given, by the name of what is in the way', function (): void {
    $found = reacted([['milk', '10 % v/v'], ['baking-soda', '5 g']]);
    expect($found?->ph)->toBeNull()->and($found->whyNoPh?->params['name'] ?? '')->toBe(Cases::substance('milk')->name);
});

it('knows what part of a substance is gone', function (): void {
    $after = Aftermath::of(['a' => Interval::exactly(2.0), 'b' => Interval::exactly(0.5)], ['a' => Interval::exactly(0.5)], [], null, null, 0.0, 0.0, 0.0, null, Interval::zero());
    expect($after->lost('a'))->toBe(0.75)->and($after->lost('b'))->toBe(0.0)->and($after->lost('nothing'))->toBe(0.0);
});

it('puts oxygen into the headspace alone, and into a millilitre where there is none', function (): void {
    $reagents = Cases::get(Reagents::class);
    // 0.01 mol at 24.465 L/mol: in 100 mL 2.4465 atm; in no room at all, taken as 1 mL, 244.65.
    $gas = GasPressure::ofOxygen(0.01, 100.0, $reagents);
    expect($gas->gauge)->toEqualWithDelta(2.4465, 2e-3)->and($gas->litres)->toEqualWithDelta(0.24465, 2e-4)
        ->and(GasPressure::ofOxygen(0.01, 0.0, $reagents)->gauge)->toEqualWithDelta(244.65, 0.2);
    // Carbon dioxide in water alone: 0.0339 mol to the litre and atmosphere.
    expect(GasPressure::ofCarbonDioxide(0.0339, 1000.0, 0.0, $reagents)->gauge)->toEqualWithDelta(1.0, 1e-3)
        ->and(GasPressure::ofCarbonDioxide(0.0339, 500.0, 0.0, $reagents)->gauge)->toEqualWithDelta(2.0, 2e-3)
        ->and(GasPressure::ofCarbonDioxide(0.01, 1e-9, 244.65, $reagents)->gauge)->toEqualWithDelta(1.0, 1e-3);
});

it('stops what fizzes only where it is shut in, by how much there is', function (): void {
    $gas = static function (?ClosedVessel $vessel, string $base): array {
        $mix = Cases::judged(Cases::body($base, [['white-vinegar', '0.5 %', '10 %'], ['baking-soda', '0.4 %']], 'final'), 'tomato', new Circumstances(water: Water::pure(), vessel: $vessel));

        return array_values(array_filter($mix->findings, static fn (Finding $one): bool => $one->rule === 'gas'));
    };
    expect($gas(null, '1 L'))->toBe([]);
    $one = $gas(ClosedVessel::of(200.0), '1 L')[0];
    $half = $gas(ClosedVessel::of(100.0), '500 mL')[0];
    // 4 g of bicarbonate, 47.6 mmol/L, 2.096 g of gas; half a litre in half the room: half the gas, the same pressure.
    expect($one->what->params['grams'])->toEqualWithDelta(2.0955, 3e-3)->and($half->what->params['grams'])->toEqualWithDelta(1.0478, 2e-3)
        ->and($half->what->params['bar'])->toEqualWithDelta($one->what->params['bar'], 1e-6)
        // 0.047615 / (0.0339 + 0.2 / 24.465) = 1.1316 atm = 1.1466 bar
        ->and($one->what->params['bar'])->toEqualWithDelta(1.1466, 3e-3);
});

it('takes what a tap can give, and no more', function (): void {
    expect(Water::measured(1000.0, 1000.0)->hardness->likely)->toBe(1000.0)->and(Water::measured(0.0, 0.0)->isKnown)->toBeTrue()
        ->and(Cases::get(Waters::class)->usual('tap')->isKnown)->toBeFalse()->and(Water::pure()->isKnown)->toBeTrue()
        ->and(fn () => Water::measured(1000.5, 0.0))->toThrow(Exception::class)->and(fn () => Water::measured(100.0, -0.5))->toThrow(Exception::class);
});

it('says of hard water what it took, in figures that agree', function (): void {
    $mix = Cases::judged(Cases::body('1 L', [['liquid-castile-soap', '1 %', '30 %']], 'final'), 'tomato', new Circumstances(water: Water::measured(200.0, 0.0)));
    $found = array_values(array_filter($mix->findings, static fn (Finding $one): bool => $one->rule === 'water'))[0];
    // 966.67 mL of 200 mg/L: 2 · 200 / 100.087 mmol/L of soap, 320.55 mg each, are 1.2383 g of 10.
    expect($found->what->params)->toMatchArray(['hardness' => 200.0, 'soap' => 1.0])
        ->and($found->what->params['taken'])->toEqualWithDelta(0.12383, 3e-5)->and($found->what->params['percent'])->toEqualWithDelta(12.383, 3e-3)->and($found->what->params['left'])->toEqualWithDelta(0.87617, 3e-5)
        ->and($found->substances)->toBe(['potassium-soap'])->and([$found->basis, $found->sure, $found->ground])->toBe(['established guidance', 'medium', 'water.hard']);
});

it('is a caution where so little soap is left that it no longer works, whatever the hardness is called', function (string $soap, float $hardness, string $severity): void {
    $mix = Cases::judged(Cases::body('1 L', [['liquid-castile-soap', $soap, '30 %']], 'final'), 'tomato', new Circumstances(water: Water::measured($hardness, 0.0)));
    expect(Cases::severities($mix, 'water'))->toBe([$severity]);
})->with([
    // It works from 0.5 %; 6.4 mg of soap to each mg/L: at 290 mg/L 1.83 g/L go, and more than half of 5 g stay.
    ['0.5 %', 290.0, 'notice'], ['0.5 %', 119.0, 'fine'], ['0.499 %', 290.0, 'fine'], ['0.5 %', 301.0, 'caution'],
]);

it('judges nothing that has no pH to judge', function (): void {
    expect(iterator_to_array(Cases::get(PhRule::class)->judge(Nebbia\Core\Judgement\Situation::of(Cases::mix(Cases::body('1 L', [['garlic', '10 g']], 'final')), null, new Circumstances)), false))->toBe([])
        ->and(Cases::mix(Cases::body('1 L', [['milk', '10 % v/v']], 'final')))->toBeInstanceOf(Mix::class);
});
