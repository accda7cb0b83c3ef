<?php

declare(strict_types=1);

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Mixing\Substitution\Substitutor;
use Nebbia\Core\Mixing\Substitution\Swap;
use Nebbia\Core\Substance\StrengthParser;
use Nebbia\Core\Tests\Cases;

it('recomputes to the same active strength', function (array $body, ?int $line, string $with, string $strength, float $ml, float $base): void {
    $swap = swapped($body, $line, $with, $strength);
    $mix = mixOf($swap);
    expect($line === null ? $mix->baseMl : $mix->lines[$line]->volumeMl)->toEqualWithDelta($line === null ? $base : $ml, 1e-4 * ($line === null ? $base : $ml));
    if ($line !== null) {
        expect($mix->baseMl)->toEqualWithDelta($base, 1e-4 * $base);
    }
})->with([
    // 150 mL of 70 % is 150 · 70 / 91 = 115.385 mL of 91 %, and 34.615 mL more water.
    [Cases::body('850 mL', [['isopropyl-alcohol', '150 mL', '70 %']]), 0, 'isopropyl-alcohol', '91 %', 115.3846, 884.6154],
    // 2.5 L at 0.4 %: 10 g. Of 10 volumes (3.0351 %) 329.48 mL, of 20 164.74, of 40 82.37.
    [Cases::body('2.5 L', [['hydrogen-peroxide', '333.3333 mL', '3 %']], 'final'), 0, 'hydrogen-peroxide', '10 volumes', 329.48, 2170.52],
    [Cases::body('2.5 L', [['hydrogen-peroxide', '333.3333 mL', '3 %']], 'final'), 0, 'hydrogen-peroxide', '20 volumes', 164.74, 2335.26],
    [Cases::body('2.5 L', [['hydrogen-peroxide', '333.3333 mL', '3 %']], 'final'), 0, 'hydrogen-peroxide', '40 volumes', 82.37, 2417.63],
    // Vinegar of 5 % as a tenth of a litre: 50 mL of 10 %.
    [Cases::body('900 mL', [['white-vinegar', '100 mL', '5 %']]), 0, 'white-vinegar', '10 %', 50.0, 950.0],
    // 30 mL of 33 % soap is 9.9 g: 20.2041 mL of 49 %.
    [Cases::body('1 L', [['liquid-castile-soap', '30 mL', '33 %']]), 0, 'soap-concentrate', '49 %', 20.20408, 1009.79592],
    // A weaker bottle takes more room: 10 mL of 33 % is 16.5 mL of 20 %.
    [Cases::body('1 L', [['liquid-castile-soap', '10 mL', '33 %']]), 0, 'potash-soap', '20 %', 16.5, 993.5],
    // A stronger base is thinned: 5 L of 10 % vinegar are 2.5 L of 20 % and as much water.
    [Cases::body('5 L', [], liquid: 'white-vinegar', liquidStrength: '10 %', use: 'weed'), null, 'white-vinegar', '20 %', 0.0, 2500.0],
]);

it('keeps the mass of what acts, and the final volume', function (): void {
    $bottles = ['1 %', '2.5 %', '3 %', '6 %', '10 volumes', '12 %'];
    foreach (['added', 'final'] as $basis) {
        foreach ($bottles as $from) {
            foreach ($bottles as $to) {
                foreach (['60 mL', '2 tbsp', '1 in 20', '0.1 %', '1:30', '50 g'] as $amount) {
                    $body = Cases::body('2 L', [['hydrogen-peroxide', $amount, $from], ['dish-detergent', '1 tsp']], $basis);
                    [$before, $after] = [Cases::mix($body), mixOf(swapped($body, 0, 'hydrogen-peroxide', $to))];
                    $grams = static fn (Mix $mix): float => ($mix->strengthOf('hydrogen-peroxide')->percentWv->likely ?? NAN) * $mix->finalVolume->likely;
                    expect($grams($after))->toEqualWithDelta($grams($before), 1e-5 * $grams($before), "$amount of $from as $to, $basis");
                    expect($after->finalVolume->likely)->toEqualWithDelta($before->finalVolume->likely, 1e-5 * $before->finalVolume->likely);
                }
            }
        }
    }
});

it('comes back to the same bottle with the same amount', function (): void {
    $body = Cases::body('850 mL', [['isopropyl-alcohol', '150 mL', '70 %']]);
    $there = swapped($body, 0, 'isopropyl-alcohol', '91 %')->recipe;
    $ingredient = Cases::ingredient('isopropyl-alcohol');
    $back = Cases::get(Substitutor::class)->swap($there, 0, $ingredient, StrengthParser::parse('70 %', $ingredient), '70 %')->recipe;
    expect(Cases::get(Mixer::class)->mix($back)->lines[0]->volumeMl)->toEqualWithDelta(150.0, 1e-3);
});

it('leaves a wanted final strength as it is written', function (): void {
    $swap = swapped(Cases::body('1 L', [['hydrogen-peroxide', '0.3 %', '3 %']], 'final'), 0, 'hydrogen-peroxide', '12 %');
    expect($swap->recipe->toArray()['ingredients'][0])->toMatchArray(['amount' => '0.3 %', 'strength' => '12 %'])
        ->and(mixOf($swap)->lines[0]->volumeMl)->toEqualWithDelta(25.0, 1e-9);
});

it('says what else changes', function (): void {
    $rules = static fn (Swap $swap): array => array_map(Cases::say(...), $swap->findings);
    expect(implode(' ', $rules(swapped(Cases::body('1 L', [['hydrogen-peroxide', '100 mL', '3 %']]), 0, 'hydrogen-peroxide', '12 %'))))
        ->toContain('more dangerous')->toContain('Can damage eyes')->toContain('75 mL more of the base');
    expect(implode(' ', $rules(swapped(Cases::body('1 L', [['baking-soda', '5 g']]), 0, 'potassium-bicarbonate'))))->toContain('potassium feeds');
    expect(array_filter(swapped(Cases::body('1 L', [['hydrogen-peroxide', '100 mL', '6 %']]), 0, 'hydrogen-peroxide', '3 %')->findings, static fn (Finding $finding): bool => $finding->severity->value === 'caution'))->toBe([]);
});

it('refuses what does not do the work, or is too weak, and says why', function (array $body, ?int $line, string $with, ?string $strength, string $field, string $why): void {
    [$at, $said] = Cases::complaint(static fn () => swapped($body, $line, $with, $strength));
    expect($at)->toBe($field)->and($said)->toContain($why);
})->with([
    [Cases::body('1 L', [['liquid-castile-soap', '20 mL', '33 %']]), 0, 'dish-detergent', '20 %', 'ingredient', 'no soap'],
    [Cases::body('1 L', [['baking-soda', '5 g']]), 0, 'washing-soda', null, 'ingredient', 'pH of 11'],
    [Cases::body('1 L', [['garlic', '30 g']]), 0, 'white-vinegar', '5 %', 'ingredient', 'not known to do the work'],
    [Cases::body('1 L', [['white-vinegar', '400 mL', '20 %']], 'final'), 0, 'white-vinegar', '5 %', 'strength', 'too weak'],
    [Cases::body('5 L', [], liquid: 'white-vinegar', liquidStrength: '20 %', use: 'weed'), null, 'white-vinegar', '10 %', 'strength', '50 %'],
    [Cases::body('1 L', []), 3, 'white-vinegar', '5 %', 'line', 'no such line'],
]);

it('counts tablets by what one holds', function (): void {
    // Two of 325 mg are 0.65 g: 1.3 of 500 mg.
    $swap = swapped(Cases::body('2 L', [['aspirin-tablet', '2 tablets', '325 mg']]), 0, 'aspirin-tablet', '500 mg');
    expect(mixOf($swap)->lines[0]->massG)->toEqualWithDelta(0.65, 1e-6)->and($swap->recipe->lines[0]->amount->likely->toFloat())->toEqualWithDelta(1.3, 1e-6);
});
