<?php

declare(strict_types=1);

use App\Database\SchemaNumber;
use App\Pantry\Queries\ShowPantry;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Process;

/**
 * @param  array<string, string>  $env
 * @return array{int, string} status and body, as a server with that database would answer
 */
function askedWith(string $database, string $method, string $path, string $body = '{}', array $env = []): array
{
    $result = Process::path(base_path())->env(['DB_DATABASE' => $database, 'APP_ENV' => 'local', 'LOG_CHANNEL' => 'single', 'CACHE_STORE' => 'file', 'NEBBIA_DAILY_BACKUP' => '0'] + $env)->run(['php', 'tests/Support/ask.php', $method, $path, $body]);
    [$status, $said] = explode("\n", $result->output(), 2) + ['', ''];

    return [(int) $status, $said];
}

/** A database file in a folder of its own, made by the migrations. */
function databaseFile(): string
{
    $folder = sys_get_temp_dir().'/nebbia-'.bin2hex(random_bytes(4));
    mkdir($folder);
    touch("$folder/garden.sqlite");
    Process::path(base_path())->env(['DB_DATABASE' => "$folder/garden.sqlite", 'LOG_CHANNEL' => 'null'])->run(['php', 'artisan', 'migrate', '--force', '--quiet'])->throw();

    return "$folder/garden.sqlite";
}

it('says what was kept, a number and where it is written; the log has the number and not what was typed', function (): void {
    $logged = [];
    Log::listen(static function ($message) use (&$logged): void {
        $logged[] = $message->message;
    });
    $garden = demo();
    $typed = 'My dear aunt Clementina told me of a spray that nobody knows';
    app()->bind(ShowPantry::class, static fn () => throw new RuntimeException("Cannot work out \"$typed\""));
    $said = $this->getJson(at($garden, 'pantry'))->assertStatus(500)->json('message');
    expect($said)->toMatch('/^Something went wrong on our side\. Nothing was changed\. Number \d{6}, written down in .*nebbia-\d{4}-\d\d-\d\d\.log\.$/');
    preg_match('/\d{6}/', $said, $number);
    expect($logged)->toHaveCount(1)->and($logged[0])->toContain("Number $number[0]")->toContain('RuntimeException')->toContain('MishapsTest.php')->not->toContain('Clementina');
});

it('says of a disk that is full or cannot be written to that it is so, and keeps nothing by half', function (string $pragma, string $says): void {
    $file = databaseFile();
    [$status, $said] = askedWith($file, 'POST', '/api/gardens', '{"start": "demo"}', ['ASK_PRAGMA' => $pragma]);
    expect($status)->toBe(507)->and($said)->toContain($says)->toContain('What you sent was not saved')->toMatch('/Number \d{6}/');
    $database = new PDO("sqlite:$file");
    foreach (['gardens', 'recipes', 'plantings', 'changes'] as $table) {
        expect($database->query("select count(*) from $table")->fetchColumn())->toBe(0, $table);
    }
    expect($database->query('PRAGMA integrity_check')->fetchColumn())->toBe('ok');
    [$status] = askedWith($file, 'POST', '/api/gardens', '{"start": "demo"}');
    expect($status)->toBe(201);
    array_map(unlink(...), glob("$file*") ?: []);
    rmdir(dirname($file));
})->with([
    'read-only' => ['query_only = 1', 'cannot be written to'],
    'full' => ['max_page_count = 120', 'is full'],
]);

it('says of a file that is damaged, missing, newer or older what it is, in browser and console', function (): void {
    $file = databaseFile();
    expect(askedWith($file, 'GET', '/api/gardens'))->toBe([200, '[]']);

    (new PDO("sqlite:$file"))->exec('PRAGMA user_version = 99');
    [$status, $said] = askedWith($file, 'GET', '/api/gardens');
    expect($status)->toBe(500)->and($said)->toContain('of a newer Nebbia')->toContain('nothing is touched');
    $console = Process::path(base_path())->env(['DB_DATABASE' => $file, 'LOG_CHANNEL' => 'null'])->run(['php', 'artisan', 'migrate', '--force']);
    expect($console->exitCode())->not->toBe(0)->and($console->errorOutput().$console->output())->toContain('of a newer Nebbia')->not->toContain('Stack trace');
    (new PDO("sqlite:$file"))->exec('PRAGMA user_version = '.SchemaNumber::KNOWN);

    (new PDO("sqlite:$file"))->exec('DROP TABLE gardens');
    expect(askedWith($file, 'GET', '/api/gardens')[1])->toContain('of an older Nebbia');

    (new PDO("sqlite:$file"))->exec('PRAGMA wal_checkpoint(TRUNCATE)');
    array_map(unlink(...), glob("$file-*") ?: []);
    file_put_contents($file, str_repeat('not a database ', 500));
    expect(askedWith($file, 'GET', '/api/gardens')[1])->toContain('is damaged');
    $console = Process::path(base_path())->env(['DB_DATABASE' => $file, 'LOG_CHANNEL' => 'null'])->run(['php', 'artisan', 'migrate', '--force']);
    expect($console->errorOutput().$console->output())->toContain('is damaged')->not->toContain('#0 ');

    array_map(unlink(...), glob("$file*") ?: []);
    expect(askedWith($file, 'GET', '/api/gardens')[1])->toContain('cannot be opened');
    rmdir(dirname($file));
});

it('answers all the same where the log and the count of requests cannot be written', function (): void {
    $file = databaseFile();
    [$status, $said] = askedWith($file, 'GET', '/api/gardens', env: ['NEBBIA_LOGS' => '/proc/nowhere']);
    expect($status)->toBe(200);
    (new PDO("sqlite:$file"))->exec('DROP TABLE gardens');
    [$status, $said] = askedWith($file, 'GET', '/api/gardens', env: ['NEBBIA_LOGS' => '/proc/nowhere']);
    expect($status)->toBe(500)->and($said)->toMatch('/Number \d{6}/');
});

it('keeps the log for two weeks, a file a day', function (): void {
    expect(config('logging.channels.single.driver'))->toBe('daily')->and(config('logging.channels.single.days'))->toBe(14);
});

it('counts its migrations', function (): void {
    expect(SchemaNumber::KNOWN)->toBe(count(glob(database_path('migrations/*.php')) ?: []));
});
