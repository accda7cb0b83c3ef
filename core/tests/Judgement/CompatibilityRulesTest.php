<?php

declare(strict_types=1);

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Judgement\ClosedVessel;
use Nebbia\Core\Judgement\Compatibility\Pairs;
use Nebbia\Core\Judgement\History;
use Nebbia\Core\Tests\Cases;

/**
 * @param  list<array{0: string, 1: string, 2?: string}>  $lines
 * @return list<Finding> of one rule
 */
function foundBy(string $rule, array $lines, Circumstances $circumstances = new Circumstances, string $use = 'foliar'): array
{
    $mix = Cases::judged(Cases::body('1 L', $lines, 'final', $use), 'tomato', $circumstances);

    return array_values(array_filter($mix->findings, static fn (Finding $one): bool => $one->rule === $rule));
}

const SOAPY = [['liquid-castile-soap', '1 %', '30 %']];

it('speaks of what the sprayer held: where nobody says only of dangers, unrinsed of what spoils too, rinsed of nothing', function (array $lines, array $held, ?bool $rinsed, array $expected): void {
    expect(array_map(static fn (Finding $one): array => [$one->what->key, $one->severity->value], foundBy('sprayer', $lines, new Circumstances(history: new History(held: $held, rinsed: $rinsed)))))->toBe($expected);
})->with([
    'bleach before vinegar, nobody says' => [[['white-vinegar', '0.1 %', '5 %']], ['hypochlorite'], null, [['sprayer.dangerous.what', 'stop']]],
    'bleach before vinegar, rinsed' => [[['white-vinegar', '0.1 %', '5 %']], ['hypochlorite'], true, []],
    'bleach before vinegar, not rinsed' => [[['white-vinegar', '0.1 %', '5 %']], ['hypochlorite'], false, [['sprayer.dangerous.what', 'stop']]],
    'vinegar before soap, nobody says: the weed killer is' => [SOAPY, ['acetic-acid'], null, [['sprayer.weeds.what', 'caution']]],
    'vinegar before soap, not rinsed' => [SOAPY, ['acetic-acid'], false, [['sprayer.spoils.what', 'caution']]],
    'salt before soap on leaves' => [SOAPY, ['sodium-chloride'], null, [['sprayer.weeds.what', 'caution']]],
    'nothing' => [SOAPY, [], null, []],
    'soap before soap' => [SOAPY, ['potassium-soap'], false, []],
]);

it('names what was in the sprayer and what is in it now', function (): void {
    [$one] = foundBy('sprayer', [['white-vinegar', '0.1 %', '5 %']], new Circumstances(history: new History(held: ['hypochlorite'])));
    expect($one->what->params)->toBe(['held' => Cases::substance('hypochlorite')->name, 'now' => Cases::substance('acetic-acid')->name])->and($one->substances)->toBe(['acetic-acid'])->and($one->ground)->toBe('pair.bleach-acid');
});

it('minds the metal that the sprayer is made of, by any of its words, once a row', function (): void {
    $in = static fn (string $material): array => array_map(static fn (Finding $one): string => $one->what->key, foundBy('sprayer', [['white-vinegar', '1 %', '5 %']], new Circumstances(vessel: ClosedVessel::of(100.0, $material))));
    expect($in('plastic'))->toBe([])->and($in('Plastic, BRASS lance'))->toHaveCount(1)->and($in('embrassed plastic'))->toBe([]);
    [$one] = foundBy('sprayer', [['white-vinegar', '1 %', '5 %']], new Circumstances(vessel: ClosedVessel::of(100.0, 'Brass')));
    expect($one->what->params)->toBe(['name' => Cases::substance('acetic-acid')->name, 'material' => 'brass'])->and($one->substances)->toBe(['acetic-acid']);
});

it('counts days between sprays in whole ones gone by, from the last of several', function (): void {
    $spacing = static fn (array $days, array $lines = [['wettable-sulfur', '3 g']]): array => foundBy('spacing', $lines, new Circumstances(history: new History(daysSince: $days)));
    $row = array_values(array_filter(Cases::table('spacing')->rows('pairs'), static fn ($one): bool => $one->string('id') === 'oil-sulfur'))[0];
    $days = $row->float('days');
    expect($spacing(['vegetable-oil' => $days]))->toBe([])->and($spacing(['vegetable-oil' => $days - 0.01]))->toHaveCount(1)->and($spacing([]))->toBe([]);
    [$one] = $spacing(['vegetable-oil' => 9.9, 'neem-oil' => 3.95, 'mineral-oil' => 20.0]);
    expect($one->what->params)->toMatchArray(['since' => 3, 'days' => $days, 'low' => $row->float('low'), 'high' => $row->float('high'), 'b' => Cases::substance('neem-oil')->name, 'plant' => 'tomato']);
    // The other way round too, and not for what goes on no leaf.
    expect($spacing(['sulfur' => 2.0], [['vegetable-oil', '1 % v/v']]))->toHaveCount(1)
        ->and(foundBy('spacing', [['wettable-sulfur', '3 g']], new Circumstances(history: new History(daysSince: ['vegetable-oil' => 2.0])), 'drench'))->toBe([]);
});

it('asks for a look after so many sprays in a row, not one before', function (): void {
    $row = array_values(Cases::table('spacing')->rows('in_a_row'))[0];
    $times = (int) $row->float('times');
    $after = static fn (int $n): array => array_values(array_filter(foundBy('spacing', SOAPY, new Circumstances(history: new History(inARow: $n, thisSeason: 5))), static fn (Finding $one): bool => str_contains($one->what->key, 'in-a-row')));
    expect($after($times - 1))->toBe([])->and($after($times))->toHaveCount(1)
        ->and($after($times + 2)[0]->what->params)->toBe(['times' => $times + 2, 'rest' => $row->float('rest_days'), 'plant' => 'tomato', 'season' => 5])
        ->and($after($times)[0]->substances)->toBe(['potassium-soap']);
});

it('asks for a jar test only of two that nobody is known to have mixed', function (): void {
    $asked = static fn (array $lines): array => array_map(static fn (Finding $one): array => $one->substances, foundBy('jar-test', $lines));
    expect($asked(SOAPY))->toBe([])
        // Known to go together, and known not to: neither wants a jar.
        ->and($asked([...SOAPY, ['vegetable-oil', '1 % v/v']]))->toBe([])
        ->and($asked([...SOAPY, ['white-vinegar', '0.1 %', '5 %']]))->toBe([])
        ->and($asked([['cinnamon-powder', '2 g'], ['insect-frass', '5 g']]))->toHaveCount(1);
    [$one] = foundBy('jar-test', [['cinnamon-powder', '2 g'], ['insect-frass', '5 g']]);
    expect($one->what->params)->toBe(['a' => Cases::substance('cinnamon')->name, 'b' => Cases::substance('insect-frass')->name])->and([$one->severity->value, $one->basis, $one->sure])->toBe(['notice', 'practice', 'medium'])
        ->and($one->substances)->toBe(['cinnamon', 'insect-frass']);
});

it('finds a pair where each is strong enough for it, on the bound too', function (): void {
    $pairs = static fn (array $lines): array => array_map(static fn (Finding $one): string => $one->what->key, foundBy('compatibility', $lines));
    foreach (Cases::get(Pairs::class)->all as $pair) {
        if ($pair->over !== null && in_array('hydrogen-peroxide', $pair->a, true) && in_array('isopropanol', $pair->b, true)) {
            $at = static fn (float $percent): array => $pairs([['hydrogen-peroxide', "$percent %", '35 %'], ['isopropyl-alcohol', '5 % v/v', '70 %']]);
            expect($at($pair->over + 0.01))->toContain("pair.$pair->id.what")->and($at($pair->over - 0.01))->not->toContain("pair.$pair->id.what");
        }
    }
    // The graver of several is told, and what stands in for anything only where nothing else is said.
    expect($pairs([['bleach', '1 %', '5 %'], ['white-vinegar', '0.1 %', '5 %']]))->toContain('pair.bleach-acid.what')->not->toContain('pair.bleach-with-anything.what')
        ->and($pairs([['bleach', '1 %', '5 %'], ['sugar', '5 g']]))->toContain('pair.bleach-with-anything.what');
});
