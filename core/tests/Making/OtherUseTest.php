<?php

declare(strict_types=1);

use Nebbia\Core\Making\OtherUse\Disinfecting;
use Nebbia\Core\Making\OtherUse\DisinfectingMeans;
use Nebbia\Core\Making\OtherUse\Feeding;
use Nebbia\Core\Substance\Strength;
use Nebbia\Core\Substance\StrengthParser;
use Nebbia\Core\Tests\Cases;

/** @return list<DisinfectingMeans> */
function disinfect(string $ingredient, ?string $strength, float $ml): array
{
    $found = Cases::ingredient($ingredient);

    return Cases::get(Disinfecting::class)->from([[$found, $strength === null ? Strength::usual($found) : StrengthParser::parse($strength, $found)]], $ml);
}

it('thins a bottle to what disinfects', function (string $ingredient, string $strength, float $ml, float $bottle): void {
    $means = disinfect($ingredient, $strength, $ml)[0];
    expect($means->bottleMl)->toEqualWithDelta($bottle, 0.005 * $bottle)->and($means->bottleMl + $means->waterMl)->toEqualWithDelta($ml, 1e-6);
})->with([
    // 70 % by volume from 91 %
    ['isopropyl-alcohol', '91 %', 1000.0, 769.2],
    ['isopropyl-alcohol', '99 %', 500.0, 353.5],
    // 3 % from 12 %, and as it is
    ['hydrogen-peroxide', '12 %', 1000.0, 250.0],
    ['hydrogen-peroxide', '3 %', 400.0, 400.0],
    // 0.5 % from 5 %
    ['bleach', '5 %', 2000.0, 200.0],
]);

it('says where a bottle is too weak, and takes none of it', function (): void {
    $means = disinfect('isopropyl-alcohol', '50 %', 1000.0)[0];
    expect($means->bottleMl)->toBeNull()->and($means->waterMl)->toBeNull()->and($means->aim)->toBeGreaterThan(50.0);
});

it('takes nothing that does not disinfect', function (string $ingredient): void {
    expect(disinfect($ingredient, null, 1000.0))->toBe([]);
})->with(['white-vinegar', 'liquid-castile-soap', 'baking-soda', 'methylated-spirit']);

it('never lets a mix be weaker than it aims at', function (): void {
    for ($percent = 70; $percent <= 99; $percent++) {
        $means = disinfect('isopropyl-alcohol', "$percent %", 1000.0)[0];
        expect($means->bottleMl * $percent / 1000.0)->toBeGreaterThanOrEqual(69.99);
    }
});

it('feeds one part to so many', function (float $ratio, float $ml, float $feed): void {
    [$part, $water] = Feeding::by($ratio, $ml);
    expect($part)->toEqualWithDelta($feed, 1e-9)->and($part + $water)->toEqualWithDelta($ml, 1e-9)->and($water / $part)->toEqualWithDelta($ratio, 1e-9);
})->with([[10.0, 11000.0, 1000.0], [1.0, 500.0, 250.0], [500.0, 5010.0, 10.0]]);
