<?php

declare(strict_types=1);

use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Mixing\Substitution\Substitutor;
use Nebbia\Core\Substance\OwnIngredients;
use Nebbia\Core\Substance\Strength;
use Nebbia\Core\Tests\Cases;

/** Pairs of unlike substances that do the same work; amounts by what acts, worked by hand. */
it('puts one in place of the other by mass or by volume of what acts', function (string $line, string $amount, string $strength, string $with, string $of, float $expected, string $says): void {
    $swap = swapped(Cases::body('1 L', [[$line, $amount, $strength]], units: 'metric'), 0, $with, $of);
    $worked = mixOf($swap)->lines[0];
    expect($worked->line->isPoured() ? $worked->volumeMl : $worked->massG)->toEqualWithDelta($expected, 1e-4 * $expected);
    expect(implode(' ', array_map(Cases::say(...), $swap->findings)))->toContain($says);
})->with([
    // 30 mL of 33 % soap are 9.9 g: of a bar of 82 % it takes 12.073 g.
    ['liquid-castile-soap', '30 mL', '33 %', 'bar-soap', '82 %', 12.07317, 'sets to a jelly'],
    ['bar-soap', '12 g', '82 %', 'liquid-castile-soap', '33 %', 29.81818, 'easier to dissolve'],
    // 10 mL of a 20 % detergent hold 2 g; of a 33 % soap 6.0606 mL.
    ['dish-detergent', '10 mL', '20 %', 'liquid-castile-soap', '33 %', 6.060606, 'Hard water'],
    // By volume: 100 mL of 70 % are 70 mL of alcohol: 72.917 mL of 96 %.
    ['isopropyl-alcohol', '100 mL', '70 %', 'ethyl-alcohol', '96 %', 72.91667, 'methylated'],
    ['ethyl-alcohol', '50 mL', '140 proof', 'isopropyl-alcohol', '91 %', 38.46154, 'dry quickly'],
    ['baking-soda', '5 g', '100 %', 'potassium-bicarbonate', '100 %', 5.0, 'potassium feeds'],
    ['potassium-bicarbonate', '5 g', '100 %', 'baking-soda', '100 %', 5.0, 'leaves sodium'],
    ['neem-oil', '7.5 mL', '100 %', 'vegetable-oil', '100 %', 7.5, 'puts pests off'],
    ['mineral-oil', '10 mL', '100 %', 'vegetable-oil', '100 %', 10.0, 'smothers'],
]);

it('takes dry pepper for fresh at a fifth', function (): void {
    // One gram dry counts as five fresh.
    $swap = swapped(Cases::body('1 L', [['hot-pepper', '25 g']], units: 'metric'), 0, 'chilli-powder');
    expect(mixOf($swap)->lines[0]->massG)->toEqualWithDelta(5.0, 1e-6);
});

it('has a sentence for every pair, and offers only what it would swap', function (): void {
    $catalogue = Cases::english();
    $substitutor = Cases::get(Substitutor::class);
    $ingredients = array_map(Cases::ingredient(...), Cases::table('ingredients')->ids());
    foreach (Cases::table('substitutes')->rows() as $row) {
        $params = ['from' => 'a', 'to' => 'b'];
        expect($catalogue->say(Message::of($row->string('verdict') === 'not' ? $row->string('say') : $row->string('say').'.what', $params)))->not->toBe('');
    }
    $tried = 0;
    foreach ($ingredients as $from) {
        foreach ($ingredients as $to) {
            if ($from->substance === null || $from->isTablet !== $to->isTablet || $from->id === 'water' || $from->isTablet || OwnIngredients::isOwn($from->id) || OwnIngredients::isOwn($to->id)) {
                continue;
            }
            $amount = $from->isLiquid ? '5 mL' : '5 g';
            $complaint = Cases::complaint(static fn () => $substitutor->swap(Cases::recipe(Cases::body('5 L', [[$from->id, $amount]], units: 'metric')), 0, $to, Strength::usual($to), null));
            // What is offered can at most be too weak.
            expect($complaint[0] === 'ingredient')->toBe(! $substitutor->mayStandIn($from, $to), "$from->id for $to->id: $complaint[1]");
            $tried++;
        }
    }
    expect($tried)->toBeGreaterThan(2000);
});

it('cautions only for a bottle that is more dangerous, and says the water in its own words', function (): void {
    $severities = static fn (array $body, string $with, string $strength): array => array_map(static fn ($finding): Severity => $finding->severity, swapped($body, 0, $with, $strength)->findings);
    $ten = Cases::body('1 L', [['white-vinegar', '50 mL', '10 %']], units: 'metric');
    expect($severities($ten, 'white-vinegar', '25 %'))->toContain(Severity::Caution)
        ->and($severities($ten, 'white-vinegar', '12 %'))->not->toContain(Severity::Caution)
        ->and($severities($ten, 'white-vinegar', '10 %'))->toBe([]);
});
