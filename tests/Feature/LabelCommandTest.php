<?php

declare(strict_types=1);

use App\Console\SchemaCheck;

it('prints what a label says, as its schema has it', function (): void {
    $text = "Savon liquide : eau, 15-30 % savon, parfum, Sodium Lau-\nreth Sulfate";
    [$exit, $out, $err] = outside($text, 'nebbia:label', '--json');
    $read = json_decode($out, true);
    expect($exit)->toBe(0)->and($err)->toBe('')->and((new SchemaCheck)->firstError($read, 'nebbia.label-1')?->message())->toBeNull()
        ->and($read['verdict'])->toBe('mixed')->and($read['soap_percent_wv'])->toEqual(['low' => 15.0, 'likely' => 22.5, 'high' => 30.0]);
    foreach ($read['parts'] as $part) {
        expect(mb_substr($text, $part['start'], $part['end'] - $part['start']))->toBe($part['text']);
    }
});

it('writes a page for people', function (): void {
    [$exit, $page] = outside('Aqua, Potassium Oleate', 'nebbia:label');
    expect($exit)->toBe(0)->and($page)->toContain('A true soap.')->toContain('true soap')->toContain('[fine]');
});

it('says in one line what cannot be read', function (string $input, array $options, string $says): void {
    [$exit, $out, $err] = outside($input, 'nebbia:label', ...$options);
    expect($exit)->toBe(1)->and($out)->toBe('')->and(substr_count(trim($err), "\n"))->toBe(0)->and($err)->toContain($says);
})->with([['', ['--json'], 'text: There is nothing to read'], ["\xff\xfe", ['--json'], 'UTF-8'], ['', ['/no/such/label.txt'], 'FILE:'], ['x', ['--nonsense'], 'nonsense']]);

it('mixes by the water, the state and the hour that it is told', function (): void {
    $recipe = json_encode(['format' => 'nebbia.recipe/1', 'base' => ['amount' => '2 L', 'basis' => 'final'], 'ingredients' => [['ingredient' => 'aspirin-tablet', 'amount' => '0.5 g', 'strength' => '100 %']]], JSON_THROW_ON_ERROR);
    $ph = function (string ...$options) use ($recipe): float {
        [$exit, $out] = outside($recipe, 'nebbia:mix', '-', '--json', ...$options);
        expect($exit)->toBe(0)->and((new SchemaCheck)->firstError(json_decode($out, true), 'nebbia.mix-1')?->message())->toBeNull();

        return json_decode($out, true)['ph']['likely'];
    };
    // 500 mg in 2 L of pure water: 3.278; the alkalinity of tap water swamps it
    expect($ph('--water=distilled'))->toEqualWithDelta(3.278, 0.01)->and($ph())->toBeGreaterThan(6.0)->and($ph('--hardness=0', '--alkalinity=0'))->toEqualWithDelta(3.278, 0.01);
    [, $out] = outside($recipe, 'nebbia:mix', '-', '--json', '--for=tomato', '--state=drought', '--temperature=30', '--rain-in=2');
    $rules = array_column(json_decode($out, true)['findings'], 'severity', 'ground');
    expect($rules)->toMatchArray(['modifier.drought' => 'stop', 'window.aspirin' => 'caution']);
});

it('names the option that cannot be', function (string $option, string $says): void {
    $recipe = json_encode(['format' => 'nebbia.recipe/1', 'base' => ['amount' => '1 L', 'basis' => 'final'], 'ingredients' => []], JSON_THROW_ON_ERROR);
    [$exit, $out, $err] = outside($recipe, 'nebbia:mix', '-', '--json', $option);
    expect($exit)->toBe(1)->and($out)->toBe('')->and($err)->toContain($says);
})->with([['--water=sea', '--water'], ['--hardness=much', '--hardness'], ['--hardness=5000', '--hardness: '], ['--temperature=99', '--temperature'], ['--state=sad', '--state'], ['--rain-in=-1', '--rain-in'], ['--ph=20', '--ph'], ['--part=noonish', '--part']]);
