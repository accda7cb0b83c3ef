<?php

declare(strict_types=1);

use Brick\Math\BigRational;
use Nebbia\Core\Data\Interval;
use Nebbia\Core\Measure\Amount;
use Nebbia\Core\Measure\AmountException;
use Nebbia\Core\Measure\Kitchen\KitchenMeasure;
use Nebbia\Core\Measure\Unit;
use Nebbia\Core\Measure\UnitKind;
use Nebbia\Core\Measure\Units;
use Nebbia\Core\Tests\Cases;

it('multiplies, adds and divides at its ends', function (): void {
    $a = Interval::of(1.0, 2.0, 4.0);
    $b = Interval::of(2.0, 4.0, 5.0);
    expect($a->times($b)->toArray())->toBe(['low' => 2.0, 'likely' => 8.0, 'high' => 20.0])
        ->and($a->plus($b)->toArray())->toBe(['low' => 3.0, 'likely' => 6.0, 'high' => 9.0])
        // the least over the most, and the most over the least
        ->and($a->dividedBy($b)->toArray())->toBe(['low' => 0.2, 'likely' => 0.5, 'high' => 2.0])
        ->and($a->times(3.0)->toArray())->toBe(['low' => 3.0, 'likely' => 6.0, 'high' => 12.0])
        ->and($a->dividedBy(2.0)->toArray())->toBe(['low' => 0.5, 'likely' => 1.0, 'high' => 2.0])
        ->and($a->isExact())->toBeFalse()->and(Interval::zero()->isExact())->toBeTrue();
});

it('holds every product of what lies in its factors', function (): void {
    $a = Interval::of(0.2, 0.5, 3.0);
    $b = Interval::of(1.5, 2.0, 9.0);
    foreach ([0.2, 0.9, 3.0] as $x) {
        foreach ([1.5, 4.0, 9.0] as $y) {
            expect($x * $y)->toBeGreaterThanOrEqual($a->times($b)->low - 1e-12)->and($x * $y)->toBeLessThanOrEqual($a->times($b)->high + 1e-12)
                ->and($x / $y)->toBeGreaterThanOrEqual($a->dividedBy($b)->low - 1e-12)->and($x / $y)->toBeLessThanOrEqual($a->dividedBy($b)->high + 1e-12);
        }
    }
});

it('adds amounts of one kind exactly, in their unit or in millilitres', function (): void {
    $same = Cases::amount('1 1/3 tsp')->plus(Cases::amount('2/3 tsp'));
    expect($same->likely->isEqualTo(2))->toBeTrue()->and($same->unit->id)->toBe('us-tsp');
    $mixed = Cases::amount('1 cup')->plus(Cases::amount('3-5 mL'));
    expect($mixed->unit->id)->toBe('ml')->and($mixed->inBase()->low)->toEqualWithDelta(239.5882365, 1e-9)->and($mixed->inBase()->high)->toEqualWithDelta(241.5882365, 1e-9);
});

it('adds no unlike things, and nothing that is only guessed', function (string $other): void {
    Cases::amount('1 cup')->plus(Cases::amount($other));
})->with(['1 clove', '10 g', 'a squeeze', 'a few drops', '1:50'])->throws(AmountException::class);

it('cannot be nothing, backwards or beyond all gardens', function (int $low, int $likely, int $high): void {
    Amount::between(BigRational::of($low), BigRational::of($likely), BigRational::of($high), Unit::plain(UnitKind::Volume));
})->with([[0, 1, 2], [-1, 1, 2], [3, 2, 4], [1, 4, 3], [1, 2, 1_000_000_001]])->throws(AmountException::class);

it('counts pieces in quarters, and tablets in halves', function (float $number, string $unit, string $text, float $error): void {
    $piece = $unit === 'tablet' ? Unit::tabletOf(BigRational::of('0.325')) : Cases::get(Units::class)->get($unit);
    $measure = KitchenMeasure::pieces($number, $piece);
    expect($measure->text)->toBe($text)->and($measure->errorPercent)->toEqualWithDelta($error, 0.01);
})->with([
    [3.0, 'clove', '3 cloves', 0.0],
    // 10.25 / 10.2 − 1
    [10.2, 'clove', '10 1/4 cloves', 0.49],
    [0.9, 'head', '1 head', 11.11],
    [0.05, 'clove', '1/4 clove', 400.0],
    [1.7, 'tablet', '1 1/2 tablets of 325 mg', -11.76],
    [1.0, 'tablet', '1 tablet of 325 mg', 0.0],
]);
