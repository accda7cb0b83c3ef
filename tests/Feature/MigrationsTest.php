<?php

declare(strict_types=1);

use App\Database\SchemaNumber;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\Support\Steps;

it('takes each migration back whole, at whatever statement it is stopped, and the next start works', function (): void {
    $file = (string) tempnam(sys_get_temp_dir(), 'nebbia');
    Steps::on($file);
    Artisan::call('migrate', ['--database' => 'steps', '--force' => true]);
    // The demo garden, row for row, into the newest tables; what an older one has not is let go on the way down.
    demo();
    $to = DB::connection('steps');
    $to->statement('pragma foreign_keys = off');
    foreach (DB::select("select name from sqlite_master where type = 'table' and name not like 'sqlite_%' and name <> 'migrations'") as $table) {
        foreach (array_chunk(array_map(static fn (object $row): array => (array) $row, DB::table($table->name)->get()->all()), 20) as $rows) {
            $to->table($table->name)->insert($rows);
        }
    }
    $to->statement('pragma foreign_keys = on');
    $rows = $to->table('plantings')->count();
    expect($rows)->toBeGreaterThan(30);

    $migrations = glob(database_path('migrations/*.php')) ?: [];
    $stopped = 0;
    foreach (array_reverse($migrations) as $back => $path) {
        Artisan::call('migrate:rollback', ['--database' => 'steps', '--step' => 1, '--force' => true]);
        expect(Steps::anew()->table('migrations')->count())->toBe(SchemaNumber::KNOWN - $back - 1, basename($path));
        $stopped += Steps::stopAtEach($path);
        Artisan::call('migrate:rollback', ['--database' => 'steps', '--step' => 1, '--force' => true]);
    }
    expect($stopped)->toBeGreaterThan(200);
    // And all the way up again.
    Artisan::call('migrate', ['--database' => 'steps', '--force' => true]);
    expect((int) DB::connection('steps')->scalar('pragma user_version'))->toBe(SchemaNumber::KNOWN);
    DB::purge('steps');
    unlink($file);
});
