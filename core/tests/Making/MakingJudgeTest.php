<?php

declare(strict_types=1);

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Making\Kitchenware;
use Nebbia\Core\Making\MakingJudge;
use Nebbia\Core\Making\Preparation;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Tests\Jar;
use Symfony\Component\Yaml\Yaml;

/**
 * @param  list<array{string, string}>  $of
 * @return list<string> severity and ground of each
 */
function saidOfPot(string $kind, string $base, array $of): array
{
    return array_map(static fn ($one): string => $one->severity->value.' '.$one->ground, Cases::get(MakingJudge::class)->judge(potOf($kind, $base, $of)));
}

/**
 * @param  list<array{string, string}>  $of
 * @param  array<string, string>  $liquid
 * @param  array<string, mixed>  $more
 */
function potOf(string $kind, string $base, array $of, array $liquid = [], array $more = []): Preparation
{
    $body = ['format' => 'nebbia.preparation/1', 'id' => 'jar', 'kind' => $kind, 'units' => 'metric', 'base' => ['amount' => $base] + $liquid] + $more;
    $body['ingredients'] = array_map(static fn (array $one): array => array_filter(['ingredient' => $one[0], 'amount' => $one[1], 'strength' => $one[2] ?? null]), $of);

    return Jar::made($body);
}

it('says nothing of what is made every week', function (): void {
    $said = [];
    foreach (Yaml::parseFile(__DIR__.'/makings.yaml') as $case) {
        // Ash water is minded until its pH is measured.
        if ($case['base'] === null || $case['kind'] === 'ash-water' || isset($case['with']) || isset($case['liquid'])) {
            continue;
        }
        foreach (saidOfPot($case['kind'], $case['base'], $case['of']) as $one) {
            $said[$case['name']][] = $one;
        }
    }
    expect($said)->toBe([]);
});

it('minds raw plants in oil from a tenth of oil on, and not below', function (string $plant, string $oil, bool $minded): void {
    $said = saidOfPot('garlic-extract', '1 L', [[$plant, '100 g'], ['vegetable-oil', $oil]]);
    expect(in_array('caution pair.oil-garlic', $said, true))->toBe($minded);
})->with([
    // 100 in 1100 mL is 9.1 %, 120 in 1120 mL 10.7 %
    ['garlic', '100 mL', false], ['garlic', '120 mL', true], ['onion', '500 mL', true], ['hot-pepper', '500 mL', true], ['baking-soda', '500 mL', false],
]);

/** @return array<string, array{array<string, mixed>}> */
function potCases(): array
{
    $cases = [];
    foreach (Yaml::parseFile(__DIR__.'/pots.yaml') as $case) {
        $cases[$case['name']] = [$case];
    }

    return $cases;
}

it('says of a pot what the table says, and what becomes of pots and sieve', function (array $case): void {
    $made = potOf($case['kind'], $case['base'], $case['of'], array_filter(['liquid' => $case['liquid'] ?? null, 'strength' => $case['strength'] ?? null]), isset($case['ph']) ? ['ph' => $case['ph']] : []);
    $said = array_map(static fn ($one): string => $one->severity->value.' '.$one->ground, Cases::get(MakingJudge::class)->judge($made));
    expect(isset($case['more']) ? array_slice($said, 0, count($case['is'])) : array_values(array_filter($said, static fn (string $one): bool => ! str_starts_with($one, 'notice'))))->toBe($case['is'], implode(', ', $said))
        ->and(Cases::get(Kitchenware::class)->of($made))->toBe($case['kitchen']);
})->with(potCases());

it('has the same word for a thing in a pot as in a mix', function (string $use): void {
    foreach (Cases::get(Ingredients::class)->ids() as $id) {
        $ingredient = Cases::ingredient($id);
        if ($ingredient->isTablet || $id === 'water') {
            continue;
        }
        $amount = $ingredient->isLiquid ? '100 mL' : '100 g';
        try {
            $made = potOf('stock', '1 L', [[$id, $amount]]);
        } catch (BadInput) {
            continue;
        }
        $pot = array_column(array_filter(Cases::get(MakingJudge::class)->judge($made), static fn ($one): bool => $one->rule === 'danger'), 'severity', 'ground');
        $mix = Cases::judged(Cases::body('1 L', [[$id, $amount]], 'added', $use, 'metric'));
        foreach ($mix->findings as $one) {
            expect(! isset($pot[$one->ground]) || $pot[$one->ground] === $one->severity)->toBeTrue("$id $one->ground");
        }
    }
})->with(['foliar', 'dip']);

it('gives no way of thinning that would burn an ordinary leaf', function (): void {
    foreach (Yaml::parseFile(dirname(__DIR__, 2).'/data/preparations.yaml')['kinds'] as $kind) {
        $parts = $kind['into'] === 'neat' ? 0.0 : (float) substr($kind['into'], 2);
        $mix = Cases::judged(Cases::body('1 L', [[$kind['makes'], sprintf('%.3f mL', 1000 / ($parts + 1))]], 'final', 'foliar', 'metric'), 'tomato');
        // Of ash water and of a stock of nobody knows what only a measure or a name tells.
        if (! in_array($kind['id'], ['ash-water', 'stock'], true)) {
            expect(array_intersect(['caution', 'stop'], Cases::severities($mix, 'tolerance')))->toBe([], $kind['id']);
        }
    }
});

it('says the gravest first', function (): void {
    $made = Jar::made(['format' => 'nebbia.preparation/1', 'id' => 'jar', 'kind' => 'garlic-extract', 'units' => 'metric', 'base' => ['amount' => '500 mL'],
        'ingredients' => [['ingredient' => 'garlic', 'amount' => '100 g'], ['ingredient' => 'vegetable-oil', 'amount' => '500 mL'], ['ingredient' => 'bleach', 'amount' => '100 mL', 'strength' => '5 %'], ['ingredient' => 'vinegar', 'amount' => '100 mL', 'strength' => '5 %']]]);
    $severities = array_map(static fn ($one): Severity => $one->severity, Cases::get(MakingJudge::class)->judge($made));
    expect($severities[0])->toBe(Severity::Stop)->and(end($severities))->toBe(Severity::Caution);
    $chopped = Jar::made(['format' => 'nebbia.preparation/1', 'id' => 'jar', 'kind' => 'sugar-ferment', 'units' => 'metric', 'ingredients' => [['ingredient' => 'green-plants', 'amount' => '1 kg'], ['ingredient' => 'sugar', 'amount' => '1 kg']]]);
    expect($chopped->pot)->toBeNull()->and(Cases::get(MakingJudge::class)->judge($chopped))->toBe([]);
});
