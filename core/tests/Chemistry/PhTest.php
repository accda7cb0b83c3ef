<?php

declare(strict_types=1);

use Nebbia\Core\Chemistry\Reagents;
use Nebbia\Core\Chemistry\Solution;
use Nebbia\Core\Chemistry\Water;
use Nebbia\Core\Chemistry\WaterException;
use Nebbia\Core\Chemistry\Waters;
use Nebbia\Core\Chemistry\WeakSystem;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Tests\Chance;

it('agrees with worked values in pure water', function (array $lines, float $vented, ?float $closed, string $base = '1 L'): void {
    $found = reacted($lines, base: $base);
    expect($found?->ph?->likely)->toEqualWithDelta($vented, 0.01)
        ->and($found->phFresh)->{$closed === null ? 'toBeNull' : 'toEqualWithDelta'}(...($closed === null ? [] : [$closed, 0.01]));
})->with([
    '8 g/L bicarbonate' => [[['baking-soda', '8 g']], 8.340, null],
    '4 g/L lye' => [[['lye', '4 g', '100 % purity']], 12.995, null],
    '8 % acetic acid' => [[['white-vinegar', '8 %', '10 %']], 2.317, null],
    '30 g/L acetic acid, 6 g/L bicarbonate' => [[['white-vinegar', '3 %', '10 %'], ['baking-soda', '6 g']], 3.979, 3.977],
    '500 mg aspirin in 2 L' => [[['aspirin-tablet', '0.5 g', '100 %']], 3.278, null, '2 L'],
    // 1 % soap, apparent pKa 7.5: 7 + (7.5 + log 0.0312) / 2, and the same with 6.5 and 8.5
    '1 % soap' => [[['liquid-castile-soap', '1 %', '30 %']], 9.997, null],
    // 5 g/L citric acid, 26 mM: only the first proton counts, h² = 10^-3.13 (0.026025 - h)
    '5 g/L citric acid' => [[['citric-acid', '5 g']], 2.398, null],
    // 1 g/L sodium carbonate, 9.435 mM: kb = 10^(10.329 - 13.995), x² = kb (c - x), x = 1.326 mM
    '1 g/L washing soda' => [[['washing-soda', '1 g', '100 %']], 11.110, null],
]);

it('carries the uncertain pKa of soap into its pH', function (): void {
    $ph = reacted([['liquid-castile-soap', '1 %', '30 %']])?->ph;
    expect($ph?->low)->toEqualWithDelta(9.498, 0.01)->and($ph->high)->toEqualWithDelta(10.497, 0.01);
});

it('gives the fizz of a surplus of bicarbonate before and after', function (): void {
    // 71.42 mM of bicarbonate, 25 mM of acid: closed 46.42 of bicarbonate beside 25 of gas, pH 6.352 + log(46.42/25) = 6.62; vented 46.42 alone, 8.34
    $found = reacted([['baking-soda', '6 g'], ['white-vinegar', '0.1501 %', '5 %']]);
    expect($found?->phFresh)->toEqualWithDelta(6.62, 0.02)->and($found->ph?->likely)->toEqualWithDelta(8.34, 0.02)
        ->and($found->ph->low)->toBeLessThanOrEqual($found->phFresh)->and($found->ph->high)->toBeGreaterThanOrEqual($found->ph->likely);
});

it('lets the alkalinity of tap water swamp a tablet of acid', function (): void {
    // 1.388 mM of acid against 2.4 meq/L of alkalinity
    expect(reacted([['aspirin-tablet', '0.5 g', '100 %']], Water::measured(150.0, 120.0), '2 L')?->ph?->likely)->toBeGreaterThan(6.0);
});

it('does not make up a pH where it cannot be told, nor for what has none', function (): void {
    expect(reacted([['wood-ash', '10 g'], ['baking-soda', '5 g']])?->ph)->toBeNull()
        ->and(reacted([['wood-ash', '10 g'], ['baking-soda', '5 g']])?->whyNoPh?->key)->toBe('ph.unknown')
        ->and(reacted([['vegetable-oil', '10 mL']]))->toBeNull();
});

it('solves a strong acid and base exactly', function (): void {
    // 0.01 M of strong base: pOH 2
    expect(Solution::of(0.01, [], 13.995)->ph())->toEqualWithDelta(11.995, 1e-4)
        ->and(Solution::of(-0.01, [], 13.995)->ph())->toEqualWithDelta(2.0, 1e-4)
        ->and(Solution::of(0.0, [], 13.995)->ph())->toEqualWithDelta(6.9975, 1e-4);
});

it('has half of an acid given up its proton at its pKa', function (): void {
    $acetate = WeakSystem::of('acetate', [4.756]);
    expect($acetate->chargeAt(10 ** -4.756))->toEqualWithDelta(-0.5, 1e-12)->and($acetate->undissociatedAt(10 ** -4.756))->toEqualWithDelta(0.5, 1e-12)
        ->and(WeakSystem::of('ammonium', [9.25], 1)->chargeAt(10 ** -9.25))->toEqualWithDelta(0.5, 1e-12);
});

it('balances charge in any mixture, and more base never lowers the pH', function (): void {
    $reagents = Cases::get(Reagents::class);
    $chance = new Chance(20261125);
    for ($n = 0; $n < 400; $n++) {
        $weak = [];
        foreach ($reagents->systems as $system) {
            if ($chance->whole(0, 2) === 0) {
                $weak[] = [$system, $chance->whole(1, 200) / 1000.0];
            }
        }
        $strong = $chance->whole(-100, 300) / 1000.0;
        $solution = Solution::of($strong, $weak, $reagents->pkw);
        $ph = $solution->ph();
        expect(abs($solution->chargeAt($ph)))->toBeLessThan(1e-5)
            ->and(Solution::of($strong + 0.01, $weak, $reagents->pkw)->ph())->toBeGreaterThanOrEqual($ph);
    }
});

it('says which figure of the water is none', function (): void {
    expect(Cases::complaint(fn () => Water::measured(-1.0, 10.0)))->toBe(['hardness', 'The water hardness must be a number from 0 to 1000 mg/L, like 150.'])
        ->and(Cases::complaint(fn () => Water::measured(10.0, NAN))[0])->toBe('alkalinity')
        ->and(fn () => Cases::get(Waters::class)->usual('sea'))->toThrow(WaterException::class);
});
