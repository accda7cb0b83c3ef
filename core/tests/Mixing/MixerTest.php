<?php

declare(strict_types=1);

use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Tests\Cases;

const TBSP = 14.78676478125;
const TSP = 4.92892159375;

function wv(Mix $mix, string $substance): float
{
    return $mix->strengthOf($substance)->percentWv->likely ?? NAN;
}

it('adds to the base, or tops up to it', function (): void {
    $lines = [['liquid-castile-soap', '25 mL', '30 % w/v'], ['isopropyl-alcohol', '3 tbsp', '70 % v/v']];
    // Added: 1000 + 25 + 3 · 14.78676 = 1069.36029 mL; soap 25 · 0.30 = 7.5 g, so 0.701354 %;
    // alcohol 44.36029 · 0.7 = 31.05221 mL, so 2.903812 % v/v, · 0.7855 = 2.280944 % w/v.
    $added = Cases::mix(Cases::body('1 L', $lines));
    expect($added->finalVolume->likely)->toEqualWithDelta(1069.36029, 1e-4)
        ->and($added->baseMl)->toBe(1000.0)
        ->and(wv($added, 'potassium-soap'))->toEqualWithDelta(0.701354, 1e-5)
        ->and($added->strengthOf('isopropanol')?->percentVv?->likely)->toEqualWithDelta(2.903812, 1e-5)
        ->and(wv($added, 'isopropanol'))->toEqualWithDelta(2.280944, 1e-5)
        ->and($added->strengthOf('isopropanol')?->ppm()->likely)->toEqualWithDelta(22809.44, 0.1);
    // Final: 1000 in all; water 1000 − 69.36029; soap 7.5 g in 1000 mL.
    $final = Cases::mix(Cases::body('1 L', $lines, 'final'));
    expect($final->finalVolume->likely)->toBe(1000.0)
        ->and($final->baseMl)->toEqualWithDelta(930.63971, 1e-4)
        ->and(wv($final, 'potassium-soap'))->toEqualWithDelta(0.75, 1e-9);
});

it('measures each line in millilitres, grams and spoons', function (): void {
    $mix = Cases::mix(Cases::body('1 L', [['liquid-castile-soap', '37.5 mL', '30 %'], ['baking-soda', '1 tsp'], ['baking-soda', '10 g'], ['aspirin-tablet', '2 tablets'], ['garlic', '3 cloves'], ['vegetable-oil', '10 g'], ['table-salt', 'a pinch']]));
    [$soap, $soda, $sodaByWeight, $aspirin, $garlic, $oil, $salt] = $mix->lines;
    // 37.5 · 1.03 = 38.625
    expect($soap->massG)->toEqualWithDelta(38.625, 1e-6)->and($soap->measure?->text)->toBe('2 tbsp + 1 1/2 tsp')
        // 4.92892 · 0.93 = 4.58390
        ->and($soda->massG)->toEqualWithDelta(4.583897, 1e-5)->and($soda->volumeMl)->toEqualWithDelta(TSP, 1e-9)
        // 10 / 0.93 = 10.7527 mL spooned
        ->and($sodaByWeight->massG)->toBe(10.0)->and($sodaByWeight->volumeMl)->toEqualWithDelta(10.75269, 1e-4)
        ->and($aspirin->massG)->toEqualWithDelta(0.65, 1e-12)->and($aspirin->volumeMl)->toBeNull()->and($aspirin->measure?->text)->toBe('2 tablets of 325 mg')
        ->and($garlic->massG)->toBe(15.0)->and($garlic->volumeMl)->toBeNull()->and($garlic->measure?->text)->toBe('3 cloves')
        // 10 / 0.918
        ->and($oil->volumeMl)->toEqualWithDelta(10.8932, 0.05)
        // salt has a pinch of its own: 0.36 g
        ->and($salt->massG)->toEqualWithDelta(0.36, 1e-9);
});

it('keeps "1:50" and "1 in 50" apart', function (): void {
    // 1:50 of 1000 mL base: 20 mL in 1020. 1 in 50 of the whole: V = 1000 / (1 − 0.02) = 1020.408, of it 20.408.
    $toBase = Cases::mix(Cases::body('1 L', [['plant-ferment', '1:50']]));
    $inWhole = Cases::mix(Cases::body('1 L', [['plant-ferment', '1 in 50']]));
    expect($toBase->lines[0]->volumeMl)->toEqualWithDelta(20.0, 1e-9)
        ->and(wv($toBase, 'plant-ferment'))->toEqualWithDelta(100 * 20 / 1020, 1e-9)
        ->and($inWhole->lines[0]->volumeMl)->toEqualWithDelta(20.40816, 1e-5)
        ->and(wv($inWhole, 'plant-ferment'))->toEqualWithDelta(2.0, 1e-9);
    // A solid: one gram to fifty millilitres, and it takes no room.
    $solid = Cases::mix(Cases::body('1 L', [['epsom-salt', '1:50'], ['epsom-salt', '1 in 50']]));
    expect($solid->lines[0]->massG)->toEqualWithDelta(20.0, 1e-9)->and($solid->lines[1]->massG)->toEqualWithDelta(20.0, 1e-9)
        ->and($solid->finalVolume->likely)->toBe(1000.0);
});

it('solves several shares of the whole together', function (): void {
    // "10 %" v/v of 70 % alcohol is 1/7 of the whole, "0.3 %" of 3 % peroxide is 1/10, 1 in 20 is 1/20, 1:10 is B/10,
    // and 30 mL more: V (1 − 0.142857 − 0.1 − 0.05) = 1000 · 1.1 + 30, so V = 1130 / 0.707143 = 1597.980.
    $mix = Cases::mix(Cases::body('1 L', [
        ['isopropyl-alcohol', '10 %', '70 %'], ['hydrogen-peroxide', '0.3 %', '3 %'], ['milk', '1 in 20'], ['plant-ferment', '1:10'], ['lemon-juice', '30 mL'],
    ]));
    expect($mix->finalVolume->likely)->toEqualWithDelta(1597.9798, 1e-3)
        ->and($mix->strengthOf('isopropanol')?->percentVv?->likely)->toEqualWithDelta(10.0, 1e-9)
        ->and(wv($mix, 'hydrogen-peroxide'))->toEqualWithDelta(0.3, 1e-9)
        ->and($mix->lines[3]->volumeMl)->toEqualWithDelta(100.0, 1e-9);
    $poured = $mix->baseMl + array_sum(array_map(fn ($line): float => $line->volumeMl ?? 0.0, $mix->lines));
    expect($poured)->toEqualWithDelta($mix->finalVolume->likely, 1e-6);
});

// Dilution to 2.5 L at 0.4 % w/v, from FACTS L: peroxide of 10, 20, 40 volumes.
it('aims for a final strength', function (string $strength, float $ml): void {
    $mix = Cases::mix(Cases::body('2.5 L', [['hydrogen-peroxide', '0.4 %', $strength]], 'final'));
    expect($mix->lines[0]->volumeMl)->toEqualWithDelta($ml, 0.005)->and(wv($mix, 'hydrogen-peroxide'))->toEqualWithDelta(0.4, 1e-9);
})->with([['10 volumes', 329.48], ['20 volumes', 164.74], ['40 volumes', 82.37]]);

it('aims in ppm, percent by mass and grams per litre alike', function (string $amount): void {
    $mix = Cases::mix(Cases::body('4 L', [['baking-soda', $amount]], 'final'));
    expect($mix->lines[0]->massG)->toEqualWithDelta(20.0, 1e-9)->and(wv($mix, 'sodium-bicarbonate'))->toEqualWithDelta(0.5, 1e-12);
})->with(['0.5 %', '5000 ppm', '5 g/L', '0.5 % w/v', '20 g']);

it('gives the same alcohol from another bottle', function (): void {
    // 150 mL of 70 % in 1 L is what 115.3846 mL of 91 % is.
    $weak = Cases::mix(Cases::body('1 L', [['isopropyl-alcohol', '150 mL', '70 %']], 'final'));
    $strong = Cases::mix(Cases::body('1 L', [['isopropyl-alcohol', '115.384615 mL', '91 %']], 'final'));
    expect(wv($strong, 'isopropanol'))->toEqualWithDelta(wv($weak, 'isopropanol'), 1e-6)
        ->and($strong->baseMl - $weak->baseMl)->toEqualWithDelta(34.6154, 1e-3);
});

it('counts a base that is not water', function (): void {
    // 5 L of 10 % vinegar and 5 mL of detergent: 500 g in 5005 mL = 9.99001 %.
    $mix = Cases::mix(Cases::body('5 L', [['dish-detergent', '5 mL']], 'added', 'weed', 'metric', 'white-vinegar', '10 %'));
    expect(wv($mix, 'acetic-acid'))->toEqualWithDelta(9.99001, 1e-5);
    // No ingredients at all: the base is the spray.
    $neat = Cases::mix(Cases::body('1 L', [], 'final', 'disinfect', 'us', 'hydrogen-peroxide', '3 %'));
    expect(wv($neat, 'hydrogen-peroxide'))->toEqualWithDelta(3.0, 1e-12)->and($neat->lines)->toBe([])->and($neat->baseMl)->toBe(1000.0);
});

it('pours an extract and counts the plant in it', function (): void {
    // 100 mL of 200 g/L garlic extract in 900 mL: 20 g in 1000 mL = 2 g per 100 mL.
    $mix = Cases::mix(Cases::body('900 mL', [['garlic', '100 mL', '200 g/L']]));
    expect($mix->finalVolume->likely)->toBe(1000.0)->and(wv($mix, 'garlic'))->toEqualWithDelta(2.0, 1e-12);
});

it('keeps lines that name the same thing apart, and adds up what they carry', function (): void {
    $mix = Cases::mix(Cases::body('1 L', [['liquid-castile-soap', '10 mL', '30 %'], ['potash-soap', '10 mL', '20 %'], ['liquid-castile-soap', '10 mL', '40 %']], 'final'));
    expect($mix->lines)->toHaveCount(3)->and($mix->strengths)->toHaveCount(1)->and(wv($mix, 'potassium-soap'))->toEqualWithDelta(0.9, 1e-12);
});

it('counts dry chilli as five times fresh only when it judges', function (): void {
    $mix = Cases::mix(Cases::body('1 L', [['chilli-powder', '5 g'], ['hot-pepper', '10 g']], 'final'));
    expect(wv($mix, 'capsicum'))->toEqualWithDelta(1.5, 1e-12)->and($mix->strengthOf('capsicum')?->percentFresh->likely)->toEqualWithDelta(3.5, 1e-12);
});

describe('uncertainty', function (): void {
    it('is none where all is stated exactly', function (): void {
        $mix = Cases::mix(Cases::body('1 L', [['liquid-castile-soap', '25 mL', '30 %'], ['baking-soda', '5 g']]));
        foreach ($mix->strengths as $strength) {
            expect($strength->percentWv->isExact())->toBeTrue();
        }
        expect($mix->finalVolume->isExact())->toBeTrue();
    });

    it('takes the worst case of a squeeze', function (): void {
        // 1, 4 or 12 mL of 20 % (8 to 40 %) in 1000 mL: low 1 · 0.08 / 1001, likely 4 · 0.2 / 1004, high 12 · 0.4 / 1012.
        $strength = Cases::mix(Cases::body('1 L', [['dish-detergent', 'a squeeze']]))->strengthOf('detergent')?->percentWv;
        expect($strength?->low)->toEqualWithDelta(100 * 0.08 / 1001, 1e-9)
            ->and($strength?->likely)->toEqualWithDelta(100 * 0.8 / 1004, 1e-9)
            ->and($strength?->high)->toEqualWithDelta(100 * 4.8 / 1012, 1e-9);
    });

    it('lets the doubt about one line reach the strength of another', function (): void {
        // A glug of oil is 10 to 45 mL: the soap is thinnest in the largest glug.
        $mix = Cases::mix(Cases::body('200 mL', [['liquid-castile-soap', '10 mL', '30 %'], ['vegetable-oil', 'a glug']]));
        $soap = $mix->strengthOf('potassium-soap')?->percentWv;
        expect($soap?->low)->toEqualWithDelta(100 * 3 / 255, 1e-9)->and($soap?->likely)->toEqualWithDelta(100 * 3 / 230, 1e-9)->and($soap?->high)->toEqualWithDelta(100 * 3 / 220, 1e-9)
            ->and($mix->finalVolume->toArray())->toEqual(['low' => 220.0, 'likely' => 230.0, 'high' => 255.0]);
    });

    it('finds the worst case of two rough lines of one substance among all corners', function (): void {
        // 5 mL at 40 % and a glug (10 to 45 mL) at 2 %, in 50 mL: more of the weak one thins the strong one.
        $mix = Cases::mix(Cases::body('50 mL', [['liquid-castile-soap', '3-7 mL', '40 %'], ['potash-soap', 'a glug', '2 %']]));
        $corners = [];
        foreach ([3, 7] as $strong) {
            foreach ([10, 45] as $weak) {
                $corners[] = 100 * ($strong * 0.4 + $weak * 0.02) / (50 + $strong + $weak);
            }
        }
        $soap = $mix->strengthOf('potassium-soap')?->percentWv;
        expect($soap?->low)->toEqualWithDelta(min($corners), 1e-9)->and($soap?->high)->toEqualWithDelta(max($corners), 1e-9);
    });

    it('carries how loosely a powder packs', function (): void {
        // 1 tsp of baking soda at 0.85, 0.93, 1.20 g/mL in 1 L
        $soda = Cases::mix(Cases::body('1 L', [['baking-soda', '1 tsp']]))->strengthOf('sodium-bicarbonate')?->percentWv;
        expect($soda?->low)->toEqualWithDelta(TSP * 0.085, 1e-9)->and($soda?->likely)->toEqualWithDelta(TSP * 0.093, 1e-9)->and($soda?->high)->toEqualWithDelta(TSP * 0.12, 1e-9);
    });

    it('uses smaller drops for soap, oil and alcohol', function (): void {
        // 10 drops of oil: 0.3 mL, 0.2 to 0.45
        expect(Cases::mix(Cases::body('1 L', [['neem-oil', '10 drops']]))->lines[0]->volumeMl)->toEqualWithDelta(0.3, 1e-12)
            ->and(Cases::mix(Cases::body('1 L', [['white-vinegar', '10 drops']]))->lines[0]->volumeMl)->toEqualWithDelta(0.5, 1e-12);
    });
});

describe('properties', function (): void {
    $bodies = [
        'added' => [Cases::body('1 quart', [['liquid-castile-soap', '2 tbsp'], ['isopropyl-alcohol', '1/4 cup', '91 %'], ['baking-soda', '1 tsp'], ['plant-ferment', '1:500']])],
        'final' => [Cases::body('3 L', [['milk', '15 %'], ['liquid-castile-soap', 'a squeeze'], ['garlic', '4 cloves'], ['neem-oil', '0.5 %']], 'final')],
        'drops' => [Cases::body('750 mL', [['tea-tree-oil', '3-5 drops'], ['dish-detergent', '1 in 200'], ['aspirin-tablet', '1 tablet']])],
    ];

    it('has the same strengths at any size', function (array $body): void {
        $small = Cases::mix($body);
        foreach ([50.0, 1700.0, 8000.0, 123456.0] as $ml) {
            $large = Cases::mix($body, $ml);
            expect($large->finalVolume->likely)->toEqualWithDelta($ml, 1e-6 * $ml);
            foreach ($small->strengths as $n => $strength) {
                expect($large->strengths[$n]->percentWv->likely)->toEqualWithDelta($strength->percentWv->likely, 1e-9 * $strength->percentWv->likely)
                    ->and($large->strengths[$n]->percentWv->high)->toEqualWithDelta($strength->percentWv->high, 1e-9 * $strength->percentWv->high);
            }
        }
    })->with($bodies);

    it('comes back when scaled there and back', function (array $body): void {
        $recipe = Cases::recipe($body);
        $k = Brick\Math\BigRational::of('17/3');
        $back = $recipe->scaledBy($k)->scaledBy($k->reciprocal());
        expect($back->toArray())->toBe($recipe->toArray())->and(Cases::recipe($recipe->toArray())->toArray())->toBe($recipe->toArray());
    })->with($bodies);

    it('pours no more and no less than the whole', function (array $body): void {
        $mix = Cases::mix($body, 2000.0);
        $poured = $mix->baseMl;
        foreach ($mix->lines as $line) {
            $poured += $line->line->isPoured() ? $line->volumeMl ?? 0.0 : 0.0;
        }
        expect($poured)->toEqualWithDelta(2000.0, 1e-6);
    })->with($bodies);

    it('has every gram it was given', function (array $body): void {
        $mix = Cases::mix($body, 2000.0);
        foreach ($mix->strengths as $strength) {
            $given = 0.0;
            foreach ($mix->lines as $line) {
                if ($line->line->ingredient->substance?->id === $strength->substance->id) {
                    $given += ($line->line->isPoured() ? $line->volumeMl : $line->massG) * $line->line->strength->grams->likely;
                }
            }
            expect($strength->percentWv->likely / 100 * 2000.0)->toEqualWithDelta($given, 1e-9 * max(1.0, $given));
        }
    })->with($bodies);

    it('keeps low, likely and high in order', function (array $body): void {
        foreach (Cases::mix($body)->strengths as $strength) {
            expect($strength->percentWv->low)->toBeLessThanOrEqual($strength->percentWv->likely)
                ->and($strength->percentWv->likely)->toBeLessThanOrEqual($strength->percentWv->high);
        }
    })->with($bodies);

    it('gets stronger with more of it, and no stronger with more water', function (): void {
        $last = 0.0;
        foreach (['5 mL', '10 mL', '20 mL', '80 mL', '1 L'] as $amount) {
            $now = wv(Cases::mix(Cases::body('1 L', [['liquid-castile-soap', $amount]])), 'potassium-soap');
            expect($now)->toBeGreaterThan($last);
            $last = $now;
        }
        expect(wv(Cases::mix(Cases::body('2 L', [['liquid-castile-soap', '1 L']])), 'potassium-soap'))->toBeLessThan($last);
    });
});

it('mixes in the right order', function (): void {
    $mix = Cases::mix(Cases::body('1 L', [['isopropyl-alcohol', '10 mL'], ['liquid-castile-soap', '10 mL'], ['vegetable-oil', '10 mL'], ['garlic', '2 cloves'], ['baking-soda', '5 g']]));
    // water, soda dissolved, garlic strained, soap before the oil it has to carry, oil, alcohol last
    expect(array_map(fn ($step) => $step->line, $mix->steps))->toBe([null, 4, 3, 1, 2, 0]);
    $withoutOil = Cases::mix(Cases::body('1 L', [['liquid-castile-soap', '10 mL'], ['milk', '10 mL'], ['aspirin-tablet', '1 tablet']]));
    expect(array_map(fn ($step) => $step->line, $withoutOil->steps))->toBe([null, 2, 1, 0]);
});
