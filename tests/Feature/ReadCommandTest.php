<?php

declare(strict_types=1);

use App\Console\SchemaCheck;
use Illuminate\Support\Facades\Process;

/** Runs the command as another program would: from outside, without database or .env. */
function runRead(string $text, string ...$options): array
{
    $result = Process::path(base_path())
        ->env(['DB_DATABASE' => '/nonexistent/none.sqlite', 'APP_ENV' => 'local', 'LOG_CHANNEL' => 'null'])
        ->input($text)->run(['php', 'artisan', 'nebbia:read', ...$options]);

    return [$result->exitCode(), $result->output(), $result->errorOutput()];
}

it('prints a recipe with what it rests on, which the next command mixes', function (): void {
    [$exit, $out, $err] = runRead('Half a teaspoon of washing-up liquid to a litre of lukewarm water, spray weekly.', '--json');
    $read = json_decode($out, true);
    expect($exit)->toBe(0)->and($err)->toBe('')
        ->and((new SchemaCheck)->firstError($read, 'nebbia.reading-1')?->message())->toBeNull()
        ->and($read['understood'][0])->toMatchArray(['text' => 'Half a teaspoon', 'start' => 0, 'end' => 15])
        ->and($read['findings'][0]['severity'])->toBe('notice');
    $mixed = Process::path(base_path())->input($out)->run(['php', 'artisan', 'nebbia:mix', '-', '--json']);
    // 2.46446 mL of 20 % in 1002.46446 mL.
    expect(json_decode($mixed->output(), true)['strengths'][0]['percent_wv']['likely'])->toEqualWithDelta(0.0491680, 1e-6);
});

it('hands on what is missing as null, which the next command refuses at its field', function (): void {
    [, $out] = runRead('One part milk to nine parts water, sprayed weekly.', '--json');
    expect(json_decode($out, true)['base']['amount'])->toBeNull();
    $mixed = Process::path(base_path())->input($out)->run(['php', 'artisan', 'nebbia:mix', '-', '--json']);
    expect($mixed->exitCode())->toBe(1)->and($mixed->output())->toBe('')->and($mixed->errorOutput())->toStartWith('base.amount: ');
});

it('reads with the spoons that are asked for, and writes a page for people', function (): void {
    [, $out] = runRead('1 tbsp of neem oil in 1 L of water, spray', '--units=au', '--json');
    expect(json_decode($out, true)['units'])->toBe('au');
    [$exit, $page] = runRead('A squirt of soap in 1 L of water. My roses love it.');
    expect($exit)->toBe(0)->and($page)->toContain('[unnamed-soap]')->toContain('[rough]')->toContain('love it');
});

it('refuses in one line, and prints nothing', function (string $text, array $options, string $says): void {
    [$exit, $out, $err] = runRead($text, ...$options);
    expect($exit)->toBe(1)->and($out)->toBe('')->and(trim($err))->toContain($says)->and(substr_count(trim($err), "\n"))->toBe(0);
})->with([
    ['', ['--json'], 'text: There is nothing to read'],
    ["\xff\xfe", ['--json'], 'text: This is not text in UTF-8'],
    ['x', ['--units=roman'], '--units: '],
    ['x', ['/nonexistent/file.txt'], 'FILE: '],
]);

it('reads every recipe of the demo garden back from its own words, and comes to the same strengths', function (): void {
    $garden = demo();
    $catalogue = app(Nebbia\Core\Data\Sentence\Catalogue::class);
    $strengths = static function (array $body) use ($garden): array {
        $mix = app(Nebbia\Core\Mixing\Mixer::class)->mix(app(App\Pantry\Household::class)->reader($garden)->read($body));
        $found = [];
        foreach ($mix->strengths as $one) {
            $found[$one->substance->id] = round($one->percentWv->likely, 6);
        }
        ksort($found);

        return $found;
    };
    $tried = 0;
    foreach ($garden->recipes as $recipe) {
        $body = $recipe->body;
        if (array_filter($body['ingredients'], static fn (array $line): bool => isset($line['preparation'])) !== [] || ($body['base']['liquid'] ?? 'water') !== 'water') {
            continue;
        }
        $names = app(Nebbia\Core\Substance\Ingredients::class);
        $lines = array_map(static fn (array $line): string => "$line[amount] of ".mb_strtolower($names->named($line['ingredient'])->name).(isset($line['strength']) ? " ($line[strength])" : ''), $body['ingredients']);
        $said = $body['base']['basis'] === 'final' ? "made up to {$body['base']['amount']} with water" : "in {$body['base']['amount']} of water";
        $read = app(Nebbia\Core\Reading\PlainReader::class)->read(implode(', ', $lines)." $said.", Nebbia\Core\Measure\UnitSystem::from($body['units'] ?? 'us'))->toArray($catalogue);
        expect($strengths($read))->toEqual($strengths($body), "$recipe->name: ".implode(', ', $lines)." $said.");
        $tried++;
    }
    expect($tried)->toBeGreaterThan(5);
});
