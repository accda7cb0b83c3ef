<?php

declare(strict_types=1);

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Judgement\Tolerance\Burdens;
use Nebbia\Core\Tests\Cases;

/** @return array<string, float> substance => part of what is borne with ease */
function sharesOf(array $lines, string $plant = 'tomato'): array
{
    $judged = Cases::judged(Cases::body('1 L', $lines, 'final', units: 'metric'), $plant);

    return Cases::get(Burdens::class)->of($judged->situation)->shares ?? [];
}

// 84.007 g of bicarbonate take 60.052 g of acetic acid: 0.3 g of acid 0.42 g of it. An ordinary leaf minds bicarbonate from 0.75 %, acid from 0.2 %, neem from 1 %.
it('counts nothing into the burden that has reacted away', function (string $soda, string $acid, float $sodaLeft, float $acidLeft): void {
    $shares = sharesOf([['baking-soda', $soda], ['white-vinegar', $acid, '5 %'], ['neem-oil', '0.5 % v/v']]);
    expect($shares['neem-oil'])->toEqualWithDelta(0.5, 0.005)
        ->and($shares['sodium-bicarbonate'] ?? 0.0)->toEqualWithDelta($sodaLeft / 0.75, 0.01)
        ->and($shares['acetic-acid'] ?? 0.0)->toEqualWithDelta($acidLeft / 0.2, 0.02);
})->with([
    'acid in excess' => ['0.3 %', '0.5 %', 0.0, 0.5 - 0.3 * 60.052 / 84.007],
    'soda in excess' => ['0.7 %', '0.2 %', 0.7 - 0.2 * 84.007 / 60.052, 0.0],
    'as much of both' => ['0.42 %', '0.3002 %', 0.0, 0.0],
]);

it('tells nobody to raise what has reacted away', function (): void {
    $judged = Cases::judged(Cases::body('1 L', [['baking-soda', '0.5 %'], ['white-vinegar', '0.36 %', '5 %'], ['neem-oil', '0.5 % v/v']], 'final'), 'broad-bean');
    $said = implode(' ', array_map(static fn (Finding $one): string => $one->rule === 'effect' ? Cases::say($one) : '', $judged->findings));
    expect($said)->not->toContain('too weak')->not->toContain('Raise');
});

it('names what makes it caustic', function (array $lines, string $names): void {
    $judged = Cases::judged(Cases::body('1 L', $lines, 'final'), 'broad-bean');
    $ph = array_values(array_filter($judged->findings, static fn (Finding $one): bool => $one->what->key === 'ph.caustic.what'));
    expect(Cases::say($ph[0]))->toContain("Leave out the $names.")->not->toContain('lye, washing soda or ash');
})->with([
    'washing soda' => [[['washing-soda', '1 %']], 'washing soda (sodium carbonate)'],
    'lye' => [[['lye', '0.1 %']], 'sodium hydroxide (lye)'],
    'both' => [[['lye', '0.1 %'], ['washing-soda', '1 %']], 'sodium hydroxide (lye), washing soda (sodium carbonate)'],
]);
