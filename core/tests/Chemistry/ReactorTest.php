<?php

declare(strict_types=1);

use Nebbia\Core\Chemistry\GasPressure;
use Nebbia\Core\Chemistry\Reaction;
use Nebbia\Core\Chemistry\Reagents;
use Nebbia\Core\Chemistry\Water;
use Nebbia\Core\Chemistry\Waters;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Tests\Chance;

/** @param  list<array{0: string, 1: string, 2?: string}>  $lines */
function leftOf(string $substance, array $lines, ?Water $water = null): ?float
{
    return reacted($lines, $water)?->left[$substance]?->likely;
}

/** @param  list<array{0: string, 1: string, 2?: string}>  $lines */
function madeOf(string $id, array $lines): ?float
{
    foreach (reacted($lines)->made ?? [] as $made) {
        if ($made->id === $id) {
            return $made->gramsPerLitre;
        }
    }

    return null;
}

it('lets the reagent that is scarce decide', function (): void {
    // 6 g of bicarbonate, 71.423 mmol, take 4.2891 g of acetic acid out of 30, and give 3.1433 g of gas and 5.859 g of acetate
    $lines = [['white-vinegar', '3 %', '10 %'], ['baking-soda', '6 g']];
    expect(leftOf('acetic-acid', $lines))->toEqualWithDelta(2.57109, 1e-4)
        ->and(leftOf('sodium-bicarbonate', $lines))->toEqualWithDelta(0.0, 1e-9)
        ->and(madeOf('carbon-dioxide', $lines))->toEqualWithDelta(3.1433, 1e-3)
        ->and(madeOf('salt-of-acetic-acid', $lines))->toEqualWithDelta(5.859, 1e-3);
});

it('splits soap by 3.75 mL of 5 % vinegar a gram', function (): void {
    // 10 g of soap, 31.196 mmol, against 20 mL of 5 % (1 g, 16.652 mmol): 4.6622 g left, 4.7036 g of curds
    $lines = [['liquid-castile-soap', '1 %', '30 %'], ['white-vinegar', '0.1 %', '5 %']];
    expect(leftOf('potassium-soap', $lines))->toEqualWithDelta(0.46622, 1e-4)->and(madeOf('curds', $lines))->toEqualWithDelta(4.7036, 1e-3)
        ->and(leftOf('potassium-soap', [['liquid-castile-soap', '1 %', '30 %'], ['white-vinegar', '0.1874 %', '5 %']]))->toEqualWithDelta(0.0, 1e-3);
});

it('loses 6.41 mg of soap to each mg/L of hardness, 70 to 110 % of it', function (float $hardness, float $grams): void {
    $found = reacted([['liquid-castile-soap', '1 %', '30 %']], Water::measured($hardness, 0.0));
    // Beside 33.33 mL of liquid soap there are 966.67 mL of water in a litre.
    $taken = 0.96667 * $grams / 10.0;
    expect($found?->left['potassium-soap']->likely)->toEqualWithDelta(1.0 - $taken, 4e-4)
        ->and($found->soapToWater->low)->toEqualWithDelta(0.7 * $taken, 4e-4)->and($found->soapToWater->high)->toEqualWithDelta(1.1 * $taken, 4e-4);
})->with([[100.0, 0.64], [200.0, 1.28], [300.0, 1.92], [400.0, 2.56]]);

it('loses 2.60 g of soap to a gram of Epsom salt, and no more than there is', function (): void {
    expect(leftOf('potassium-soap', [['liquid-castile-soap', '1 %', '30 %'], ['epsom-salt', '1 g']]))->toEqualWithDelta(1.0 - 0.2601, 1e-3)
        ->and(leftOf('potassium-soap', [['liquid-castile-soap', '0.2 %', '30 %'], ['epsom-salt', '10 g']]))->toEqualWithDelta(0.0, 1e-9)
        // 2 g of soap take 2 / 2.6012 g of the salt
        ->and(leftOf('magnesium-sulfate', [['liquid-castile-soap', '0.2 %', '30 %'], ['epsom-salt', '10 g']]))->toEqualWithDelta(1.0 - 0.07689, 1e-4);
});

it('turns bicarbonate into carbonate with lye, and needs no soap for it', function (): void {
    // 2 g of lye, 50.00 mmol, and 8.4007 g of bicarbonate, 100 mmol: 50 mmol of carbonate, 5.30 g
    $lines = [['lye', '2 g', '100 % purity'], ['baking-soda', '8.40066 g']];
    expect(leftOf('sodium-hydroxide', $lines))->toEqualWithDelta(0.0, 1e-9)->and(madeOf('carbonate', $lines))->toEqualWithDelta(5.30, 0.01)
        ->and(leftOf('sodium-bicarbonate', $lines))->toEqualWithDelta(0.42, 0.001);
});

it('says what soap lye and oil could become, and that it is no more than that', function (): void {
    // 2 g of lye, 50.0 mmol; 9.18 g of oil take 0.19 g of potash a gram, 31.09 mmol: 9.97 g of soap at most, in days
    $lines = [['lye', '2 g', '100 % purity'], ['vegetable-oil', '1 % v/v']];
    expect(madeOf('slow-soap', $lines))->toEqualWithDelta(9.97, 0.02)->and(leftOf('sodium-hydroxide', $lines))->toEqualWithDelta(0.2, 1e-9);
});

it('does not say how much peroxide a plant juice leaves: nothing, perhaps', function (): void {
    $left = reacted([['hydrogen-peroxide', '0.3 %', '3 %'], ['garlic', '10 g']])?->left['hydrogen-peroxide'];
    expect([$left?->low, $left?->likely, $left?->high])->toBe([0.0, 0.0, 0.3]);
});

it('shuts gas into what room there is', function (): void {
    $reagents = Cases::get(Reagents::class);
    // 0.0167 mol in 1 L with 150 mL of air: 0.0167 / (0.0339 + 0.15 / 24.465) = 0.417 atm; as gas 0.409 L
    $gas = GasPressure::ofCarbonDioxide(0.0167, 1000.0, 150.0, $reagents);
    expect($gas->gauge)->toEqualWithDelta(0.417, 0.001)->and($gas->litres)->toEqualWithDelta(0.4086, 0.001)
        // a gram of bicarbonate makes 0.291 L
        ->and(GasPressure::ofCarbonDioxide(1.0 / 84.0066, 1000.0, 0.0, $reagents)->litres)->toEqualWithDelta(0.291, 0.001)
        // less room, more pressure
        ->and(GasPressure::ofCarbonDioxide(0.0167, 1000.0, 10.0, $reagents)->gauge)->toBeGreaterThan($gas->gauge)
        // 1 L of 3 % peroxide: 30 g, 0.882 mol, half as much oxygen, 10.8 L
        ->and(GasPressure::ofOxygen(30.0 / 34.0147 / 2.0, 100.0, $reagents)->litres)->toEqualWithDelta(10.8, 0.1);
});

it('keeps mass: what is gone of one is there as another, whatever is mixed', function (): void {
    $reagents = Cases::get(Reagents::class);
    $chance = new Chance(7);
    for ($n = 0; $n < 500; $n++) {
        $in = [];
        foreach (array_keys($reagents->all) as $id) {
            if ($chance->whole(0, 1) === 1) {
                $in[$id] = $chance->whole(0, 300) / 1000.0;
            }
        }
        $calcium = $chance->whole(0, 4) / 1000.0;
        $out = Reaction::of($in, $reagents, $calcium, 0.0);
        $sum = static fn (array $of, array $ids): float => array_sum(array_intersect_key($of, array_flip($ids)));
        $soaps = ['potassium-soap', 'sodium-soap'];
        $carbon = ['sodium-bicarbonate', 'potassium-bicarbonate', 'sodium-carbonate'];
        expect($sum($in, $soaps))->toEqualWithDelta($sum($out->left, $soaps) + $out->curds + $out->limeSoap, 1e-9)
            ->and($sum($in, $carbon))->toEqualWithDelta($sum($out->left, $carbon) + $out->carbonDioxide + $out->carbonateMade, 1e-9)
            ->and($in['acetic-acid'] ?? 0.0)->toEqualWithDelta(($out->left['acetic-acid'] ?? 0.0) + ($out->salts['acetic-acid'] ?? 0.0), 1e-9)
            ->and(3.0 * ($in['citric-acid'] ?? 0.0))->toEqualWithDelta(3.0 * ($out->left['citric-acid'] ?? 0.0) + ($out->salts['citric-acid'] ?? 0.0), 1e-9)
            ->and(min([0.0, ...array_values($out->left)]))->toBeGreaterThan(-1e-9);
    }
});

it('leaves between its bounds what it likely leaves', function (): void {
    $left = reacted([['liquid-castile-soap', '30-40 mL', '30 %'], ['white-vinegar', '10-20 mL', '4-6 %']], Cases::get(Waters::class)->usual())?->left ?? [];
    foreach ($left as $one) {
        expect($one->low)->toBeLessThanOrEqual($one->likely)->and($one->high)->toBeGreaterThanOrEqual($one->likely);
    }
    expect($left['potassium-soap']->low)->toBeLessThan($left['potassium-soap']->high);
});
