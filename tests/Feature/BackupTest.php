<?php

declare(strict_types=1);

use App\Database\DatabaseState;
use App\Database\SchemaNumber;
use App\Http\Middleware\OneWrite;
use App\Keep\Backup\BackupFolder;
use App\Keep\Backup\BackupKind;
use App\Keep\Backup\BackupName;
use App\Keep\Backup\DailyBackup;
use App\Keep\Backup\OnlineCopy;
use App\Keep\Backup\Photos;
use App\Keep\Backup\Progress;
use App\Keep\Backup\Thinning;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Process;

/** @return array{int|null, string, string} */
function onFile(string $database, string ...$command): array
{
    $result = Process::path(base_path())->timeout(60)
        ->env(['DB_DATABASE' => $database, 'APP_ENV' => 'local', 'LOG_CHANNEL' => 'null', 'PHOTOS' => dirname($database).'/photos'])
        ->run(['php', 'artisan', ...$command]);

    return [$result->exitCode(), $result->output(), $result->errorOutput()];
}

/** A file of the demo garden in a folder of its own; made once, copied after. */
function demoFile(): string
{
    static $made = null;
    if ($made === null) {
        $made = sys_get_temp_dir().'/nebbia-made-'.getmypid();
        File::deleteDirectory($made);
        mkdir($made);
        expect(onFile("$made/garden.sqlite", 'nebbia:up', '--demo')[0])->toBe(0);
        register_shutdown_function(static fn () => is_dir($made) && exec('rm -rf '.escapeshellarg($made)));
    }
    $folder = sys_get_temp_dir().'/nebbia-kept-'.getmypid().'-'.bin2hex(random_bytes(4));
    mkdir($folder);
    copy("$made/garden.sqlite", "$folder/garden.sqlite");

    return "$folder/garden.sqlite";
}

/** @return array<string, mixed> every row of every table, for comparing */
function allOf(string $database): array
{
    $db = new PDO("sqlite:$database");
    $all = [];
    foreach ($db->query("select name from sqlite_master where type = 'table' and name not like 'sqlite_%' order by name")->fetchAll(PDO::FETCH_COLUMN) as $table) {
        $all[$table] = $db->query("select * from \"$table\" order by rowid")->fetchAll(PDO::FETCH_ASSOC);
    }

    return $all;
}

function inDatabase(string $database, string $sql): mixed
{
    return (new PDO("sqlite:$database"))->query($sql)->fetchColumn();
}

/** @return list<string> names of the backups beside a file, the newest first */
function backupsOf(string $database): array
{
    return array_reverse(array_map(basename(...), glob(dirname($database).'/garden-backups/nebbia-*.zip') ?: []));
}

afterEach(function (): void {
    array_map(File::deleteDirectory(...), glob(sys_get_temp_dir().'/nebbia-kept-'.getmypid().'-*', GLOB_ONLYDIR) ?: []);
});

// Fourteen days and twelve months, worked out by counting on a calendar.
it('keeps one of each of fourteen days and of twelve months, and the newest ten that were taken by hand', function (array $taken, array $stays): void {
    $all = array_map(static fn (string $one): BackupName => BackupName::read("nebbia-$one.zip") ?? throw new LogicException($one), $taken);
    $goes = Thinning::goes($all);
    $left = array_values(array_diff(array_map(static fn (BackupName $one): string => $one->name, $all), $goes));
    expect($left)->toEqualCanonicalizing(array_map(static fn (string $one): string => "nebbia-$one.zip", $stays));
    // Thinned once more, nothing else goes.
    expect(Thinning::goes(array_values(array_filter($all, static fn (BackupName $one): bool => in_array($one->name, $left, true)))))->toBe([]);
})->with(static function (): Generator {
    $days = static fn (string $from, int $number): array => array_map(static fn (int $n): string => CarbonImmutable::parse($from)->subDays($n)->format('Y-m-d').'-023000-daily', range(0, $number - 1));
    yield 'a fortnight' => [$days('2026-11-28', 14), $days('2026-11-28', 14)];
    // The fifteenth day back is the 14th; October's newest is its 31st.
    yield 'two months' => [$days('2026-11-28', 59), [...$days('2026-11-28', 14), '2026-10-31-023000-daily']];
    yield 'twice a day' => [['2026-11-28-023000-daily', '2026-11-28-190000-daily'], ['2026-11-28-190000-daily']];
    yield 'two years: twelve months, this one counted' => [$days('2026-11-28', 730), [
        ...$days('2026-11-28', 14), '2026-10-31-023000-daily', '2026-09-30-023000-daily', '2026-08-31-023000-daily', '2026-07-31-023000-daily', '2026-06-30-023000-daily', '2026-05-31-023000-daily',
        '2026-04-30-023000-daily', '2026-03-31-023000-daily', '2026-02-28-023000-daily', '2026-01-31-023000-daily', '2025-12-31-023000-daily',
    ]];
    yield 'a garden left alone for a year keeps what it has' => [$days('2025-06-05', 5), $days('2025-06-05', 5)];
    $hand = array_map(static fn (int $n): string => sprintf('2026-11-%02d-120000-by-hand', $n), range(1, 12));
    yield 'by hand' => [[...$hand, '2026-01-01-000000-before-restore'], [...array_slice($hand, 2), '2026-01-01-000000-before-restore']];
});

it('reads the names that it writes, and no others', function (): void {
    $name = BackupName::of(BackupKind::BeforeRestore, CarbonImmutable::parse('2026-11-28T19:30:12+01:00'));
    expect($name->name)->toBe('nebbia-2026-11-28-183012-before-restore.zip')->and(BackupName::read($name->name))->toEqual($name);
    foreach (['../nebbia-2026-11-28-183012-daily.zip', 'nebbia-2026-02-30-183012-daily.zip', 'nebbia-2026-11-28-183012-mine.zip', "nebbia-2026-11-28-183012-daily.zip\n", 'garden.zip'] as $other) {
        expect(BackupName::read($other))->toBeNull();
    }
});

it('brings back what was, row for row, with its photos, and keeps what there was', function (): void {
    $file = demoFile();
    $garden = inDatabase($file, 'select id from gardens');
    $photos = dirname($file)."/photos/$garden";
    mkdir($photos, recursive: true);
    file_put_contents("$photos/one.jpg", jpegOf(100));
    (new PDO("sqlite:$file"))->exec("insert into photos (id, garden_id, 'of', of_id, path) values ('01aaaaaaaaaaaaaaaaaaaaaaaa', '$garden', 'look', 'x', '$garden/one.jpg')");
    $before = allOf($file);
    [$exit, $said] = onFile($file, 'nebbia:backup');
    expect($exit)->toBe(0)->and($said)->toContain('-by-hand.zip (');
    $backup = backupsOf($file)[0];
    (new PDO("sqlite:$file"))->exec("delete from applications; update gardens set name = 'Another'");
    unlink("$photos/one.jpg");
    [$exit, $said] = onFile($file, 'nebbia:restore', $backup);
    expect($exit)->toBe(0)
        ->and($said)->toContain('Brought back. The garden Fontegrigia')->toContain('a photo.')->toContain('What was there before is kept: nebbia-')
        ->and(allOf($file))->toBe($before)
        ->and(file_get_contents("$photos/one.jpg"))->toBe(jpegOf(100));
    // And back again: what was kept is what there was.
    $kept = array_values(array_filter(backupsOf($file), static fn (string $name): bool => str_contains($name, 'before-restore')))[0];
    expect(onFile($file, 'nebbia:restore', $kept)[0])->toBe(0)
        ->and(inDatabase($file, 'select name from gardens'))->toBe('Another')
        ->and((int) inDatabase($file, 'select count(*) from applications'))->toBe(0);
});

it('comes up on another file, on none, and on one that was emptied or damaged', function (string $how): void {
    $file = demoFile();
    onFile($file, 'nebbia:backup');
    $backup = dirname($file).'/garden-backups/'.backupsOf($file)[0];
    $before = allOf($file);
    $other = dirname($file).'/other/garden.sqlite';
    mkdir(dirname($other));
    match ($how) {
        'missing' => null,
        'emptied' => touch($other),
        'damaged' => file_put_contents($other, 'SQLite format 3'."\0".str_repeat('x', 5000)),
        'another garden' => onFile($other, 'nebbia:up', '--demo'),
    };
    [$exit, $said] = onFile($other, 'nebbia:restore', $backup);
    expect($exit)->toBe(0, $said)->and(allOf($other))->toBe($before)
        ->and(onFile($other, 'nebbia:up')[0])->toBe(0)
        ->and(str_contains($said, '.aside-'))->toBe($how === 'damaged');
})->with(['missing', 'emptied', 'damaged', 'another garden']);

it('refuses in one line what is damaged, cut, foreign or newer, and changes nothing', function (Closure $spoil, string $said): void {
    $file = demoFile();
    onFile($file, 'nebbia:backup');
    $backup = dirname($file).'/garden-backups/'.backupsOf($file)[0];
    $spoil($backup);
    $before = allOf($file);
    [$exit, $out, $errors] = onFile($file, 'nebbia:restore', $backup);
    expect($exit)->toBe(1)->and($out)->toBe('')->and(substr_count(trim($errors), "\n"))->toBe(0)->and($errors)->toContain($said)
        ->and(allOf($file))->toBe($before)
        ->and(count(backupsOf($file)))->toBe(is_file($backup) ? 1 : 0)
        ->and(glob(dirname($backup).'/.work-*'))->toBe([]);
})->with([
    'gone' => [static fn (string $file) => unlink($file), 'is no file'],
    'cut to a half' => [static fn (string $file) => file_put_contents($file, substr((string) file_get_contents($file), 0, intdiv((int) filesize($file), 2))), 'cut short'],
    'empty' => [static fn (string $file) => file_put_contents($file, ''), 'no backup of Nebbia'],
    'a byte turned' => [static function (string $file): void {
        $bytes = (string) file_get_contents($file);
        $bytes[5000] = chr(ord($bytes[5000]) ^ 0xFF);
        file_put_contents($file, $bytes);
    }, 'damaged'],
    'a zip of something else' => [static function (string $file): void {
        unlink($file);
        $zip = new ZipArchive;
        $zip->open($file, ZipArchive::CREATE);
        $zip->addFromString('letter.txt', 'Dear aunt');
        $zip->close();
    }, 'no backup of Nebbia'],
    'a manifest that says another sum' => [static fn (string $file) => inManifest($file, static fn (array $one): array => ['database' => ['sha256' => str_repeat('0', 64)] + $one['database']] + $one), 'damaged'],
    'a newer one' => [static fn (string $file) => inManifest($file, static fn (array $one): array => ['schema' => SchemaNumber::KNOWN + 1] + $one), 'newer Nebbia'],
    'another format' => [static fn (string $file) => inManifest($file, static fn (array $one): array => ['format' => 'nebbia.garden/1'] + $one), 'is imported, not restored'],
    'a path that leads out' => [static fn (string $file) => inManifest($file, static fn (array $one): array => ['photos' => [['path' => '../../out.jpg', 'bytes' => 1, 'sha256' => '']]] + $one), 'damaged'],
]);

function inManifest(string $file, Closure $change): void
{
    $zip = new ZipArchive;
    $zip->open($file);
    $zip->addFromString('manifest.json', (string) json_encode($change(json_decode((string) $zip->getFromName('manifest.json'), true))));
    $zip->close();
}

it('brings back what was loose already: a row that belongs to nothing keeps nobody from the rest', function (): void {
    $file = demoFile();
    (new PDO("sqlite:$file"))->exec("update plantings set zone_id = '01zzzzzzzzzzzzzzzzzzzzzzzz' where rowid = 1");
    $before = allOf($file);
    onFile($file, 'nebbia:backup');
    (new PDO("sqlite:$file"))->exec('delete from applications');
    expect(onFile($file, 'nebbia:restore', backupsOf($file)[0])[0])->toBe(0)->and(allOf($file))->toBe($before);
});

it('brings an older backup up to date before anybody sees it', function (): void {
    $file = demoFile();
    expect(onFile($file, 'migrate:rollback', '--step=2', '--force')[0])->toBe(0)
        ->and((int) inDatabase($file, 'pragma user_version'))->toBe(SchemaNumber::KNOWN - 2);
    onFile($file, 'nebbia:backup');
    $sprays = inDatabase($file, 'select count(*) from applications');
    [$exit] = onFile($file, 'nebbia:restore', backupsOf($file)[0]);
    expect($exit)->toBe(0)->and((int) inDatabase($file, 'pragma user_version'))->toBe(SchemaNumber::KNOWN)
        ->and(inDatabase($file, 'select count(*) from applications'))->toBe($sprays)
        ->and((int) inDatabase($file, 'select count(*) from nevers'))->toBe(0);
});

it('makes ready what never was, and leaves alone what is emptied, damaged, foreign, newer or gone', function (string $how, int $exit, string $said): void {
    $file = demoFile();
    onFile($file, 'nebbia:backup');
    match ($how) {
        'current' => null,
        'emptied' => [file_put_contents($file, ''), array_map(unlink(...), glob("$file-*") ?: [])],
        'damaged' => file_put_contents($file, 'SQLite format 3'."\0".str_repeat('x', 5000)),
        'no database' => file_put_contents($file, str_repeat('not a database ', 500)),
        'newer' => (new PDO("sqlite:$file"))->exec('PRAGMA user_version = 99'),
        'foreign' => [unlink($file), (new PDO("sqlite:$file"))->exec('create table birds (name text)')],
        'gone' => unlink($file),
        'gone with its backups' => [unlink($file), File::deleteDirectory(dirname($file).'/garden-backups')],
    };
    $bytes = is_file($file) ? md5_file($file) : null;
    [$code, , $errors] = onFile($file, 'nebbia:up', '--demo');
    expect($code)->toBe($exit)->and($errors)->toContain($said);
    if ($exit === 1) {
        expect(is_file($file) ? md5_file($file) : null)->toBe($bytes)->and(substr_count(trim($errors), "\n"))->toBe(0);
    } else {
        expect((int) inDatabase($file, 'select count(*) from gardens'))->toBe(1);
    }
    if (! in_array($how, ['current', 'newer', 'gone with its backups'], true)) {
        expect($errors)->toContain('nebbia:restore nebbia-')
            ->and(onFile($file, 'nebbia:up', '--anew')[0])->toBe(0)
            ->and((int) inDatabase($file, 'select count(*) from gardens'))->toBe(0);
    }
})->with([
    ['current', 0, ''], ['gone with its backups', 0, ''], ['emptied', 1, 'is empty'], ['damaged', 1, 'is damaged'], ['no database', 1, 'no garden of Nebbia'],
    ['foreign', 1, 'of something else'], ['newer', 1, 'of a newer Nebbia'], ['gone', 1, 'is gone'],
]);

it('fills a garden that was put away with no demo', function (): void {
    $file = demoFile();
    (new PDO("sqlite:$file"))->exec('update gardens set is_demo = 0');
    expect(onFile($file, 'nebbia:up', '--demo')[0])->toBe(0)->and((int) inDatabase($file, 'select count(*) from gardens'))->toBe(1);
});

it('takes a migration that fails back whole, says so, and has a copy of before', function (): void {
    $file = demoFile();
    onFile($file, 'migrate:rollback', '--step=1', '--force');
    // A table in the way: the last migration stumbles over it half-way.
    (new PDO("sqlite:$file"))->exec('create table nevers (id text)');
    $before = allOf($file);
    [$exit, , $errors] = onFile($file, 'nebbia:up');
    expect($exit)->toBe(1)->and($errors)->toContain('is as it was before')->toContain('-before-migration.zip')->and(allOf($file))->toBe($before);
    (new PDO("sqlite:$file"))->exec('drop table nevers');
    [$exit, $out] = onFile($file, 'nebbia:up');
    expect($exit)->toBe(0)->and($out)->toContain('brought up to date')->and((int) inDatabase($file, 'pragma user_version'))->toBe(SchemaNumber::KNOWN);
});

it('takes the one of the day at its first write, once, and after the answer only', function (): void {
    $begun = 0;
    $daily = new class(app(BackupFolder::class), function () use (&$begun): void {
        $begun++;
    }) extends DailyBackup {
        public function __construct(BackupFolder $folder, private readonly Closure $heard)
        {
            parent::__construct($folder);
        }

        protected function start(): void
        {
            ($this->heard)();
        }
    };
    $folder = sys_get_temp_dir().'/nebbia-kept-'.getmypid().'-'.bin2hex(random_bytes(4));
    config(['nebbia.backups' => $folder, 'nebbia.daily_backup' => true]);
    app()->instance(DailyBackup::class, $daily);
    app()->forgetInstance(OneWrite::class);
    CarbonImmutable::setTestNow('2026-11-28 09:00:00');
    $garden = demo();
    $write = fn () => $this->postJson(at($garden, 'zones'), ['name' => 'Z'.random_int(1, 99999)])->assertCreated();
    $this->getJson(at($garden, 'plot'))->assertOk();
    expect($begun)->toBe(0);
    $write();
    $write();
    expect($begun)->toBe(1);
    // It came to be; the next day it is due again.
    touch("$folder/".BackupName::of(BackupKind::Daily, CarbonImmutable::now())->name);
    CarbonImmutable::setTestNow('2026-11-28 23:00:00');
    $write();
    expect($begun)->toBe(1);
    CarbonImmutable::setTestNow('2026-11-29 00:10:00');
    $write();
    expect($begun)->toBe(2);
    File::deleteDirectory($folder);
});

test('a file that somebody else has to himself for a moment is waited for, and is not called damaged', function (): void {
    $file = demoFile();
    inDatabase($file, 'pragma journal_mode = delete');
    $holds = '$db = new SQLite3($argv[1]); $db->exec("begin exclusive"); echo "held"; usleep(400000); $db->exec("commit");';
    foreach ([fn () => Photos::of($file), fn () => DatabaseState::of($file), fn () => OnlineCopy::make($file, "$file-copy")] as $look) {
        $other = Process::start(['php', '-r', $holds, '--', $file]);
        while (! str_contains($other->output(), 'held')) {
            usleep(5000);
        }
        $begun = hrtime(true);
        $seen = $look();
        expect((hrtime(true) - $begun) / 1e6)->toBeGreaterThan(200)->and($seen)->not->toBe(DatabaseState::Damaged);
        $other->wait();
    }
    expect(DatabaseState::of("$file-copy"))->toBe(DatabaseState::Current);
});

test('what goes on is over between two looks without a fault', function (): void {
    $folder = dirname(demoFile());
    expect(Progress::of($folder))->toBeNull();
    Progress::at($folder, 'Taking a backup.', 0.5);
    expect(Progress::of($folder))->toBe(['what' => 'Taking a backup.', 'share' => 0.5]);
    Progress::over($folder);
    Progress::over($folder);
    expect(Progress::of($folder))->toBeNull();
});
