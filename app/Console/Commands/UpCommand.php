<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\PlainCommand;
use App\Core\Say;
use App\Database\DatabaseState;
use App\Database\SchemaNumber;
use App\Database\WriteGate;
use App\Exceptions\BadFile;
use App\Keep\Backup\BackupFolder;
use App\Keep\Backup\BackupKind;
use App\Keep\Backup\TakeBackup;
use App\Settings\Writes\StartGarden;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Throwable;

/**
 * Makes the garden's file ready for this Nebbia: made where there never was one, brought up to date after a copy was taken. What is
 * emptied, damaged, foreign or newer is left alone, and never filled with anything that nobody asked for.
 */
final class UpCommand extends PlainCommand
{
    protected $signature = 'nebbia:up
        {--demo : with the demo garden, where the file is made}
        {--anew : put aside what is there, and begin with a new file}';

    protected $description = 'Make the garden\'s file ready: make it, or bring it up to date after a copy was taken';

    public function handle(BackupFolder $folder, TakeBackup $take, WriteGate $gate, StartGarden $start): int
    {
        $path = WriteGate::path() ?? throw new RuntimeException('a garden in memory is not made ready');
        if ($this->option('anew')) {
            $this->putAside($path);
        }
        $state = DatabaseState::of($path);
        $newest = $folder->all()[0] ?? null;
        if ($state === DatabaseState::Missing && ($newest === null || $this->option('anew'))) {
            $this->make($path, $start);

            return self::SUCCESS;
        }
        if ($state === DatabaseState::Older) {
            $folder->alone(fn () => $gate->closed(fn () => $this->bringUpToDate($take)));

            return self::SUCCESS;
        }
        if ($state !== DatabaseState::Current) {
            throw new BadFile(Say::it("keep.up.$state->value", [
                'path' => $path,
                'mend' => Say::it($newest === null ? 'keep.up.mend-without' : 'keep.up.mend', ['name' => $newest->name ?? '']),
                'known' => SchemaNumber::KNOWN,
            ]));
        }

        return self::SUCCESS;
    }

    /** Made beside and moved into its place: one that was killed half-way leaves none. */
    private function make(string $path, StartGarden $start): void
    {
        $new = "$path.new";
        foreach (['', '-wal', '-shm'] as $part) {
            if (is_file($new.$part)) {
                unlink($new.$part);
            }
        }
        touch($new);
        config(['database.connections.sqlite.database' => $new]);
        DB::purge();
        Artisan::call('migrate', ['--force' => true, '--quiet' => true]);
        if ($this->option('demo')) {
            $start->demo();
        }
        DB::statement('PRAGMA wal_checkpoint(TRUNCATE)');
        DB::statement('PRAGMA journal_mode = DELETE');
        DB::purge();
        rename($new, $path);
        config(['database.connections.sqlite.database' => $path]);
    }

    private function bringUpToDate(TakeBackup $take): void
    {
        $kept = $take(BackupKind::BeforeMigration)->name;
        try {
            Artisan::call('migrate', ['--force' => true, '--quiet' => true]);
        } catch (Throwable $e) {
            report($e);
            throw new BadFile(Say::it('keep.up.failed', ['why' => $e->getMessage(), 'name' => $kept]), previous: $e);
        }
        $this->say(Say::it('keep.up.done', ['name' => $kept])."\n");
    }

    private function putAside(string $path): void
    {
        $at = CarbonImmutable::now('UTC')->format('Y-m-d-His');
        foreach (['', '-wal', '-shm', '-journal'] as $part) {
            if (is_file($path.$part)) {
                rename($path.$part, "$path.aside-$at$part");
            }
        }
    }
}
