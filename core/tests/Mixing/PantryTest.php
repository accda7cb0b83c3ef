<?php

declare(strict_types=1);

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Instructions\Label\BottleLabels;
use Nebbia\Core\Mixing\Keeping\KeepingTimes;
use Nebbia\Core\Mixing\Pantry\Cupboard;
use Nebbia\Core\Mixing\Pantry\Product;
use Nebbia\Core\Mixing\Pantry\ShelfKeeper;
use Nebbia\Core\Mixing\Pantry\Shopping;
use Nebbia\Core\Substance\Strength;
use Nebbia\Core\Substance\StrengthParser;
use Nebbia\Core\Tests\Cases;

/** @param  array<string, mixed>  $more */
function bottle(string $id, string $ingredient, ?string $strength, ?float $size = null, ?float $left = null, ?float $price = null, array $more = []): Product
{
    $what = Cases::ingredient($ingredient);

    return Product::of($id, ucfirst($id), $what, $strength === null ? Strength::usual($what) : StrengthParser::parse($strength, $what), $strength, $size, $left, $price, ...$more);
}

it('takes from the bottle as much as holds what acts, and costs it', function (): void {
    $mix = Cases::mix(Cases::body('1 L', [['hydrogen-peroxide', '100 mL', '3 %'], ['liquid-castile-soap', '10 mL', '33 %']], units: 'metric'));
    $cupboard = new Cupboard([bottle('weak', 'hydrogen-peroxide', '3 %', 200.0, 0.0, 2.0), bottle('strong', 'hydrogen-peroxide', '12 %', 500.0, 400.0, 8.0), bottle('soap', 'liquid-castile-soap', '33 %', 1000.0, 600.0, 12.0)]);
    [$peroxide, $soap] = $cupboard->draws($mix);
    // The weak bottle is empty; of the strong one a quarter is enough: 25 mL of 500 at 8.00 is 0.40.
    expect($peroxide->product?->id)->toBe('strong')->and($peroxide->taken)->toEqualWithDelta(25.0, 1e-9)->and($peroxide->cost)->toEqualWithDelta(0.4, 1e-9)
        ->and($soap->taken)->toEqualWithDelta(10.0, 1e-9)->and($soap->cost)->toEqualWithDelta(0.12, 1e-9);
    expect($cupboard->draws($mix, [0 => 'weak'])[0]->product?->id)->toBe('weak');
});

it('tells things of one\'s own by their names', function (): void {
    $own = static fn (string $id, string $name): Product => Product::of($id, $name, Cases::ingredient('other'), Strength::usual(Cases::ingredient('other')), null, 500.0, 300.0, 5.0);
    $cupboard = new Cupboard([$own('a', 'Moonshine'), $own('b', 'Rue water')]);
    $body = Cases::body('1 L', [], units: 'metric');
    $body['ingredients'] = [['ingredient' => 'other', 'name' => 'rue  water', 'amount' => '50 mL'], ['ingredient' => 'other', 'name' => 'birch sap', 'amount' => '20 mL']];
    [$rue, $birch] = $cupboard->draws(Cases::mix($body));
    // 50 of 500 mL at 5.00 are 0.50; of birch sap there is none, whatever else is unknown.
    expect([$rue->product?->id, $rue->taken, $birch->product])->toBe(['b', 50.0, null])->and($rue->cost)->toEqualWithDelta(0.5, 1e-9);
    $wants = Shopping::list([[[$rue, $birch], 2]], $cupboard);
    expect(array_map(static fn ($want) => [$want->name, $want->missing], $wants))->toBe([['birch sap', 40.0], ['Rue water', 0.0]]);
});

it('counts the base where it is bought', function (): void {
    $mix = Cases::mix(Cases::body('5 L', [], liquid: 'white-vinegar', liquidStrength: '10 %', use: 'weed', units: 'metric'));
    [$base] = (new Cupboard([bottle('vinegar', 'white-vinegar', '10 %', 1000.0, 1000.0, 1.5)]))->draws($mix);
    expect($base->line)->toBeNull()->and($base->cost)->toEqualWithDelta(7.5, 1e-9);
});

it('lists what has to be bought for all rounds', function (): void {
    $cupboard = new Cupboard([bottle('soap', 'liquid-castile-soap', '33 %', 500.0, 90.0, 6.0), bottle('more', 'liquid-castile-soap', '33 %', 500.0, 10.0, 6.0)]);
    $mix = Cases::mix(Cases::body('1 L', [['liquid-castile-soap', '30 mL', '33 %'], ['neem-oil', '5 mL']], units: 'metric'));
    [$neem, $soap] = Shopping::list([[$cupboard->draws($mix), 3], [$cupboard->draws($mix), 18]], $cupboard);
    // 21 rounds of 30 mL are 630; 100 are there; 530 missing are two bottles of 500 at 6.00.
    expect($soap->needed)->toEqualWithDelta(630.0, 1e-9)->and($soap->have)->toEqualWithDelta(100.0, 1e-9)->and($soap->missing)->toEqualWithDelta(530.0, 1e-9)
        ->and($soap->bottles)->toBe(2)->and($soap->cost)->toEqualWithDelta(12.0, 1e-9)
        ->and($neem->missing)->toEqualWithDelta(105.0, 1e-9)->and($neem->bottles)->toBeNull()->and($neem->product)->toBeNull();
    $full = new Cupboard([bottle('soap', 'liquid-castile-soap', '33 %', 500.0, 500.0, 6.0)]);
    expect(Shopping::list([[$full->draws(Cases::mix(Cases::body('1 L', [['liquid-castile-soap', '30 mL', '33 %']], units: 'metric'))), 2]], $full)[0]->missing)->toEqual(0.0);
});

it('warns of old peroxide, open vinegar, soap without a strength, what is past its date or nearly gone', function (Product $product, array $said): void {
    $findings = Cases::get(ShelfKeeper::class)->look($product, new DateTimeImmutable('2026-06-01'));
    $catalogue = Cases::english();
    expect(array_map(static fn (Finding $finding): string => $catalogue->say($finding->what), $findings))->toBe($said);
})->with([
    [bottle('peroxide', 'hydrogen-peroxide', '3 %', 500.0, 400.0, null, [null, new DateTimeImmutable('2025-06-01')]), ['Peroxide has been open for 365 days: it may be weaker than its label.']],
    [bottle('peroxide', 'hydrogen-peroxide', '3 %', 500.0, 400.0, null, [null, new DateTimeImmutable('2026-05-01')]), []],
    [bottle('vinegar', 'white-vinegar', '5 %', 500.0, 400.0, null, [null, new DateTimeImmutable('2025-05-01')]), ['Vinegar has been open for 396 days.']],
    [bottle('soap', 'liquid-castile-soap', null, 500.0, 400.0), ['How strong is Soap? It is taken as usual.']],
    [bottle('neem', 'neem-oil', null, 100.0, 10.0, null, [null, null, new DateTimeImmutable('2026-05-30')]), ['Neem is past its date by 2 days.', 'Neem is nearly empty.']],
    [bottle('neem', 'neem-oil', null, 100.0, 0.0), ['Neem is empty.']],
]);

it('counts days by the calendar, whatever hour it is where the garden lies', function (): void {
    $milk = bottle('milk', 'milk', null, 1000.0, 400.0, null, [null, new DateTimeImmutable('2026-05-26T00:00:00Z'), new DateTimeImmutable('2026-05-31T00:00:00Z')]);
    foreach (['2026-06-01T00:00:00+02:00', '2026-06-01T23:59:00+02:00', '2026-06-01T12:00:00Z'] as $now) {
        $catalogue = Cases::english();
        expect(array_map(static fn (Finding $finding): string => $catalogue->say($finding->what), Cases::get(ShelfKeeper::class)->look($milk, new DateTimeImmutable($now))))
            ->toBe(['Milk is past its date by one day.', 'Milk has been open for 6 days.']);
    }
});

it('refuses a bottle that cannot be', function (callable $make, string $field): void {
    expect(Cases::complaint($make)[0])->toBe($field);
})->with([
    [static fn () => bottle('x', 'neem-oil', null, 0.0), 'size'],
    [static fn () => bottle('x', 'neem-oil', null, 10.0, -1.0), 'left'],
    [static fn () => bottle('x', 'neem-oil', null, 10.0, 1.0, -1.0), 'price'],
    [static fn () => bottle('x', 'neem-oil', null, 10.0, 1.0, 1.0, [9.0]), 'density'],
]);

it('keeps as long as the most perishable thing in it', function (array $lines, ?float $hours): void {
    expect(Cases::get(KeepingTimes::class)->of(Cases::mix(Cases::body('1 L', $lines)))?->hours->likely)->toBe($hours);
})->with([
    [[['liquid-castile-soap', '20 mL', '33 %']], 504.0],
    [[['liquid-castile-soap', '20 mL', '33 %'], ['hydrogen-peroxide', '100 mL', '3 %']], 24.0],
    [[['milk', '100 mL'], ['baking-soda', '5 g']], 8.0],
    [[['garlic', '3 cloves']], 48.0],
    [[['epsom-salt', '20 g']], null],
]);

it('puts on the label what is in the bottle, until when, and what to beware of', function (): void {
    $say = Cases::english()->say(...);
    $label = Cases::get(BottleLabels::class)->of(Cases::mix(Cases::body('1 L', [['hydrogen-peroxide', '100 mL', '3 %'], ['isopropyl-alcohol', '500 mL', '70 %']], units: 'metric')), new DateTimeImmutable('2026-05-02T19:30:00+02:00'));
    // 300 mL·% in 1600 mL is 0.1875 %; 350 mL in 1600 is 21.875 % by volume.
    expect(array_map($say, $label->contents))->toBe(['hydrogen peroxide 0.19 %', 'isopropanol 22 % by volume'])
        ->and($label->useBy?->format(DATE_ATOM))->toBe('2026-05-03T19:30:00+02:00')
        ->and(implode(' ', array_map($say, $label->cautions)))->toContain('Flammable')->toContain('children');
});
