<?php

declare(strict_types=1);

/*
 * Writes what all console commands say of all sample inputs, and what every GET endpoint answers for the demo garden, to a folder:
 *
 *     php tests/Before/outputs.php FOLDER
 *
 * Run on two checkouts, `diff -r` shows whether a change of structure has changed behaviour. To be deleted when the moves are done.
 */

use Illuminate\Contracts\Console\Kernel as Console;
use Illuminate\Contracts\Http\Kernel as Http;
use Illuminate\Http\Request;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\BufferedOutput;
use Symfony\Component\Yaml\Yaml;

$folder = $argv[1] ?? throw new RuntimeException('Which folder?');
$root = dirname(__DIR__, 2);
@mkdir($folder, 0o775, true);
foreach (['APP_ENV' => 'local', 'LOG_CHANNEL' => 'null', 'NEBBIA_NOW' => '2026-06-13T09:00:00+02:00', 'DB_DATABASE' => "$folder/garden.sqlite", 'APP_DEBUG' => 'true'] as $name => $value) {
    putenv("$name=$value");
    $_ENV[$name] = $_SERVER[$name] = $value;
}
@unlink("$folder/garden.sqlite");
touch("$folder/garden.sqlite");
require "$root/vendor/autoload.php";
$app = require "$root/bootstrap/app.php";
$console = $app->make(Console::class);
$console->bootstrap();

$said = [];
$input = tempnam(sys_get_temp_dir(), 'before');
$run = function (string $file, string $name, string $command, mixed $data, array $options = []) use (&$said, $input, $console): void {
    file_put_contents($input, is_string($data) ? $data : json_encode($data, JSON_THROW_ON_ERROR));
    $out = new BufferedOutput;
    try {
        $code = $console->handle(new ArrayInput(['command' => "nebbia:$command", ...($data === null ? [] : ['file' => $input]), ...$options]), $out);
    } catch (Throwable $e) {
        $code = $e::class.$e->getMessage();
    }
    $said[$file] = ($said[$file] ?? '')."=== $name ".preg_replace('#\\\\?/tmp\\\\?/\w+#', 'FILE', (string) json_encode($options))." ($code)\n".str_replace($input, 'FILE', $out->fetch())."\n";
};
$cases = static fn (string $path): array => Yaml::parseFile("$root/$path");
$find = static fn (string $name): string => substr((string) (glob("$root/core/tests/*/$name.yaml")[0] ?? glob("$root/core/tests/*/*/$name.yaml")[0]), strlen($root) + 1);

$recipe = static fn (array $base, array $lines, string $use = 'foliar', string $units = 'metric'): array => [
    'format' => 'nebbia.recipe/1', 'name' => 'A', 'use' => $use, 'units' => $units, 'base' => $base,
    'ingredients' => array_map(static fn (array $line): array => ['ingredient' => $line[0], 'amount' => (string) $line[1]] + (isset($line[2]) ? ['strength' => (string) $line[2]] : []), $lines),
];
foreach ($cases($find('recipes')) as $case) {
    $body = $recipe($case['base'], $case['lines'], $case['use'] ?? 'foliar', $case['units'] ?? 'metric');
    $run('mix-recipes', $case['name'], 'mix', $body, ['--json' => true]);
    $run('mix-recipes', $case['name'], 'mix', $body, ['--for' => 'tomato', '--into' => '2 L', '--fill' => '0.9', '--temperature' => '31', '--wind' => '20', '--rain-in' => '2', '--bees' => true]);
}
foreach ($cases($find('verdicts')) as $case) {
    $body = $recipe(['amount' => '1 L', 'basis' => 'final'], $case['of'], $case['use'] ?? 'foliar');
    $at = ['--for' => $case['plant'] ?? 'tomato'] + (isset($case['stage']) ? ['--stage' => $case['stage']] : []) + (isset($case['at']['state']) ? ['--state' => $case['at']['state']] : []);
    $run('mix-verdicts', $case['name'], 'mix', $body, ['--json' => true, '--strict' => true] + $at);
    $run('mix-verdicts-text', $case['name'], 'mix', $body, ['--part' => 'midday', '--sun-soon' => true, '--hardness' => '320', '--alkalinity' => '250'] + $at);
}
foreach ($cases($find('paragraphs')) as $n => $case) {
    $run('read', (string) $n, 'read', $case['text'], ['--json' => true]);
    $run('read-text', (string) $n, 'read', $case['text']);
}
foreach ($cases($find('labels')) as $n => $case) {
    $run('label', (string) $n, 'label', $case['text'], ['--json' => true]);
    $run('label-text', (string) $n, 'label', $case['text']);
}
foreach ($cases($find('makings')) as $case) {
    $body = ['format' => 'nebbia.preparation/1', 'id' => 'jar', 'kind' => $case['kind'], 'units' => 'metric', 'base' => ['amount' => $case['base']], 'ingredients' => array_map(static fn (array $line): array => ['ingredient' => $line[0], 'amount' => (string) $line[1]] + (isset($line[2]) ? ['strength' => (string) $line[2]] : []), $case['of'])];
    $run('make', $case['name'], 'make', $body, ['--json' => true]);
    $run('make-text', $case['name'], 'make', $body);
}
foreach ($cases($find('soaps')) as $case) {
    $options = ['--oil' => array_map(static fn (string $oil, mixed $grams): string => "$oil:{$grams}g", array_keys($case['oils']), $case['oils'])];
    $options += isset($case['superfat']) ? ['--superfat' => (string) $case['superfat']] : [];
    $options += isset($case['mass']) ? ['--alkali-mass' => $case['mass'].'g'] : [];
    $options += is_string($case['alkali'] ?? null) ? ['--alkali' => $case['alkali']] : [];
    $run('soap', $case['name'], 'soap', null, ['--json' => true, '--strict' => true] + $options);
    $run('soap-text', $case['name'], 'soap', null, ['--hardness' => '300', '--storage' => '20'] + $options);
}
foreach ($cases($find('cases')) as $n => $case) {
    $options = ['--sign' => $case['signs']] + array_filter(['--not' => $case['not'] ?? null, '--plant' => $case['plant'] ?? null, '--place' => $case['place'] ?? null, '--season' => $case['season'] ?? null, '--weather' => $case['weather'] ?? null]);
    $run('diagnose', (string) $n, 'diagnose', null, ['--json' => true] + $options);
    $run('diagnose-text', (string) $n, 'diagnose', null, $options);
}
foreach ([[], ['--json' => true]] as $list) {
    $run('diagnose-list', 'list', 'diagnose', null, ['--list' => true] + $list);
}
$weather = tempnam(sys_get_temp_dir(), 'before');
$lines = ['time,temp_c,rain_mm,wind_ms,humidity,cloud'];
for ($n = 0; $n < 240; $n++) {
    $lines[] = gmdate('Y-m-d\TH:i\Z', 1777672800 + $n * 3600).','.(12 + $n % 24 / 2).','.($n % 53 < 5 ? 1.2 : 0).','.(1 + $n % 7).','.(50 + $n % 40).','.($n % 100);
}
file_put_contents($weather, implode("\n", $lines));
foreach (Yaml::parseFile("$root/core/data/targets.yaml") as $target) {
    foreach ([['outbreak', 'broad-bean', 'liquid-castile-soap', '20 mL', '33 %'], ['prevention', 'rose', 'potassium-bicarbonate', '6 g', null], ['outbreak', 'lemon', 'garlic-extract', '100 mL', null]] as [$purpose, $plant, $what, $amount, $strength]) {
        $course = ['format' => 'nebbia.course/1', 'target' => $target['id'], 'purpose' => $purpose, 'start' => '2026-05-02', 'place' => ['lat' => 45.9, 'lon' => 9.3, 'time_zone' => 'Europe/Rome'],
            'plantings' => [['plant' => $plant, 'number' => 4, 'stage' => 'growing', 'height_cm' => 70]], 'recipe' => $recipe(['amount' => '1 L', 'basis' => 'added'], [array_filter([$what, $amount, $strength])])];
        $run('plan', "{$target['id']} $purpose", 'plan', $course, ['--json' => true, '--weather' => $weather]);
        $run('plan-text', "{$target['id']} $purpose", 'plan', $course);
    }
}
$run('plan-ics', 'ics', 'plan', $course, ['--ics' => true]);
$bad = ['', '{', '[]', '{"format":"nebbia.recipe/1"}', '{"format":"nebbia.course/1"}', '{"format":"nebbia.preparation/1"}', '{"format":"nebbia.recipe/1","base":{"amount":"much"},"ingredients":[{"ingredient":"unobtainium","amount":"3"}]}', "\xff\xfe"];
foreach (['mix', 'make', 'plan', 'read', 'label'] as $command) {
    foreach ($bad as $n => $text) {
        $run('bad', "$command $n", $command, $text, ['--json' => true]);
    }
}
unlink($input);
unlink($weather);

$console->call('migrate', ['--force' => true, '--seed' => true]);
$kernel = $app->make(Http::class);
$get = function (string $path) use ($kernel): array {
    $answer = $kernel->handle(Request::create("http://localhost$path", 'GET', server: ['HTTP_ACCEPT' => 'application/json']));
    $body = $answer->getContent();

    return [$answer->getStatusCode(), $body === false ? '' : $body];
};
$garden = json_decode($get('/api/gardens')[1], true)[0]['id'] ?? json_decode($get('/api/gardens')[1], true)['gardens'][0]['id'];
$rows = static fn (string $table): array => $app->make('db')->table($table)->orderBy('rowid')->pluck('id')->all();
$paths = ['/api/empty', '/api/gardens', '/api/grounds', '/api/knowledge', '/api/signs', '/api/stand-in/forecast.csv', '/api/stand-in/forecast.csv?lat=45.9&lon=9.3&from=2026-05-02&days=4&seed=3', "/api/gardens/$garden"];
foreach (['applications', 'courses', 'lanes', 'other-uses', 'pantry', 'plantings.csv', 'plot', 'preparations', 'recipes', 'replans', 'ribbon', 'rounds.ics', 'shopping', 'shopping.csv', 'today', 'troubles', 'weather', 'applications?search=soap', 'recipes?plant=x'] as $part) {
    $paths[] = "/api/gardens/$garden/$part";
}
foreach (['plantings' => ['looks'], 'preparations' => [''], 'recipes' => ['', 'versions'], 'rounds' => ['days'], 'scoutings' => ['photo'], 'troubles' => ['']] as $table => $parts) {
    foreach (array_slice($rows($table), 0, 12) as $id) {
        foreach ($parts as $part) {
            $paths[] = rtrim("/api/gardens/$garden/$table/$id/$part", '/');
        }
    }
}
$answers = [];
foreach ($paths as $path) {
    [$status, $body] = $get($path);
    $json = json_decode($body, true);
    $answers[$path] = "=== $path $status\n".(is_array($json) ? json_encode($json, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES) : $body)."\n";
}
$ids = [];
$said['get'] = (string) preg_replace_callback('/\b[0-9][0-9a-hjkmnp-tv-z]{25}\b/i', function (array $one) use (&$ids): string {
    return $ids[$one[0]] ??= 'ID'.count($ids);
}, (string) preg_replace(['/Counted along the row: [\d, ]+/', '/"plants": \[[\d,\s]+\]/'], 'by lot', implode('', $answers)));
foreach ($said as $file => $text) {
    file_put_contents("$folder/$file.txt", $text);
}
@unlink("$folder/garden.sqlite");
foreach (glob("$folder/garden.sqlite*") as $left) {
    unlink($left);
}
echo count($paths), ' endpoints, ', array_sum(array_map(static fn (string $text): int => substr_count($text, "\n"), $said)), " lines\n";
