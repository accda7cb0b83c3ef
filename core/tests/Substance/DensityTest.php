<?php

declare(strict_types=1);

use Nebbia\Core\Data\BrokenData;
use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Substance\Density;
use Nebbia\Core\Tests\Cases;

it('goes straight from one known point to the next', function (string $ingredient, float $percent, float $density): void {
    expect(Cases::ingredient($ingredient)->density?->at($percent)->likely)->toEqualWithDelta($density, 1e-6);
})->with([
    ['isopropyl-alcohol', 70.0, 0.877], ['isopropyl-alcohol', 91.0, 0.817],
    // half way from 70 to 91: (0.877 + 0.817) / 2
    ['isopropyl-alcohol', 80.5, 0.847],
    ['white-vinegar', 5.0, 1.0055], ['white-vinegar', 20.0, 1.0255],
    // 6 + 2/3 · … : from 5 (1.0055) to 10 (1.0125), at 8: 1.0055 + 0.6 · 0.007
    ['white-vinegar', 8.0, 1.0097],
    ['hydrogen-peroxide', 0.0, 0.9982],
    // beyond the last point it stays there
    ['white-vinegar', 60.0, 1.0255],
    ['baking-soda', 12.0, 0.93],
]);

it('is that of water for extracts', function (): void {
    expect(Density::ofWater()->at(20.0)->likely)->toBe(1.0);
});

it('keeps the range of a bulk density', function (): void {
    expect(Cases::ingredient('wood-ash')->density?->at(100.0)->toArray())->toBe(['low' => 0.25, 'likely' => 0.5, 'high' => 0.75]);
});

describe('a row of the data', function (): void {
    it('reads what is there, with types', function (): void {
        $row = Row::of(['id' => 'a', 'likely' => 2, 'low' => 1.5, 'names' => ['x', 5], 'flag' => true, 'at' => [[0, 1], [2, 3]], 'rows' => ['k' => ['v' => 'w']]], 'test');
        expect($row->string('id'))->toBe('a')->and($row->float('likely'))->toBe(2.0)->and($row->strings('names'))->toBe(['x', '5'])->and($row->bool('flag'))->toBeTrue()
            ->and($row->bool('missing'))->toBeFalse()->and($row->string('missing', 'd'))->toBe('d')->and($row->table('at'))->toBe([[0.0, 1.0], [2.0, 3.0]])
            ->and($row->rows('rows')['k']->string('v'))->toBe('w')->and($row->interval())->toEqual(Interval::of(1.5, 2.0, 2.0))->and($row->floats('none'))->toBe([]);
    });

    it('says where the fault is', function (callable $read): void {
        expect(fn () => $read(Row::of(['n' => 'text', 's' => 5, 'l' => 'no list', 't' => [['x']]], 'units.3')))->toThrow(BrokenData::class, 'units.3');
    })->with([
        [fn (Row $r) => $r->string('absent')], [fn (Row $r) => $r->string('s')], [fn (Row $r) => $r->float('n')], [fn (Row $r) => $r->strings('l')],
        [fn (Row $r) => $r->row('n')], [fn (Row $r) => $r->table('t')], [fn (Row $r) => $r->rows('l')],
    ]);
});

// FACTS.md, M6: grams of peroxide in 10 mL of the bottle are its density times its mass fraction; thinned to a litre.
it('knows strong peroxide by its own density', function (string $label, float $percent): void {
    $mix = Cases::mix(Cases::body('1 L', [['hydrogen-peroxide', '10 mL', $label]], 'final', units: 'metric'));
    expect($mix->strengthOf('hydrogen-peroxide')->percentWv->likely / $percent)->toEqualWithDelta(1.0, 0.005);
})->with([
    ['3 % w/w', 10 * 1.0095 * 0.03 / 10], ['12 % w/w', 10 * 1.042 * 0.12 / 10], ['27 % w/w', 10 * 1.098 * 0.27 / 10], ['30 % w/w', 10 * 1.111 * 0.30 / 10],
    ['35 % w/w', 10 * 1.131 * 0.35 / 10], ['50 % w/w', 10 * 1.195 * 0.50 / 10], ['70 % w/w', 10 * 1.289 * 0.70 / 10],
    // Halfway between two of the table.
    ['60 % w/w', 10 * (1.195 + 1.289) / 2 * 0.60 / 10],
]);
