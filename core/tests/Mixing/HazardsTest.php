<?php

declare(strict_types=1);

use Nebbia\Core\Mixing\Hazard\Hazard;
use Nebbia\Core\Mixing\Hazard\Hazards;
use Nebbia\Core\Substance\StrengthParser;
use Nebbia\Core\Tests\Cases;

/** @return list<string> ids of what a bottle of that strength does */
function dangersOf(string $ingredient, string $strength): array
{
    $what = Cases::ingredient($ingredient);

    return array_values(array_map(
        static fn (Hazard $hazard): string => $hazard->id, Cases::get(Hazards::class)->ofBottle($what, StrengthParser::parse($strength, $what)),
    ));
}

// The limits of European classification for each class, just under and at them.
it('knows what a bottle does from which strength on', function (string $ingredient, string $strength, array $dangers): void {
    expect(dangersOf($ingredient, $strength))->toBe($dangers);
})->with([
    ['hydrogen-peroxide', '3 %', []],
    ['hydrogen-peroxide', '4.9 %', []],
    ['hydrogen-peroxide', '5 %', ['peroxide-irritant']],
    ['hydrogen-peroxide', '7.9 %', ['peroxide-irritant']],
    ['hydrogen-peroxide', '8 %', ['peroxide-eyes']],
    // 40 volumes are 12.14 %.
    ['hydrogen-peroxide', '40 volumes', ['peroxide-eyes']],
    ['hydrogen-peroxide', '35 %', ['peroxide-skin']],
    ['white-vinegar', '6 %', []],
    ['white-vinegar', '10 %', ['acid-irritant']],
    ['white-vinegar', '20 %', ['acid-eyes']],
    ['white-vinegar', '25 %', ['acid-corrosive']],
    ['isopropyl-alcohol', '19 %', []],
    ['isopropyl-alcohol', '70 %', ['alcohol-flammable']],
    // 140 proof is 70 % by volume.
    ['ethyl-alcohol', '140 proof', ['alcohol-flammable']],
    ['lye', '98 %', ['alkali-corrosive']],
    ['caustic-potash', '90 %', ['alkali-corrosive']],
    ['bleach', '2.5 %', ['bleach']],
    ['pepper-sauce', '20 %', ['pepper-eyes']],
    ['liquid-castile-soap', '33 %', []],
    ['milk', '100 %', []],
]);

it('judges a finished spray by what is left of the bottle', function (): void {
    $hazards = Cases::get(Hazards::class);
    $ids = static fn (array $body): array => array_values(array_map(static fn (Hazard $hazard): string => $hazard->id, $hazards->ofMix(Cases::mix($body))));
    // 25 mL of 12 % in 1025 mL are 0.29 %; 400 mL of 70 % alcohol in 1400 mL are 20 %.
    expect($ids(Cases::body('1 L', [['hydrogen-peroxide', '25 mL', '12 %']], units: 'metric')))->toBe([])
        ->and($ids(Cases::body('1 L', [['isopropyl-alcohol', '400 mL', '70 %']], units: 'metric')))->toBe(['alcohol-flammable'])
        ->and($ids(Cases::body('1 L', [['isopropyl-alcohol', '390 mL', '70 %']], units: 'metric')))->toBe([])
        ->and($ids(Cases::body('1 L', [['garlic', '3 cloves'], ['lye', '25 g']], units: 'metric')))->toBe(['pepper-eyes', 'alkali-corrosive']);
});

it('has a sentence and something to do for each', function (): void {
    $catalogue = Cases::english();
    foreach (Cases::table('hazards')->rows() as $row) {
        $hazard = Hazard::fromRow($row);
        expect($catalogue->say($hazard->said()))->not->toBe('')->and($hazard->gear)->not->toBe([]);
        foreach ($hazard->gear as $gear) {
            expect($catalogue->has("gear.$gear"))->toBeTrue($gear);
        }
    }
});
