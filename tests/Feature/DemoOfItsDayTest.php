<?php

declare(strict_types=1);

use App\Database\SchemaNumber;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\Support\Steps;

/*
 * The demo garden as the program of then made it, with its tables of then (tests/Fixtures/databases): numbers one and two, and eleven to
 * thirteen, never stood alone. What is kept once must be read for ever, so none of these files is ever made anew.
 */

/** @return list<int> how many migrations each has seen */
function daysKept(): array
{
    $days = array_map(static fn (string $file): int => (int) preg_replace('/\D+/', '', basename($file)), glob(dirname(__DIR__).'/Fixtures/databases/*.gz') ?: []);
    sort($days);

    return $days;
}

/** @return string the file, on the connection "steps" */
function ofItsDay(int $tables): string
{
    $file = (string) tempnam(sys_get_temp_dir(), 'nebbia');
    file_put_contents($file, (string) gzdecode((string) file_get_contents(base_path("tests/Fixtures/databases/demo-tables-$tables.sqlite.gz"))));
    Steps::on($file);
    expect(DB::connection('steps')->table('migrations')->count())->toBe($tables);

    return $file;
}

it('is kept for each day of its tables: after a new migration bin/keep-demo does it', function (): void {
    expect(daysKept())->toBe([3, 4, 5, 6, 7, 8, 9, 10, ...range(14, SchemaNumber::KNOWN)]);
});

it('stops at any statement and leaves the demo of that day as it was', function (int $tables): void {
    $file = ofItsDay($tables);
    $days = daysKept();
    $next = $days[array_search($tables, $days, true) + 1];
    $stopped = 0;
    foreach (array_slice(glob(database_path('migrations/*.php')) ?: [], $tables, $next - $tables) as $path) {
        $stopped += Steps::stopAtEach($path);
    }
    expect($stopped)->toBeGreaterThan(3);
    DB::purge('steps');
    unlink($file);
})->with(array_slice(daysKept(), 0, -1));

it('comes up to today with every row, and every view shows it', function (int $tables): void {
    $file = ofItsDay($tables);
    $db = DB::connection('steps');
    $count = static fn (string $table): int => DB::connection('steps')->table($table)->count();
    // All that it had: migrations add tables and columns, and take no row.
    $of = array_column($db->select("select name from sqlite_master where type = 'table' and name not like 'sqlite_%' and name <> 'migrations' order by name"), 'name');
    $before = array_combine($of, array_map($count, $of));
    expect($before['plantings'])->toBeGreaterThan(30)->and($before['applications'])->toBeGreaterThan(60);
    Artisan::call('migrate', ['--database' => 'steps', '--force' => true]);
    expect(array_combine($of, array_map($count, $of)))->toBe($before)
        ->and((int) $db->scalar('pragma user_version'))->toBe(SchemaNumber::KNOWN)
        ->and($db->select('pragma foreign_key_check'))->toBe([])->and($db->scalar('pragma integrity_check'))->toBe('ok');

    config(['database.default' => 'steps']);
    $id = static fn (string $table): ?string => DB::table($table)->value('id');
    $ids = ['garden' => $id('gardens'), 'recipe' => $id('recipes'), 'trouble' => $id('troubles'), 'preparation' => $id('preparations'), 'round' => DB::table('rounds')->where('status', 'planned')->value('id'), 'planting' => $id('plantings'), 'course' => $id('courses'), 'product' => $id('products')];
    $document = json_decode((string) file_get_contents(base_path('docs/openapi.json')), true);
    [$seen, $failed] = [0, []];
    foreach ($document['paths'] as $path => $verbs) {
        $asks = array_filter($verbs['get']['parameters'] ?? [], static fn (array $one): bool => $one['in'] === 'query' && ($one['required'] ?? false));
        $whole = preg_replace_callback('/\{(\w+)}/', static fn (array $m): string => $ids[$m[1]] ?? $m[0], $path);
        if (! isset($verbs['get']) || $asks !== [] || str_contains((string) $whole, '{')) {
            continue;
        }
        $answer = $this->get((string) $whole, ['Accept' => 'application/json'])->baseResponse;
        if ($answer->getStatusCode() !== 200) {
            $failed[] = "$path: ".substr((string) $answer->getContent(), 0, 300);
        }
        $seen++;
    }
    // The next test begins where this one did.
    config(['database.default' => 'sqlite']);
    DB::purge('steps');
    unlink($file);
    expect($failed)->toBe([])->and($seen)->toBeGreaterThan(20);
})->with(daysKept());
