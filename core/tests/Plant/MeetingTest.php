<?php

declare(strict_types=1);

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\NameOfSeveral;
use Nebbia\Core\Data\Names;
use Nebbia\Core\Nebbia\DataFolder;
use Nebbia\Core\Plant\Plants;
use Nebbia\Core\Plant\SensitivityGroup;
use Nebbia\Core\Tests\Cases;

function metPlant(string $name, ?string $kind = null): string
{
    $plant = Cases::get(Plants::class)->met($name, $kind);

    return $plant->id.($plant->isGeneric ? '?' : '');
}

it('meets plants by what people call them', function (string $name, string $id): void {
    expect(metPlant($name))->toBe($id);
})->with([
    'a genus alone' => ['Hoya', 'hoya'],
    'a genus in small letters' => ['philodendron', 'philodendron'],
    'a species of a genus that is one kind here' => ['Hoya australis', 'hoya'],
    'a species of a genus of which another is known' => ['Lactuca serriola', 'lettuce?'],
    'a species of a genus of several' => ['Solanum dulcamara', 'unknown-plant?'],
    'with its article and place' => ['my old lemon tree in the hall', 'lemon'],
    'with a cultivar' => ["Tomato 'Sungold'", 'tomato'],
    'with a cultivar in other marks' => ['dahlia “Bishop”', 'dahlia'],
    'heirlooms' => ['heirloom tomatoes', 'tomato'],
    'a plural' => ['tomato plants', 'tomato'],
    'a plural of -ies' => ['strawberries', 'strawberry'],
    'a hedge next door' => ["my neighbour's hedge", 'hedge?'],
    'some orchid' => ['lobster claw orchid', 'orchid?'],
    'some lily' => ['spider lily', 'lily?'],
    'nothing known' => ['xyzzy', 'unknown-plant?'],
    'no name at all' => ['plant', 'unknown-plant?'],
    'Italian' => ['pomodori', 'tomato'],
    'Italian with words around' => ['la mia pianta di limone', 'lemon'],
    'Portuguese' => ['couve', 'portuguese-kale'],
    'Portuguese with an article' => ['as minhas roseiras', 'rose'],
    'cheese plant' => ['cheese plant', 'monstera'],
    'kohlrabi' => ['kohlrabi', 'kohlrabi'],
    'clementine tree' => ['clementine tree', 'mandarin'],
    'piri piri' => ['piri piri', 'chilli'],
    'fiddle leaf' => ['fiddle leaf fig', 'fiddle-leaf-fig'],
    'snake plant' => ['sansevieria', 'snake-plant'],
    'apple mint' => ['apple mint', 'mint?'],
    'houseplants' => ['houseplants', 'houseplant?'],
    'flowers' => ['flowers', 'annual-flower?'],
    'botanical with a hybrid sign' => ['Fragaria × ananassa', 'strawberry'],
    'shouted' => ['ROSES', 'rose'],
    'so many of them' => ['3 lettuces', 'lettuce'],
    'times' => ['12 x tomatoes', 'tomato'],
    'a hedge of something' => ['feijoa hedge', 'feijoa'],
    'a cultivar without marks' => ['monstera thai constellation', 'monstera'],
    'a cultivar of a rose' => ['rose iceberg', 'rose'],
    'elsewhere' => ['kumara', 'sweet-potato'],
    'elsewhere, too' => ['silverbeet', 'chard'],
    'in brackets' => ['basil (supermarket)', 'basil'],
    'a tree nobody knows' => ['mystery tree', 'tree?'],
    'another plant behind it' => ['pea aubergine', 'aubergine?'],
    'a long story' => ['the big sunflower that my daughter sowed by the shed last spring', 'sunflower'],
]);

it('asks which where several kinds go by a name', function (string $name, array $which): void {
    try {
        metPlant($name);
        $said = 'nothing was asked';
    } catch (NameOfSeveral $e) {
        $said = Cases::english()->say($e->said);
    }
    foreach ($which as $one) {
        expect($said)->toContain($one);
    }
})->with([
    ['lime', ['lime (citrus)', 'linden']],
    ['geranium', ['pelargonium', 'cranesbill']],
    ['my geraniums', ['pelargonium', 'cranesbill']],
    ['maple', ['Japanese maple', 'Norway maple']],
    ['Prunus', ['cherry', 'plum']],
    ['acacia', ['mimosa', 'false acacia']],
]);

it('takes the kind of kinds that is given for what is not known, by the name that was given', function (): void {
    $plant = Cases::get(Plants::class)->met('Auntie Rosa’s wonder', 'shrub');
    expect([$plant->id, $plant->name, $plant->isGeneric])->toBe(['shrub', 'Auntie Rosa’s wonder', true])
        // Nor is a name of several asked back where the kind is said.
        ->and(metPlant('lime', 'tree'))->toBe('tree?');
});

it('what is only kin, or not known, counts as sensitive in everything', function (string $name): void {
    $plant = Cases::get(Plants::class)->met($name);
    foreach ([null, 'soap', 'oil', 'vinegar'] as $list) {
        expect($plant->groupFor($list))->toBe(SensitivityGroup::Sensitive);
    }
})->with(['xyzzy', 'shrub', 'spider lily', 'apple mint', 'cactus']);

it('finds every plant by every name in every language, and asks where a name is shared', function (): void {
    /** @var list<array<string, mixed>> $rows */
    $rows = DataFolder::shipped()->read()['tables']['plants'] ?? DataFolder::shipped()->read()['plants'];
    $plants = Cases::get(Plants::class);
    $shared = array_merge(...array_map(static fn (array $row): array => $row['shared'] ?? [], $rows));
    $wrong = [];
    $isShared = array_map(Names::fold(...), $shared);
    foreach ($rows as $row) {
        foreach (array_filter([$row['id'], $row['name'], $row['botanical'] ?? '', ...$row['also'] ?? [], ...$row['abroad'] ?? []], static fn (mixed $name): bool => $name !== '' && ! in_array(Names::fold((string) $name), $isShared, true)) as $name) {
            try {
                if ($plants->met((string) $name)->id !== $row['id']) {
                    $wrong[] = "$name: ".$plants->met((string) $name)->id;
                }
            } catch (NameOfSeveral) {
                $wrong[] = "$name asks";
            }
        }
        foreach ($row['shared'] ?? [] as $name) {
            expect(static fn () => $plants->met($name))->toThrow(NameOfSeveral::class);
        }
    }
    expect($wrong)->toBe([])
        ->and(count($rows))->toBeGreaterThanOrEqual(450)
        ->and(array_diff(array_map(Names::fold(...), $shared), array_map(Names::fold(...), array_keys(array_filter(array_count_values($shared), static fn (int $n): bool => $n > 1)))))->toBe([]);
});

it('has Italian and Portuguese names for every kind, but for those that are called the same everywhere', function (): void {
    $rows = DataFolder::shipped()->read()['tables']['plants'] ?? DataFolder::shipped()->read()['plants'];
    $same = array_column(array_filter($rows, static fn (array $row): bool => ($row['abroad'] ?? []) === [] && ($row['shared'] ?? []) === []), 'id');
    expect(count($same))->toBeLessThan(40);
});

it('asks back where a letter is amiss, and says how else', function (string $typed, string $meant): void {
    try {
        $said = metPlant($typed);
    } catch (BadInput $e) {
        $said = Cases::english()->say($e->said);
    }
    expect($said)->toContain("did you mean $meant?")->toContain('say what kind of plant it is')->and(metPlant($typed, 'shrub'))->toBe('shrub?');
})->with([['tomatoe', 'tomato'], ['cucumbr', 'cucumber'], ['rhododendrn', 'rhododendron or azalea'], ['strawbery', 'strawberry']]);

it('offers nothing where nothing is near', function (string $typed): void {
    expect(metPlant($typed))->toBe('unknown-plant?');
})->with(['hoyo', 'xyzzy', 'tobacco', 'mystery', 'Muehlenbeckia']);

it('never dies of a name', function (): void {
    $plants = Cases::get(Plants::class);
    foreach (['a', "'", '((((', str_repeat('rose ', 400), "\u{202E}rose", '🌹', '12', "rose'", 'del', 'in', 'the the the', '×', '- -'] as $name) {
        try {
            expect($plants->met($name)->name)->toBeString();
        } catch (BadInput $e) {
            expect(Cases::english()->say($e->said))->toContain('plant');
        }
    }
});
