<?php

declare(strict_types=1);

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Measure\Kitchen\Drops;
use Nebbia\Core\Measure\Tool\Calibration;
use Nebbia\Core\Measure\Tool\Kit;
use Nebbia\Core\Measure\Tool\MeasureFinder;
use Nebbia\Core\Measure\Tool\Measurement;
use Nebbia\Core\Measure\Tool\OwnMeasures;
use Nebbia\Core\Measure\Tool\StockFinder;
use Nebbia\Core\Measure\Tool\Tool;
use Nebbia\Core\Mixing\Measuring\MixMeasurer;
use Nebbia\Core\Tests\Cases;

/** @return list<Tool> */
function metricSpoons(): array
{
    return [
        Tool::spoon('tbsp', 'tablespoon', 15.0), Tool::spoon('tsp', 'teaspoon', 5.0), Tool::spoon('half', '½ teaspoon', 2.5), Tool::spoon('quarter', '¼ teaspoon', 1.25),
    ];
}

function saidOf(?Measurement $measurement): string
{
    return $measurement === null ? '' : Cases::english()->say($measurement->said());
}

it('takes the fewest scoops that come near enough', function (float $ml, string $said, float $amount): void {
    $found = (new MeasureFinder(Kit::of(metricSpoons())))->find($ml, null);
    expect(saidOf($found))->toBe($said)->and($found->amount ?? 0.0)->toEqualWithDelta($amount, 1e-9);
})->with([
    // Worked by trying all: 35 = 2 · 15 + 5; 19.6 within 5 % of 20 = 15 + 5; 7.5 = 5 + 2.5; 29 is 2 · 15 to 3.4 %.
    [35.0, '2 × tablespoon and 1 × teaspoon', 35.0],
    [19.6, '1 × tablespoon and 1 × teaspoon', 20.0],
    [7.5, '1 × teaspoon and 1 × ½ teaspoon', 7.5],
    [29.0, '2 × tablespoon', 30.0],
    [1.2, '1 × ¼ teaspoon', 1.25],
]);

it('is off by what it says, and no combination of as few scoops comes as near', function (): void {
    $finder = new MeasureFinder(Kit::of(metricSpoons()));
    for ($ml = 1.3; $ml < 60.0; $ml *= 1.137) {
        $found = $finder->find($ml, null);
        expect($found)->not->toBeNull();
        // The spoons named, counted again from the sentence.
        preg_match_all('/(\d+) × (tablespoon|½ teaspoon|¼ teaspoon|teaspoon)/u', saidOf($found), $m, PREG_SET_ORDER);
        $sum = array_sum(array_map(static fn (array $one): float => (int) $one[1] * ['tablespoon' => 15.0, 'teaspoon' => 5.0, '½ teaspoon' => 2.5, '¼ teaspoon' => 1.25][$one[2]], $m));
        $scoops = array_sum(array_column($m, 1));
        expect($found?->error())->toEqualWithDelta($sum / $ml - 1, 1e-9)->and($found?->effort)->toEqual($scoops);
        // By brute force over all counts up to as many scoops.
        $fewest = INF;
        for ($a = 0; $a <= 4; $a++) {
            for ($b = 0; $b <= 4; $b++) {
                for ($c = 0; $c <= 4; $c++) {
                    for ($d = 0; $d <= 4; $d++) {
                        if (($a + $b + $c + $d) > 0 && min($a, 1) + min($b, 1) + min($c, 1) + min($d, 1) <= 3 && abs(15 * $a + 5 * $b + 2.5 * $c + 1.25 * $d - $ml) <= 0.05 * $ml) {
                            $fewest = min($fewest, $a + $b + $c + $d);
                        }
                    }
                }
            }
        }
        expect($found?->isWithin(0.05))->toBe($fewest < INF, "$ml mL");
        if ($fewest < INF) {
            expect($found?->effort)->toEqual($fewest, "$ml mL");
        }
    }
});

it('weighs what spoons are too loose for, and what must not be spooned', function (): void {
    $kit = Kit::of([...metricSpoons(), Tool::scale('scale', 'kitchen scale', 5000.0, 1.0)]);
    $finder = new MeasureFinder($kit);
    // 40 g ± 0.5 is 1.25 %.
    $found = $finder->find(43.0, 40.0, null, 0.29);
    expect(saidOf($found))->toBe('40 g on the kitchen scale')->and($found?->worst())->toEqualWithDelta(0.0125, 1e-9);
    expect(saidOf($finder->find(10.0, 11.5, null, 0.0, true)))->toBe('12 g on the kitchen scale')
        ->and((new MeasureFinder(Kit::of(metricSpoons())))->find(10.0, 11.5, null, 0.0, true))->toBeNull();
});

it('reads a syringe to its marks, and fills it as often as it takes', function (): void {
    $finder = new MeasureFinder(Kit::of([Tool::graduated('syringe', 'syringe', 20.0, 0.5)]));
    // 45 = 2 · 20 + 5; three readings of ± 0.25 are 0.75 in 45.
    $found = $finder->find(45.0, null);
    expect(saidOf($found))->toBe('2 × a full syringe and 5 mL more')
        ->and($found?->error())->toEqualWithDelta(0.0, 1e-12)
        ->and($found?->worst())->toEqualWithDelta(0.75 / 45, 1e-9);
    // 3.3 is read as 3.5: 6.06 % over, ± 0.25.
    expect($finder->find(3.3, null)?->error())->toEqualWithDelta(0.2 / 3.3, 1e-9);
});

it('counts drops, as surely as drops are alike', function (): void {
    $finder = new MeasureFinder(Kit::of([Tool::dropper('dropper', 'dropper')]));
    $found = $finder->find(0.5, null, Interval::of(0.045, 0.05, 0.055));
    expect(saidOf($found))->toBe('10 drops from the dropper')->and($found?->worst())->toEqualWithDelta(0.1, 1e-9)
        ->and($finder->find(0.5, null))->toBeNull()
        ->and($finder->find(5.0, null, Interval::of(0.045, 0.05, 0.055)))->toBeNull();
});

it('thins a dose that is too small, and the spray gets what it should', function (float $dose): void {
    $kit = Kit::of([Tool::graduated('syringe', 'syringe', 10.0, 0.2), Tool::graduated('jug', 'jug', 500.0, 10.0), ...metricSpoons()]);
    $stock = (new StockFinder($kit))->find($dose, true);
    expect($stock)->not->toBeNull();
    // What is in the part that is used, by the marks read.
    $got = $stock->use->amount * $stock->take->amount / ($stock->take->amount + $stock->water->amount);
    expect($got)->toEqualWithDelta($dose, 0.05 * $dose)
        ->and($stock->amount)->toEqualWithDelta($got, 1e-9)
        ->and($stock->worst)->toBeLessThanOrEqual(0.05 * (1 + 1e-9))
        ->and($stock->worst)->toBeGreaterThanOrEqual(abs($got / $dose - 1) - 1e-12)
        // Nothing is lost: what is used and what stays over are what was made.
        ->and($stock->use->amount + $stock->leftOverMl())->toEqualWithDelta($stock->take->amount + $stock->water->amount, 1e-9)
        ->and($stock->waterInUseMl() + $got)->toEqualWithDelta($stock->use->amount, 1e-9);
})->with([0.3, 0.8, 1.1]);

it('says "10 mL into 90 mL, then 8 mL of that" for 0.8 mL where only such marks are there', function (): void {
    $kit = Kit::of([Tool::graduated('a', 'small jug', 10.0, 0.5), Tool::graduated('b', 'jug', 90.0, 5.0)], 0.12);
    $stock = (new StockFinder($kit))->find(0.8, true);
    // One part in ten, whatever the size of the stock: the part used is 8 mL.
    expect($stock?->use->amount)->toEqualWithDelta(8.0, 1e-9)->and($stock->stockMl / $stock->take->amount)->toEqualWithDelta(10.0, 1e-9);
});

it('dissolves no more than water holds', function (): void {
    $kit = Kit::of([Tool::scale('s', 'scale', 500.0, 0.1), Tool::graduated('jug', 'jug', 500.0, 5.0), Tool::graduated('syringe', 'syringe', 20.0, 0.5)]);
    // Baking soda: 9.6 g in 100 mL. A tenth stock would be 10 g in 100 mL: too much; 10 g in 200 mL will do, and 10 mL of it:
    // 0.5 % of the weight, 1.25 % of the water and 2.5 % of the part that is used come to 4.3 %.
    $stock = (new StockFinder($kit))->find(0.5, false, 9.6);
    expect($stock)->not->toBeNull()->and($stock->take->amount / $stock->water->amount)->toBeLessThanOrEqual(0.096);
});

it('measures a mix line by line, and leaves alone what does not mix with water', function (): void {
    $mix = Cases::mix(Cases::body('2 L', [['neem-oil', '0.4 mL'], ['liquid-castile-soap', '0.3 mL', '33 %'], ['garlic', '3 cloves'], ['lye', '1 g']], units: 'metric'));
    $kit = Kit::of([Tool::graduated('syringe', 'syringe', 10.0, 0.2), Tool::graduated('jug', 'jug', 500.0, 5.0)]);
    [$oil, $soap, $garlic, $lye] = (new MixMeasurer(Cases::get(Drops::class), $kit))->measure($mix);
    expect($oil->stock)->toBeNull()->and($oil->isNear)->toBeFalse()
        ->and($soap->stock)->not->toBeNull()->and($soap->isNear)->toBeTrue()
        ->and($garlic->direct)->toBeNull()->and($garlic->isNear)->toBeTrue()
        ->and($lye->direct)->toBeNull()->and($lye->isNear)->toBeFalse();
});

it('refuses tools that cannot be, naming the field', function (callable $make, string $field): void {
    expect(Cases::complaint($make)[0])->toBe($field);
})->with([
    [static fn () => Tool::spoon('x', 'x', 0.0), 'size'],
    [static fn () => Tool::graduated('x', 'x', 10.0, 10.0), 'step'],
    [static fn () => Tool::scale('x', 'x', 5000.0, -1.0), 'step'],
    [static fn () => Tool::spoon('x', 'x', 1e6), 'size'],
]);

it('calibrates a measure from so many of them', function (): void {
    // Twenty drops filled to 1.2 mL, read to 0.1: 0.06 each; ± 0.05 / 20 = 0.0025 is less than the tenth by which one differs from the next.
    $drop = Calibration::of('drop', 'dish-detergent', 20, [Cases::amount('1.2 mL')], 0.1);
    expect($drop->one->likely)->toEqualWithDelta(0.06, 1e-12)->and($drop->one->low)->toEqualWithDelta(0.054, 1e-12)->and($drop->one->high)->toEqualWithDelta(0.066, 1e-12);
    // Repeats that differ widen it: 10 and 20 for five are 2 and 4 each; half of the difference is 1, and half a step of 1 is 0.1.
    $squeeze = Calibration::of('squeeze', null, 5, [Cases::amount('10 mL'), Cases::amount('20 mL')], 1.0);
    expect($squeeze->one->likely)->toEqualWithDelta(3.0, 1e-12)->and($squeeze->one->high)->toEqualWithDelta(4.1, 1e-12);
});

it('takes one\'s own measure instead of the wide default, and only for what it was made with', function (): void {
    $own = OwnMeasures::of([Calibration::of('squeeze', 'dish-detergent', 5, [Cases::amount('10 mL')], 0.5), Calibration::of('handful', 'wood-ash', 1, [Cases::amount('60 g')], 1.0)]);
    $body = Cases::body('1 L', [['dish-detergent', 'a squeeze', '20 %'], ['wood-ash', 'a handful'], ['liquid-castile-soap', 'a squeeze', '33 %']]);
    $plain = Cases::mix($body);
    $mine = Cases::get(Nebbia\Core\Mixing\Mixer::class)->with($own)->mix(Cases::recipe($body));
    expect($mine->lines[0]->volumeMl)->toEqualWithDelta(2.0, 1e-9)->and($mine->lines[1]->massG)->toEqualWithDelta(60.0, 1e-9)->and($mine->lines[2]->volumeMl)->toEqualWithDelta(4.0, 1e-9);
    $width = static fn (Nebbia\Core\Mixing\Mix $mix): float => ($mix->strengthOf('detergent')->percentWv->high ?? 0.0) / ($mix->strengthOf('detergent')->percentWv->low ?? 1.0);
    expect($width($mine))->toBeLessThan(1.3)->and($width($plain))->toBeGreaterThan(10.0);
});

it('refuses a calibration that says nothing', function (callable $make, string $field): void {
    expect(Cases::complaint($make)[0])->toBe($field);
})->with([
    [static fn () => Calibration::of('drop', null, 0, [Cases::amount('1 mL')], 0.1), 'count'],
    [static fn () => Calibration::of('drop', null, 20, [], 0.1), 'totals'],
    [static fn () => Calibration::of('drop', null, 20, [Cases::amount('1 mL'), Cases::amount('1 g')], 0.1), 'totals'],
    [static fn () => Calibration::of('drop', null, 20, [Cases::amount('3 cloves')], 0.1), 'totals'],
]);

it('keeps drops as drops where they were written and there is a dropper', function (): void {
    $mix = Cases::mix(Cases::body('1 L', [['dish-detergent', '6 drops', '20 %']], units: 'metric'));
    $kit = Kit::of([Tool::dropper('d', 'dropper'), Tool::graduated('s', 'syringe', 5.0, 0.1), Tool::spoon('q', '¼ teaspoon', 1.25)]);
    [$line] = (new MixMeasurer(Cases::get(Drops::class), $kit))->measure($mix);
    expect($line->stock)->toBeNull()->and($line->isNear)->toBeTrue()->and($line->direct?->amount)->toEqualWithDelta($mix->lines[0]->volumeMl ?? 0.0, 0.05 * ($mix->lines[0]->volumeMl ?? 1.0));
});

it('offers no thinned stock where a spoon comes within a fifth', function (string $amount, bool $isThinned): void {
    $mix = Cases::mix(Cases::body('1 L', [['isopropyl-alcohol', $amount, '70 %']], units: 'metric'));
    $kit = Kit::of([Tool::spoon('t', 'teaspoon', 5.0), Tool::spoon('h', '½ teaspoon', 2.5), Tool::graduated('j', 'jug', 500.0, 50.0)]);
    expect((new MixMeasurer(Cases::get(Drops::class), $kit))->measure($mix)[0]->stock !== null)->toBe($isThinned);
})->with([['2.5 mL', false], ['2.2 mL', false], ['0.5 mL', true]]);

it('says large volumes in gallons and quarts, and small ones as they were', function (float $ml, string $said): void {
    expect(Nebbia\Core\Measure\PreciseWords::volume($ml, Nebbia\Core\Measure\UnitSystem::Us))->toBe($said);
})->with([[3785.411784, '1 gal'], [946.352946, '1 qt'], [1892.7, '2 qt'], [7570.8, '2 gal'], [500.0, '17 fl oz']]);
