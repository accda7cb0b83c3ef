<?php

declare(strict_types=1);

use Nebbia\Core\Tests\Cases;

it('names the field and the mend', function (callable $change, string $field, string $says): void {
    $body = Cases::body('1 L', [['liquid-castile-soap', '25 mL'], ['baking-soda', '1 tsp']]);
    [$at, $message] = Cases::complaint(fn () => Cases::mix($change($body)));
    expect($at)->toBe($field)->and($message)->toContain($says);
})->with([
    'no format' => [fn (array $b) => array_diff_key($b, ['format' => 1]), 'format', 'nebbia.recipe/1'],
    'another format' => [fn (array $b) => ['format' => 'nebbia.mix/1'] + $b, 'format', 'nebbia.recipe/1'],
    'no base' => [fn (array $b) => array_diff_key($b, ['base' => 1]), 'base', 'missing'],
    'base is text' => [fn (array $b) => ['base' => '1 L'] + $b, 'base', 'curly brackets'],
    'base amount null' => [fn (array $b) => array_replace_recursive($b, ['base' => ['amount' => null]]), 'base.amount', 'missing'],
    'base in grams' => [fn (array $b) => array_replace_recursive($b, ['base' => ['amount' => '1 kg']]), 'base.amount', 'A volume is needed'],
    'base as a ratio' => [fn (array $b) => array_replace_recursive($b, ['base' => ['amount' => '1:50']]), 'base.amount', 'A volume is needed'],
    'base of nothing' => [fn (array $b) => array_replace_recursive($b, ['base' => ['amount' => '0 L']]), 'base.amount', 'above zero'],
    'base below nothing' => [fn (array $b) => array_replace_recursive($b, ['base' => ['amount' => '-1 L']]), 'base.amount', 'above zero'],
    'base a number' => [fn (array $b) => array_replace_recursive($b, ['base' => ['amount' => 1000]]), 'base.amount', 'text in quotes'],
    'no basis' => [fn (array $b) => array_replace_recursive($b, ['base' => ['basis' => null]]), 'base.basis', 'missing'],
    'another basis' => [fn (array $b) => array_replace_recursive($b, ['base' => ['basis' => 'total']]), 'base.basis', 'added, final'],
    'solid base' => [fn (array $b) => array_replace_recursive($b, ['base' => ['liquid' => 'baking-soda']]), 'base.liquid', 'no liquid'],
    'unknown base' => [fn (array $b) => array_replace_recursive($b, ['base' => ['liquid' => 'moonshine brine']]), 'base.liquid', 'not an ingredient known'],
    'another use' => [fn (array $b) => ['use' => 'bath'] + $b, 'use', 'foliar, drench, weed, dip, wipe, disinfect'],
    'other units' => [fn (array $b) => ['units' => 'roman'] + $b, 'units', 'us, metric, imperial, au'],
    'no ingredients' => [fn (array $b) => array_diff_key($b, ['ingredients' => 1]), 'ingredients', 'missing'],
    'ingredients no list' => [fn (array $b) => ['ingredients' => ['a' => []]] + $b, 'ingredients', 'must be a list'],
    'ingredient is text' => [fn (array $b) => ['ingredients' => ['soap']] + $b, 'ingredients.0', 'curly brackets'],
    'unknown ingredient' => [fn (array $b) => array_replace_recursive($b, ['ingredients' => [1 => ['ingredient' => 'bakin-soda']]]), 'ingredients.1.ingredient', 'did you mean "Baking soda"?'],
    'ingredient null' => [fn (array $b) => array_replace_recursive($b, ['ingredients' => [1 => ['ingredient' => null]]]), 'ingredients.1.ingredient', 'missing'],
    'amount null' => [fn (array $b) => array_replace_recursive($b, ['ingredients' => [1 => ['amount' => null]]]), 'ingredients.1.amount', 'missing'],
    'amount unreadable' => [fn (array $b) => array_replace_recursive($b, ['ingredients' => [1 => ['amount' => '2 blorps']]]), 'ingredients.1.amount', 'blorps'],
    'strength unreadable' => [fn (array $b) => array_replace_recursive($b, ['ingredients' => [0 => ['strength' => 'very']]]), 'ingredients.0.strength', 'cannot be read'],
    'tablets of soap' => [fn (array $b) => array_replace_recursive($b, ['ingredients' => [0 => ['amount' => '2 tablets']]]), 'ingredients.0.amount', 'does not come by'],
    'cloves of soda' => [fn (array $b) => array_replace_recursive($b, ['ingredients' => [1 => ['amount' => '2 cloves']]]), 'ingredients.1.amount', 'does not come by the clove'],
    'a cup of aspirin' => [fn (array $b) => ['ingredients' => [['ingredient' => 'aspirin-tablet', 'amount' => '1 cup']]] + $b, 'ingredients.0.amount', 'density is not known'],
    'something without a name' => [fn (array $b) => ['ingredients' => [['ingredient' => 'other', 'amount' => '1 cup']]] + $b, 'ingredients.0.name', 'what it is called'],
    'something of no form' => [fn (array $b) => ['ingredients' => [['ingredient' => 'other', 'name' => 'goo', 'form' => 'gas', 'amount' => '1 cup']]] + $b, 'ingredients.0.form', 'liquid'],
    'something too heavy' => [fn (array $b) => ['ingredients' => [['ingredient' => 'other', 'name' => 'goo', 'density' => 900, 'amount' => '1 cup']]] + $b, 'ingredients.0.density', 'g/mL'],
    'stronger than the bottle' => [fn (array $b) => ['ingredients' => [['ingredient' => 'hydrogen-peroxide', 'amount' => '5 %']]] + $b, 'ingredients.0.amount', 'cannot give that strength'],
    'a strength of water' => [fn (array $b) => ['ingredients' => [['ingredient' => 'water', 'amount' => '5 %']]] + $b, 'ingredients.0.amount', 'no strength to aim for'],
    'shares beyond the whole' => [fn (array $b) => ['ingredients' => [['ingredient' => 'milk', 'amount' => '1 in 2'], ['ingredient' => 'plant-ferment', 'amount' => '1 in 2']]] + $b, 'ingredients.1.amount', 'no room for the base'],
    'more liquid than whole' => [fn (array $b) => ['base' => ['amount' => '1 cup', 'basis' => 'final', 'liquid' => 'water'], 'ingredients' => [['ingredient' => 'milk', 'amount' => '1 L']]] + $b, 'base.amount', 'more than the'],
    'repeat without days' => [fn (array $b) => $b + ['repeat' => ['times' => 3]], 'repeat.every_days', 'missing'],
    'repeat of zero days' => [fn (array $b) => $b + ['repeat' => ['every_days' => 0, 'times' => 3]], 'repeat.every_days', '1 to 366'],
    'repeat of no times' => [fn (array $b) => $b + ['repeat' => ['every_days' => 7, 'times' => 0]], 'repeat.times', '1 to 100'],
    'repeat in words' => [fn (array $b) => $b + ['repeat' => ['every_days' => '7', 'times' => 3]], 'repeat.every_days', 'whole number'],
    'targets no list' => [fn (array $b) => $b + ['targets' => 'aphid'], 'targets', 'must be a list'],
    'a name too long' => [fn (array $b) => ['name' => str_repeat('x', 300)] + $b, 'name', 'too long'],
    'too many lines' => [fn (array $b) => ['ingredients' => array_fill(0, 41, ['ingredient' => 'milk', 'amount' => '1 mL'])] + $b, 'ingredients', '40 at most'],
]);

it('keeps a target that is not known, and says so', function (): void {
    $mix = Cases::judged(Cases::body('1 L', [['liquid-castile-soap', '25 mL', '33 %']]) + ['targets' => ['greenfly', 'gremlin']]);
    expect($mix->mix->recipe->targets)->toBe(['aphid', 'gremlin'])->and(Cases::severities($mix, 'target'))->toBe(['notice']);
});

it('fills the whole with nothing left over for the base if that is just so', function (): void {
    $mix = Cases::mix(Cases::body('1 L', [['milk', '1 L']], 'final'));
    expect($mix->baseMl)->toBe(0.0);
});

it('understands other names of ingredients', function (string $name, string $id): void {
    expect(Cases::ingredient($name)->id)->toBe($id);
})->with([['Rubbing Alcohol', 'isopropyl-alcohol'], ['castile soap', 'liquid-castile-soap'], ['bicarb', 'baking-soda'], ['white_vinegar', 'white-vinegar'], ['Epsom Salts', 'epsom-salt']]);
