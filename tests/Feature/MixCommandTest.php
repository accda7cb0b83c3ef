<?php

declare(strict_types=1);

use App\Console\SchemaCheck;
use Illuminate\Support\Facades\Process;

/** Runs the command as another program would: from outside, without database or .env. */
function runMix(array|string $recipe, string ...$options): array
{
    $result = Process::path(base_path())
        ->env(['DB_DATABASE' => '/nonexistent/none.sqlite', 'APP_ENV' => 'local', 'LOG_CHANNEL' => 'null'])
        ->input(is_array($recipe) ? json_encode($recipe) : $recipe)
        ->run(['php', 'artisan', 'nebbia:mix', '-', ...$options]);

    return [$result->exitCode(), $result->output(), $result->errorOutput()];
}

/** @return array<string, mixed> */
function eveningSoap(): array
{
    return json_decode('{ "format": "nebbia.recipe/1", "name": "Evening soap", "use": "foliar", "units": "us",
        "base": { "amount": "1 L", "basis": "added", "liquid": "water" },
        "ingredients": [
            { "ingredient": "liquid-castile-soap", "amount": "25 mL", "strength": "30 % w/v" },
            { "ingredient": "isopropyl-alcohol", "amount": "3 tbsp", "strength": "70 % v/v" } ],
        "repeat": { "every_days": 7, "times": 3 } }', true);
}

it('prints nebbia.mix/1', function (): void {
    [$exit, $out, $err] = runMix(eveningSoap(), '--json');
    $mix = json_decode($out, true);
    expect($exit)->toBe(0)->and($err)->toBe('')
        ->and((new SchemaCheck)->firstError($mix, 'nebbia.mix-1')?->message())->toBeNull()
        ->and($mix['format'])->toBe('nebbia.mix/1')
        ->and($mix['scale'])->toBe(1.0)
        ->and($mix['base_ml'])->toBe(1000.0)
        // 1000 + 25 + 44.36029
        ->and($mix['final_volume_ml']['likely'])->toEqualWithDelta(1069.36029, 1e-4)
        ->and(array_column($mix['lines'], 'ingredient'))->toBe(['liquid-castile-soap', 'isopropyl-alcohol'])
        // 25 · 1.03, and 44.36029 · 0.877
        ->and($mix['lines'][0]['mass_g'])->toEqualWithDelta(25.75, 1e-6)
        ->and($mix['lines'][1]['mass_g'])->toEqualWithDelta(38.904, 1e-3)
        // 7.5 g in 1069.36 mL
        ->and($mix['strengths'][0]['percent_wv']['likely'])->toEqualWithDelta(0.701354, 1e-5)
        ->and($mix['strengths'][0]['percent_vv'])->toBeNull()
        ->and($mix['strengths'][1]['percent_vv']['likely'])->toEqualWithDelta(2.903812, 1e-5)
        // 150 mg/L of hardness in 1000 of 1069.36 mL: 1.4015 mmol/L of calcium takes 2 × 320.55 mg each, 0.08985 g per 100 mL
        ->and($mix['after'][0]['percent_wv']['likely'])->toEqualWithDelta(0.701354 - 0.08985, 1e-4)
        ->and($mix['after'][1]['percent_wv'])->toBe($mix['strengths'][1]['percent_wv'])
        ->and($mix['ph']['likely'])->toBeGreaterThan(9.0)->toBeLessThan(10.0);
});

it('scales into a vessel and leaves air', function (): void {
    [, $out] = runMix(eveningSoap(), '--json', '--into=2 L', '--fill=0,85');
    $mix = json_decode($out, true);
    // 1700 / 1069.36029 = 1.589735; soap 25 · 1.589735 = 39.7434
    expect($mix['final_volume_ml']['likely'])->toEqualWithDelta(1700.0, 1e-6)
        ->and($mix['scale'])->toEqualWithDelta(1.589735, 1e-6)
        ->and($mix['lines'][0]['volume_ml'])->toEqualWithDelta(39.74338, 1e-4)
        ->and($mix['lines'][0]['measure'])->toBe('2 tbsp + 2 tsp');
});

it('lets --units overrule the recipe', function (): void {
    $recipe = eveningSoap();
    [, $out] = runMix($recipe, '--json', '--units=au');
    expect(json_decode($out, true)['lines'][1]['volume_ml'])->toEqualWithDelta(60.0, 1e-9);
});

it('judges for a plant by any of its names, and says the stage is not judged yet', function (): void {
    [, $out] = runMix(eveningSoap(), '--json', '--for=Adiantum', '--stage=seedling');
    $findings = json_decode($out, true)['findings'];
    $soap = array_values(array_filter($findings, fn (array $f): bool => $f['rule'] === 'tolerance' && $f['substances'] === ['potassium-soap']))[0];
    // 0.70 % on a fern: careful from 0.6
    expect($soap['severity'])->toBe('caution')->and($soap['what'])->toContain('maidenhair fern')
        ->and(array_column($findings, 'rule'))->toContain('condition');
});

it('exits with 3 for a stop only when strict', function (): void {
    $strong = eveningSoap();
    $strong['ingredients'][0]['amount'] = '300 mL';
    expect(runMix($strong, '--for=rose')[0])->toBe(0)
        ->and(runMix($strong, '--for=rose', '--strict')[0])->toBe(3)
        ->and(runMix(eveningSoap(), '--for=rose', '--strict')[0])->toBe(0);
});

it('writes a page to read', function (): void {
    [$exit, $out] = runMix(eveningSoap());
    expect($exit)->toBe(0)->and($out)->toContain('Evening soap')->toContain('Order')->toContain('1. Water')->toContain('potassium soap')->toContain('[caution]');
});

it('reads a file', function (): void {
    $path = tempnam(sys_get_temp_dir(), 'nebbia');
    file_put_contents($path, "\xEF\xBB\xBF".json_encode(eveningSoap()));
    $result = Process::path(base_path())->run(['php', 'artisan', 'nebbia:mix', $path, '--json']);
    unlink($path);
    expect($result->exitCode())->toBe(0)->and(json_decode($result->output(), true)['lines'])->toHaveCount(2);
});

it('refuses bad input in one line, with nothing on standard output', function (array|string|Closure $recipe, array $options, string $names): void {
    [$exit, $out, $err] = runMix($recipe instanceof Closure ? $recipe() : $recipe, ...$options);
    expect($exit)->toBe(1)->and($out)->toBe('')
        ->and(substr_count($err, "\n"))->toBe(1)->and($err)->toStartWith($names);
})->with([
    'no JSON' => ['{ not json', [], 'FILE: '],
    'not UTF-8' => ["\"\xB1\"", [], 'FILE: '],
    'nothing' => ['', [], 'FILE: '],
    'another thing' => ['[1, 2]', [], 'format: '],
    'an amount' => [fn () => array_replace_recursive(eveningSoap(), ['ingredients' => [0 => ['amount' => '2 blorps']]]), ['--json'], 'ingredients.0.amount: '],
    'an ingredient' => [fn () => array_replace_recursive(eveningSoap(), ['ingredients' => [0 => ['ingredient' => 'soapp']]]), [], 'ingredients.0.ingredient: '],
    'a null amount' => [fn () => array_replace_recursive(eveningSoap(), ['base' => ['amount' => null]]), [], 'base.amount: '],
    'a note that is no text' => [fn () => eveningSoap() + ['note' => ['a']], [], 'note: '],
    'a vessel of nothing' => [fn () => eveningSoap(), ['--into=0 L'], '--into: '],
    'a vessel in grams' => [fn () => eveningSoap(), ['--into=10 g'], '--into: '],
    'a fill over the brim' => [fn () => eveningSoap(), ['--into=1 L', '--fill=1.2'], '--fill: '],
    'a fill of nothing' => [fn () => eveningSoap(), ['--into=1 L', '--fill=0'], '--fill: '],
    'a fill of no vessel' => [fn () => eveningSoap(), ['--fill=0.8'], '--fill: '],
    'a plant in no encoding' => [fn () => eveningSoap(), ["--for=\xFF\xFE"], '--for: '],
    'an amount over two lines' => [fn () => array_replace_recursive(eveningSoap(), ['ingredients' => [0 => ['amount' => "2\nblorps\e[31m"]]]), [], 'ingredients.0.amount: '],
    'a plant of a name of two' => [fn () => eveningSoap(), ['--for=lime'], '--for: '],
    'a stage' => [fn () => eveningSoap(), ['--stage=asleep'], '--stage: '],
    'units' => [fn () => eveningSoap(), ['--units=roman'], '--units: '],
    'an option' => [fn () => eveningSoap(), ['--bogus'], 'The "--bogus" option'],
]);

it('says which file is missing', function (): void {
    $result = Process::path(base_path())->run(['php', 'artisan', 'nebbia:mix', '/no/such/file.json']);
    expect($result->exitCode())->toBe(1)->and($result->output())->toBe('')->and($result->errorOutput())->toStartWith('FILE: "/no/such/file.json" cannot be read');
});

it('wants a file', function (): void {
    $result = Process::path(base_path())->run(['php', 'artisan', 'nebbia:mix']);
    expect($result->exitCode())->toBe(1)->and($result->output())->toBe('')->and(substr_count($result->errorOutput(), "\n"))->toBe(1);
});

it('carries what it does not interpret', function (): void {
    [$exit] = runMix(eveningSoap() + ['steps' => 'stir', 'source' => ['book' => 'none'], 'note' => 'x', 'targets' => ['aphid'], 'mood' => 'calm']);
    expect($exit)->toBe(0);
});

it('holds the recipes of the demo garden to the published schema', function (): void {
    $demo = Symfony\Component\Yaml\Yaml::parseFile(database_path('demo/fontegrigia.yaml'));
    expect($demo['recipes'])->toHaveCount(9);
    foreach ($demo['recipes'] as $name => $recipe) {
        $body = ['format' => 'nebbia.recipe/1'] + $recipe['body'];
        expect((new SchemaCheck)->firstError($body, 'nebbia.recipe-1')?->message())->toBeNull($name);
    }
});

it('judges a plant of which nothing is known as a sensitive one, by its name', function (): void {
    // 1 % of soap: ordinary plants bear it (careful from 1.5), sensitive ones are careful from 0.6.
    $findings = static fn (string $for): array => array_column(json_decode(runMix(eveningSoap(), '--json', "--for=$for")[1], true)['findings'], 'severity', 'what');
    [$known, $own] = [$findings('tomato'), $findings('Auntie’s wonder')];
    expect(implode(' ', array_keys($own)))->toContain('Auntie’s wonder')->toContain('judged as a sensitive one')
        ->and(count(array_keys($own, 'caution', true)))->toBeGreaterThan(count(array_keys($known, 'caution', true)));
    foreach (['houseplant', 'succulent', 'shrub', 'tree', 'conifer', 'fern', 'herb', 'vegetable', 'seedlings', 'annual-flower', 'perennial', 'climber', 'hedge', 'bulb', 'lawn', 'orchid', 'palm', 'cactus', 'fruit-tree', 'flowers'] as $kind) {
        expect(runMix(eveningSoap(), "--for=$kind")[0])->toBe(0);
    }
});
