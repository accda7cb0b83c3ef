<?php

declare(strict_types=1);

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Reading\Label\LabelFindings;
use Nebbia\Core\Reading\Label\NameBook;
use Nebbia\Core\Reading\Label\Part;
use Nebbia\Core\Reading\Label\PartClass;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Tests\Cases;
use Symfony\Component\Yaml\Yaml;

/** @return array<string, array{array<string, mixed>}> */
function labels(): array
{
    $cases = [];
    foreach (Yaml::parseFile(__DIR__.'/labels.yaml') as $n => $case) {
        $cases[($n + 1).': '.mb_substr(str_replace("\n", ' ', $case['text']), 0, 40)] = [$case];
    }

    return $cases;
}

it('reads a label as it was expected to be read', function (array $case): void {
    $found = readLabel($case['text']);
    expect($found->verdict->value)->toBe($case['verdict'], implode(', ', array_map(static fn (Part $part): string => "$part->text={$part->class->value}", $found->parts)));
    foreach ($case['classes'] ?? [] as $piece => $class) {
        $there = array_filter($found->parts, static fn (Part $part): bool => str_contains($part->text, (string) $piece) && $part->class->value === $class);
        expect($there)->not->toBe([], "$piece is not read as $class: ".implode(', ', array_map(static fn (Part $part): string => "$part->text={$part->class->value}", $found->parts)));
    }
    if (isset($case['soap'])) {
        expect([$found->soap?->low, $found->soap?->high])->toEqual($case['soap']);
    }
})->with(labels());

it('marks each part where it stands, in code points', function (array $case): void {
    foreach (readLabel($case['text'])->parts as $part) {
        expect(mb_substr($case['text'], $part->start, $part->end - $part->start))->toBe($part->text);
    }
})->with(labels());

it('knows enough names, each once', function (): void {
    expect(Cases::get(NameBook::class)->count())->toBeGreaterThan(800);
});

it('finds a name through a slip of the pen, and none where nothing is near', function (string $written, ?string $class): void {
    expect(Cases::get(NameBook::class)->find($written)[1]->value ?? null)->toBe($class);
})->with([
    ['Potassium Oleat', 'soap'], ['potasium cocoate', 'soap'], ['Sodium Lauril Sulfate', 'detergent'], ['Cocamidopropyl Betayne', 'detergent'],
    ['limonen', 'perfume'], ['glicerine', 'softener'], ['Xanthum Gum', 'thickener'], ['Acid Yellow 23', 'dye'], ['CI 42090', 'dye'],
    ['sodium apricot kernelate', 'soap'], ['Disodium Oleth-3 Sulfosuccinate', 'detergent'], ['wobble', null], ['qq', null],
]);

it('takes a share for what it is said of, and for what follows a colon', function (): void {
    $shares = [];
    foreach (readLabel('5-15%: anionic surfactants, soap; <5%: non-ionic surfactants; perfume')->parts as $part) {
        $shares[] = [$part->text, $part->share?->low, $part->share?->high];
    }
    expect($shares)->toBe([['anionic surfactants', 5.0, 15.0], ['soap', 5.0, 15.0], ['non-ionic surfactants', 0.0, 5.0], ['perfume', null, null]]);
});

it('gives a bottle for the pantry only what the label bounds', function (string $text, ?string $ingredient, ?string $strength): void {
    $found = readLabel($text);
    expect([$found->ingredient, $found->strength()])->toBe([$ingredient, $strength]);
})->with([
    ['Potassium salts of fatty acids 49 %, other ingredients 51 %', 'soap-concentrate', '49 % w/v'],
    ['15-30 % soap, <5 % perfume', 'liquid-castile-soap', '15-30 % w/v'],
    ['30 % and more soap', 'liquid-castile-soap', null],
    ['Aqua, Potassium Olivate', 'liquid-castile-soap', null],
    ['Sodium Palmate, Sodium Cocoate, Aqua', 'bar-soap', null],
    ['5-15 % anionic surfactants', 'dish-detergent', '5-15 % w/v'],
    ['Acetic acid 10 %, water', 'white-vinegar', '10 %'],
]);

it('says why, naming what decided', function (): void {
    $english = Cases::english();
    expect($english->say(readLabel('Aqua, Potassium Olivate')->because))->toBe('It names Potassium Olivate, and no synthetic surfactant.')
        ->and($english->say(readLabel('Soap, Sodium Laureth Sulfate')->because))->toContain('Soap')->toContain('Sodium Laureth Sulfate')
        ->and($english->say(readLabel('Surfactants')->because))->toContain('can be either');
});

it('refuses what is no label', function (string $text, string $says): void {
    expect(Cases::complaint(fn () => readLabel($text)))->toBe(['text', $says]);
})->with([
    ['', 'There is nothing to read: paste or type the list of contents from the bottle.'],
    ['  12 % ,, ', 'There is nothing to read: paste or type the list of contents from the bottle.'],
    ["\xff\xfe soap", 'This is not text in UTF-8: save it as plain text and try again.'],
    [str_repeat('soap, ', 1200), 'The text is too long to be one label: keep it under 6000 characters.'],
]);

it('has something to say of each class, for leaves, bees, soil and pond', function (): void {
    $english = Cases::english();
    foreach (array_filter(PartClass::cases(), static fn (PartClass $class): bool => $class->isInIt()) as $class) {
        foreach (['leaves', 'bees', 'soil', 'pond'] as $whom) {
            expect(strlen($english->say($class->meansFor($whom))))->toBeGreaterThan(3);
        }
    }
});

it('knows a bottle that is no soap for what it is, how strong, and what to mind', function (array $case): void {
    $found = readLabel($case['text']);
    $warns = array_diff(
        array_map(static fn (Finding $one): string => str_replace('bottle.finding.', '', $one->ground), LabelFindings::of($found)),
        ['soap', 'detergent', 'mixed', 'unclear', 'known'],
    );
    $expected = $case['warns'] ?? [];
    sort($warns);
    sort($expected);
    expect([$found->contents?->ingredient->id, $found->strength(), $warns])->toBe([$case['is'], $case['strength'], $expected]);
})->with(array_filter(labels(), static fn (array $case): bool => array_key_exists('is', $case[0])));

it('holds eighty labels, thirty of them of no soap', function (): void {
    $of = array_filter(labels(), static fn (array $case): bool => ! in_array($case[0]['is'] ?? 'soap', ['soap', 'liquid-castile-soap', 'ready-soap-spray', 'dish-detergent'], true));
    expect(count(labels()))->toBeGreaterThanOrEqual(80)->and(count($of))->toBeGreaterThanOrEqual(30);
});

it('can tell what anything is whose name alone stands on it', function (): void {
    $lost = [];
    foreach (Cases::get(Ingredients::class)->ids() as $id) {
        $ingredient = Cases::ingredient($id);
        if ($ingredient->substance !== null && $ingredient->substance->id !== 'unknown' && readLabel($ingredient->name)->contents === null) {
            $lost[] = $ingredient->name;
        }
    }
    expect($lost)->toBe([]);
});

it('never takes what a row names for something milder than that row', function (): void {
    $table = Cases::table('bottle-contents');
    foreach ($table->rows('contents') as $row) {
        foreach ($row->has('also') ? [] : $row->strings('any') as $name) {
            $found = readLabel(rtrim($name, '*'))->contents;
            expect($found)->not->toBeNull($name);
            $harsh = Cases::ingredient($row->string('ingredient'))->substance?->isHarsh === true;
            expect($harsh && $found?->ingredient->substance?->isHarsh !== true)->toBeFalse("$name is {$found?->ingredient->id}");
        }
    }
});

it('does not count what is said to be absent', function (string $text, ?string $is): void {
    expect(readLabel($text)->contents?->ingredient->id)->toBe($is);
})->with([
    ['Alcohol-free. White vinegar 5 %', 'white-vinegar'], ['Contains no soap. Alcohol 60 %', 'ethyl-alcohol'], ['0 % nicotine, water', null],
    ['Sans chlore. Eau oxygénée 10 vol', 'hydrogen-peroxide'], ['Do not mix with bleach. Ammonia 9 %', 'household-ammonia'],
]);
