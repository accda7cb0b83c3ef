<?php

declare(strict_types=1);

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\JudgedMix;
use Nebbia\Core\Mixing\Keeping\KeepingTimes;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Tests\Cases;

function thing(string $name): string
{
    return Cases::get(Ingredients::class)->named($name)->id;
}

/** @param  array<string, mixed>  $line */
function withThing(array $line, string $use = 'foliar', string $plant = 'tomato'): JudgedMix
{
    $body = Cases::body('1 L', [], 'final', $use, 'metric');
    $body['ingredients'] = [$line];

    return Cases::judged($body, $plant);
}

/** @return list<string> severities of what is said by a rule */
function saidOfThing(JudgedMix $mix, string $rule): array
{
    return Cases::severities($mix, $rule);
}

it('meets household things by their names in three languages', function (string $name, string $id): void {
    expect(thing($name))->toBe($id);
})->with([
    ['alcool rosa', 'surgical-spirit-pink'], ['água sanitária', 'bleach'], ['sapone molle', 'potash-soap'], ['black soap', 'black-soap'],
    ['chilli flakes', 'chilli-flakes'], ['copper sulphate', 'bluestone'], ['apple cider vinegar', 'cider-vinegar'], ['aceto di mele', 'cider-vinegar'],
    ['vinagre de maçã', 'cider-vinegar'], ['baby shampoo', 'shampoo'], ['kosher salt', 'flake-salt'], ['sale grosso', 'coarse-salt'], ['coconut oil', 'coconut-oil'],
    ['liquid hand soap', 'hand-soap'], ['diatomaceous earth', 'diatomaceous-earth'], ['baking powder', 'baking-powder'], ['winter oil', 'winter-oil'],
    ['whey', 'whey'], ['beer', 'beer'], ['cerveja', 'beer'], ['molasses', 'molasses'], ['seaweed', 'seaweed-extract'], ['kelp', 'seaweed-extract'],
    ['rice water', 'rice-water'], ['coffee grounds', 'coffee-grounds'], ['petrol', 'petrol'], ['benzina', 'petrol'], ['kerosene', 'kerosene'],
    ['cigarette butts', 'cigarette-butts'], ['mozziconi', 'cigarette-butts'], ['moth balls', 'moth-balls'], ['urine', 'urine'], ['boric acid', 'boric-acid'],
    ['percarbonate', 'percarbonate'], ['pool chlorine', 'pool-chlorine'], ['glass cleaner', 'glass-cleaner'], ['rhubarb leaves', 'rhubarb-leaf'],
]);

it('knows at least two hundred things', fn () => expect(count(Cases::table('ingredients')->ids()))->toBeGreaterThanOrEqual(200));

it('stops bad ideas on leaves, says why and what to take instead', function (string $name): void {
    $amount = Cases::ingredient(thing($name))->isLiquid ? '50 mL' : '20 g';
    $mix = withThing(['ingredient' => thing($name), 'amount' => $amount]);
    $stops = array_filter($mix->findings, static fn ($one): bool => $one->severity === Severity::Stop);
    expect($stops)->not->toBe([]);
    foreach ($stops as $stop) {
        expect(Cases::english()->say($stop->what))->not->toBe('')->and(Cases::english()->say($stop->instead))->not->toBe('');
    }
})->with([
    'petrol', 'diesel', 'kerosene', 'turpentine', 'white spirit', 'motor oil', 'pine cleaner', 'drain cleaner', 'glass cleaner', 'toilet cleaner', 'degreaser', 'mouthwash',
    'methylated spirit', 'alcool rosa', 'bleach', 'pool chlorine', 'percarbonate', 'laundry powder', 'dishwasher tabs or powder', 'borax', 'boric acid', 'bluestone', 'quicklime',
    'muriatic acid', 'oxalic acid', 'cigarette butts', 'nicotine', 'tobacco', 'rhubarb leaves', 'oleander leaves', 'castor seeds', 'datura', 'deet', 'permethrin', 'flea spray',
    'moth balls', 'rat poison', 'urine', 'acetone', 'lye',
]);

it('carries what nothing is known of through the volumes, and judges it as unknown', function (): void {
    // 100 mL in a litre made up: 10 %; careful from 1.
    $mix = withThing(['ingredient' => 'other', 'name' => 'grandmother’s brew', 'amount' => '100 mL']);
    expect($mix->mix->finalVolume->likely)->toEqualWithDelta(1000.0, 1e-6)->and($mix->mix->baseMl)->toEqualWithDelta(900.0, 1e-6)
        ->and($mix->mix->strengthOf('unknown')?->percentWv->likely)->toEqualWithDelta(10.0, 0.5)->and(saidOfThing($mix, 'unknown'))->toBe(['caution']);
    $said = Cases::english()->say(array_values(array_filter($mix->findings, static fn ($one): bool => $one->rule === 'unknown'))[0]->what);
    expect($said)->toContain('grandmother’s brew');
    // Half a per cent: below the caution, and never nothing.
    expect(saidOfThing(withThing(['ingredient' => 'other', 'name' => 'brew', 'amount' => '5 mL']), 'unknown'))->toBe(['notice']);
});

it('does not say how long it keeps', function (): void {
    $mix = withThing(['ingredient' => 'other', 'name' => 'ginger beer', 'amount' => '50 mL'])->mix;
    expect(Cases::get(KeepingTimes::class)->of($mix))->toBeNull();
});

it('judges the unknown in every use', function (string $use, string $severity): void {
    expect(saidOfThing(withThing(['ingredient' => 'other', 'name' => 'brew', 'amount' => '100 mL'], $use), 'unknown'))->toBe([$severity]);
})->with([['foliar', 'caution'], ['dip', 'caution'], ['wipe', 'caution'], ['drench', 'caution'], ['weed', 'caution'], ['disinfect', 'notice']]);

it('takes it for what it sounds like, or is said to be', function (array $line, float $addsMl): void {
    $mix = withThing(['ingredient' => 'other'] + $line);
    expect(1000.0 - $mix->mix->baseMl)->toEqualWithDelta($addsMl, 1e-6);
})->with([
    'poured' => [['name' => 'beer from next door', 'amount' => '50 mL'], 50.0],
    'a powder by the spoon adds nothing' => [['name' => 'magic powder', 'amount' => '2 tbsp'], 0.0],
    'weighed' => [['name' => 'stuff', 'amount' => '30 g'], 0.0],
    'a handful' => [['name' => 'odd leaves', 'amount' => '1 handful'], 0.0],
    'said to be liquid' => [['name' => 'dust water', 'form' => 'liquid', 'amount' => '50 mL'], 50.0],
    'said to be solid' => [['name' => 'beer', 'form' => 'solid', 'amount' => '50 mL'], 0.0],
]);

it('weighs a spoon of it by the density that was found', function (): void {
    // 2 tbsp of 15 mL at 0.4 g/mL: 12 g in a litre, 1.2 %.
    $mix = withThing(['ingredient' => 'other', 'name' => 'magic powder', 'density' => 0.4, 'amount' => '2 tbsp']);
    expect($mix->mix->strengthOf('unknown')?->percentWv->likely)->toEqualWithDelta(1.2, 0.02);
});

it('an unknown thing never makes a mix milder', function (): void {
    foreach (Cases::table('ingredients')->ids() as $id) {
        $ingredient = Cases::ingredient($id);
        if ($ingredient->isTablet || $id === 'other' || $id === 'other-solid' || $id === 'water') {
            continue;
        }
        $line = ['ingredient' => $id, 'amount' => $ingredient->isLiquid ? '30 mL' : '10 g'];
        $body = Cases::body('1 L', [], 'final', 'foliar', 'metric');
        $without = Cases::judged(['ingredients' => [$line]] + $body, 'tomato')->worst();
        $with = Cases::judged(['ingredients' => [$line, ['ingredient' => 'other', 'name' => 'x', 'amount' => '20 mL']]] + $body, 'tomato')->worst();
        expect($with->rank())->toBeGreaterThanOrEqual($without->rank(), $id);
    }
});

it('a suggestion is never what hurts, and nothing where nothing is near', function (string $typed, ?string $offered): void {
    try {
        $said = thing($typed);
    } catch (BadInput $e) {
        $said = Cases::english()->say($e->said);
    }
    expect($said)->toContain('write it as "other"');
    $offered === null ? expect($said)->not->toContain('did you mean') : expect($said)->toContain("did you mean \"$offered\"");
})->with([
    ['castille sope', null], ['bakin soda', 'Baking soda'], ['tabasco', null], ['tobaco', null], ['bleech', null], ['petroll', null], ['aceton', 'White vinegar'],
    ['vinegarr', 'White vinegar'], ['molases', 'Molasses'], ['hydrogen peroxid', 'Hydrogen peroxide'], ['zzz', null],
]);

it('a slip in any name is never taken for what hurts', function (): void {
    $names = Cases::get(Ingredients::class)->names()->all();
    foreach ($names as $name) {
        $typed = substr_replace($name, 'x', max(1, intdiv(strlen($name), 2)), 0);
        try {
            thing($typed);
        } catch (BadInput $e) {
            $nearest = $e->nearest ?? null;
            expect($nearest === null ? false : Cases::ingredient(thing($nearest))->substance?->isHarsh ?? false)->toBeFalse();
        }
    }
});

it('renaming by an alias changes no verdict', function (): void {
    $judged = static fn (string $name, string $amount): array => array_map(
        static fn ($one): array => [$one->rule, $one->severity->value, $one->what->key],
        Cases::judged(Cases::body('1 L', [[$name, $amount]], 'final', 'foliar', 'metric'), 'rose')->findings,
    );
    foreach (Cases::table('ingredients')->rows() as $row) {
        $ingredient = Cases::ingredient($row->string('id'));
        if ($ingredient->isTablet || str_starts_with($ingredient->id, 'other') || $ingredient->id === 'water') {
            continue;
        }
        $amount = $ingredient->isLiquid ? '20 mL' : '10 g';
        $own = $judged($ingredient->id, $amount);
        foreach ([...array_slice($row->strings('also'), 0, 1), ...array_slice($row->strings('abroad'), 0, 1)] as $alias) {
            expect($judged($alias, $amount))->toBe($own, $alias);
        }
    }
});

it('spoons everything that is spooned', function (): void {
    $refused = [];
    foreach (Cases::table('ingredients')->ids() as $id) {
        $ingredient = Cases::ingredient($id);
        if ($ingredient->isTablet || str_starts_with($id, 'other')) {
            continue;
        }
        foreach (['1 tsp', '2 tbsp', '1 cup', '1/2 cup'] as $amount) {
            try {
                Cases::judged(Cases::body('4 L', [[$id, $amount]], 'added', 'drench'), null);
            } catch (BadInput $e) {
                $refused[] = "$amount $id: ".Cases::english()->say($e->said);
            }
        }
    }
    expect($refused)->toBe([]);
});

it('takes a handful of anything that is spooned', function (): void {
    $refused = [];
    foreach (Cases::table('ingredients')->ids() as $id) {
        $ingredient = Cases::ingredient($id);
        if (! $ingredient->isLiquid && ! $ingredient->isTablet && ! $ingredient->weighOnly && $id !== 'other-solid') {
            try {
                Cases::judged(Cases::body('4 L', [[$id, '1 handful']], 'added', 'drench'), null);
            } catch (BadInput $e) {
                $refused[] = $id;
            }
        }
    }
    expect($refused)->toBe([]);
});

it('tells the nicotine of what is not leaf', function (string $id, string $amount, float $mg): void {
    // Grams of tobacco × 2 % nicotine × 70 % that comes out: 5 g of butts are 2.5 g, 10 mL at 10 mg a mL are 7 g.
    $found = array_values(array_filter(withThing(['ingredient' => $id, 'amount' => $amount])->findings, static fn ($one): bool => $one->what->key === 'danger.tobacco.what'));
    expect($found[0]->what->params['likely'])->toEqualWithDelta($mg, 1.5);
})->with([['cigarette-butts', '5 g', 35.0], ['nicotine-juice', '10 mL', 98.0], ['tobacco-leaf', '5 g', 70.0]]);

it('stops what poisons the soil on weeds too', function (string $id): void {
    $amount = Cases::ingredient($id)->isLiquid ? '20 mL' : '5 g';
    expect(withThing(['ingredient' => $id, 'amount' => $amount], 'weed')->worst())->toBe(Severity::Stop);
})->with(['borax', 'boric-acid', 'bleach', 'pool-chlorine', 'household-ammonia', 'acetone', 'petrol', 'lye', 'pine-cleaner', 'nicotine-juice', 'muriatic-acid']);

it('weighs spoons as they are', function (string $id, string $amount, float $low, float $high): void {
    $mix = Cases::judged(Cases::body('1 L', [[$id, $amount]], 'final', 'drench', 'metric'), null);
    // One of a thing in a litre: grams are tenths of the per cent.
    $grams = $mix->mix->strengths[0]->percentWv->times(10.0);
    $share = $mix->mix->lines[0]->line->ingredient->usual->times(0.01);
    // The width is no narrower than that of the stuff itself, and hardly wider: a spoon is a spoon.
    expect($grams->low)->toBeLessThanOrEqual($low * $share->low * 1.02)->toBeGreaterThanOrEqual($low * $share->low * 0.9)
        ->and($grams->high)->toBeGreaterThanOrEqual($high * $share->high * 0.98)->toBeLessThanOrEqual($high * $share->high * 1.1)
        ->and($mix->mix->lines[0]->massG)->toBeGreaterThan($low)->toBeLessThan($high);
})->with([
    // 15 mL by the width of FACTS, section O.
    'chilli flakes 0.22 to 0.38' => ['chilli-flakes', '1 tbsp', 3.3, 5.7], 'coarse salt 0.85 to 1.1' => ['coarse-salt', '1 tbsp', 12.75, 16.5],
    'flakes of salt 0.5 to 1.0' => ['flake-salt', '1 tbsp', 7.5, 15.0], 'diatomaceous earth 0.18 to 0.45' => ['diatomaceous-earth', '1 tbsp', 2.7, 6.75],
    'garlic 0.55 to 1.0' => ['garlic', '1 tbsp', 8.25, 15.0], 'chopped chilli 0.4 to 0.65' => ['hot-pepper', '1 tbsp', 6.0, 9.75],
    'a bunch of herbs 30 to 120' => ['mint-leaves', '1 bunch', 30.0, 120.0], 'a rhubarb leaf 80 to 300' => ['rhubarb-leaf', '1 leaf', 80.0, 300.0],
    'a stick of cinnamon' => ['cinnamon-sticks', '1 stick', 2.0, 7.0], 'a knob of ginger' => ['ginger-root', '1 knob', 8.0, 35.0],
]);
