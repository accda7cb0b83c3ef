<?php

declare(strict_types=1);

use Nebbia\Core\Making\StockNeed;
use Nebbia\Core\Making\StockPlan;
use Nebbia\Core\Shelf\KeepingPlace;
use Nebbia\Core\Shelf\Kind;
use Nebbia\Core\Shelf\Kinds;
use Nebbia\Core\Shelf\OnShelf;
use Nebbia\Core\Shelf\State;
use Nebbia\Core\Tests\Cases;

function onMay(string $text): DateTimeImmutable
{
    return new DateTimeImmutable("2026-05-$text:00+00:00");
}

function kindOf(string $id): Kind
{
    return Cases::get(Kinds::class)->get($id);
}

function jarOf(string $kind, float $ml, ?string $useBy, State $state = State::Ready, ?string $readyAt = null, string $id = 'jar'): OnShelf
{
    $kind = kindOf($kind);

    return OnShelf::of($id, "jar $id", $kind, Cases::ingredient($kind->makes), [], $state, $readyAt === null ? null : onMay($readyAt), $useBy === null ? null : onMay($useBy), $ml);
}

it('starts a steep as long before the round as it takes, with enough even if the cloth keeps much', function (): void {
    // 300 mL of garlic extract on the 10th at 18:00: twelve hours before; the cloth gives back 75 % at least, so 400 mL of water and 40 g of garlic.
    $plan = StockPlan::of(kindOf('garlic-extract'), [new StockNeed(onMay('10T18:00'), 300.0)], [], onMay('01T08:00'));
    expect($plan->batches)->toHaveCount(1)
        ->and($plan->batches[0]->startAt)->toEqual(onMay('10T06:00'))
        ->and($plan->batches[0]->liquidMl)->toEqualWithDelta(400.0, 1e-9)
        ->and($plan->batches[0]->raw['garlic'])->toEqualWithDelta(40.0, 1e-9)
        ->and($plan->batches[0]->yield->likely)->toEqualWithDelta(340.0, 1e-9)
        ->and($plan->batches[0]->isLate)->toBeFalse();
});

it('makes several smaller ones where it does not keep for the whole course', function (): void {
    // Garlic keeps 48 h in the cold: rounds on the 10th and 11th share one, those of the 14th and 18th want their own.
    $needs = array_map(static fn (string $day): StockNeed => new StockNeed(onMay("{$day}T18:00"), 200.0), ['18', '10', '14', '11']);
    $plan = StockPlan::of(kindOf('garlic-extract'), $needs, [], onMay('01T08:00'));
    expect(array_map(static fn ($batch): string => $batch->readyAt->format('j'), $plan->batches))->toBe(['10', '14', '18'])
        ->and(array_map(static fn ($batch): float => $batch->wantedMl, $plan->batches))->toBe([400.0, 200.0, 200.0]);
    // Frozen it keeps for months: one is enough.
    expect(StockPlan::of(kindOf('garlic-extract'), $needs, [], onMay('01T08:00'), KeepingPlace::Frozen)->batches)->toHaveCount(1);
});

it('takes what is left over first, what goes off first before the rest, and nothing that is gone off by then', function (): void {
    $needs = [new StockNeed(onMay('10T18:00'), 200.0), new StockNeed(onMay('20T18:00'), 200.0)];
    $jars = [jarOf('garlic-extract', 150.0, '30T00:00', id: 'late'), jarOf('garlic-extract', 120.0, '11T00:00', id: 'soon'), jarOf('garlic-extract', 900.0, '09T00:00', State::GoneOff, id: 'off')];
    $plan = StockPlan::of(kindOf('garlic-extract'), $needs, $jars, onMay('01T08:00'));
    // 120 of what goes off on the 11th and 80 of the other on the 10th; 70 are left for the 20th, and 130 are to be made.
    expect(array_map(static fn (array $one): array => [$one[0]->id, $one[1]], $plan->fromShelf))->toBe([['soon', 120.0], ['late', 80.0], ['late', 70.0]])
        ->and($plan->batches)->toHaveCount(1)
        ->and($plan->batches[0]->wantedMl)->toEqualWithDelta(130.0, 1e-9);
});

it('counts on what is still steeping only if it is ready by then, and never on an untested soap', function (): void {
    $need = [new StockNeed(onMay('10T18:00'), 100.0)];
    expect(StockPlan::of(kindOf('garlic-extract'), $need, [jarOf('garlic-extract', 500.0, null, State::Steeping, '10T12:00')], onMay('10T00:00'))->batches)->toBe([])
        ->and(StockPlan::of(kindOf('garlic-extract'), $need, [jarOf('garlic-extract', 500.0, null, State::Steeping, '11T12:00')], onMay('10T00:00'))->batches)->toHaveCount(1)
        ->and(StockPlan::of(kindOf('potash-soap'), $need, [jarOf('potash-soap', 500.0, null, State::Untested)], onMay('10T00:00'))->batches)->toHaveCount(1);
});

it('counts on what steeps from when it may be strained, for as long as it keeps after that', function (string $readyAt, int $batches): void {
    // Garlic: half an hour at the least, twelve hours as usual, then 48 h in the cold.
    $plan = StockPlan::of(kindOf('garlic-extract'), [new StockNeed(onMay('10T18:00'), 100.0)], [jarOf('garlic-extract', 500.0, null, State::Steeping, $readyAt)], onMay('08T12:00'));
    expect($plan->batches)->toHaveCount($batches);
})->with([
    'usually two hours late, but it may be strained' => ['10T20:00', 0],
    'begun twenty minutes before' => ['11T05:40', 1],
    'ready two days before and a bit' => ['08T18:30', 0],
    'gone off by then' => ['08T17:30', 1],
]);

it('says where it is too late to start', function (): void {
    // A nettle ferment takes twelve days.
    $plan = StockPlan::of(kindOf('nettle-ferment'), [new StockNeed(onMay('10T18:00'), 850.0)], [], onMay('05T08:00'));
    expect($plan->batches[0]->startAt)->toEqual(new DateTimeImmutable('2026-04-28T18:00:00+00:00'))
        ->and($plan->batches[0]->isLate)->toBeTrue();
});

it('leaves room for liquids that go in beside the main one, and mixes parts by their ratio', function (): void {
    // A litre of oil and 200 mL of soap make 1200 mL: for 600 mL, 500 and 100.
    $stock = StockPlan::of(kindOf('oil-soap-stock'), [new StockNeed(onMay('10T18:00'), 600.0)], [], onMay('05T08:00'))->batches[0];
    expect($stock->liquidMl)->toEqualWithDelta(500.0, 1e-9)->and($stock->raw['liquid-castile-soap'])->toEqualWithDelta(100.0, 1e-9);
    $blend = StockPlan::of(kindOf('tincture-blend'), [new StockNeed(onMay('10T18:00'), 90.0)], [], onMay('05T08:00'))->batches[0];
    expect($blend->raw['herbal-tincture'])->toEqualWithDelta(90.0, 1e-9)->and($blend->liquidMl)->toBe(0.0);
});

it('never has too little, whatever the cloth keeps', function (string $id): void {
    foreach ([50.0, 333.0, 12000.0] as $ml) {
        $batch = StockPlan::of(kindOf($id), [new StockNeed(onMay('10T18:00'), $ml)], [], onMay('01T08:00'))->batches[0];
        expect($batch->yield->low)->toBeGreaterThanOrEqual($ml - 1e-6);
    }
})->with(['garlic-extract', 'garlic-pepper-extract', 'horsetail-decoction', 'ash-water', 'nettle-ferment', 'starch-water', 'tincture', 'oil-soap-stock']);
