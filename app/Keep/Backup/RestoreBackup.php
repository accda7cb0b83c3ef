<?php

declare(strict_types=1);

namespace App\Keep\Backup;

use App\Core\Say;
use App\Database\DatabaseState;
use App\Database\WriteGate;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;

/**
 * Brings a backup back: checks all of it first, brings its tables up to date beside, keeps what is there, and only then exchanges the
 * database, in one transaction of SQLite's own. Killed at any moment, the garden is as before or as in the backup.
 */
final readonly class RestoreBackup
{
    public function __construct(
        private BackupFolder $folder,
        private OpenBackup $open,
        private TakeBackup $take,
        private WriteGate $gate,
    ) {}

    /** @throws BadBackup if it is none, or not whole: then nothing was changed */
    public function __invoke(string $file): Restored
    {
        $database = WriteGate::path() ?? throw BadBackup::because('in-memory');

        return $this->folder->alone(function (string $own) use ($file, $database): Restored {
            $this->progress(0.0);
            $contents = ($this->open)($file, $own);
            $this->progress(0.4);
            $this->bringUpToDate("$own/garden.sqlite");

            return $this->gate->closed(function () use ($contents, $own, $database): Restored {
                $isWhole = in_array(DatabaseState::of($database), [DatabaseState::Current, DatabaseState::Older], true);
                $kept = $isWhole ? ($this->take)(BackupKind::BeforeRestore)->name : null;
                $this->progress(0.7);
                $this->putPhotos($contents->photos, "$own/photos");
                $this->progress(0.9);
                DB::purge();
                $aside = $isWhole ? null : $this->putAside($database);
                $isWhole ? OnlineCopy::make("$own/garden.sqlite", $database) : rename("$own/garden.sqlite", $database);

                return new Restored($contents, $kept, $aside);
            });
        });
    }

    /**
     * What a backup holds, checked as for a restore; nothing is changed.
     *
     * @template T
     *
     * @param  Closure(BackupContents): T  $look
     * @return T
     *
     * @throws BadBackup
     */
    public function look(string $file, Closure $look): mixed
    {
        return $this->folder->alone(fn (string $own): mixed => $look(($this->open)($file, $own)));
    }

    private function progress(float $share): void
    {
        Progress::at($this->folder->path(), Say::it('keep.restoring'), $share);
    }

    /** A backup of an older Nebbia: its copy is migrated before anybody sees it. */
    private function bringUpToDate(string $copy): void
    {
        $usual = (array) config('database.connections.sqlite');
        config(['database.connections.restored' => ['database' => $copy, 'journal_mode' => 'delete'] + $usual]);
        Artisan::call('migrate', ['--database' => 'restored', '--force' => true, '--quiet' => true]);
        DB::purge('restored');
        OnlineCopy::alone($copy);
    }

    /** @param  list<string>  $paths  those that are there stay: a photo is never written over with another */
    private function putPhotos(array $paths, string $from): void
    {
        $disk = Storage::disk('photos');
        foreach ($paths as $path) {
            $to = $disk->path($path);
            if ($disk->exists($path) && hash_file('sha256', $to) === hash_file('sha256', "$from/$path")) {
                continue;
            }
            File::ensureDirectoryExists(dirname($to));
            copy("$from/$path", "$to.part");
            rename("$to.part", $to);
        }
    }

    /** What is no whole database cannot be backed up: it is moved away as it is, with what belongs to it. */
    private function putAside(string $database): ?string
    {
        $aside = null;
        $at = CarbonImmutable::now('UTC')->format('Y-m-d-His');
        foreach (['', '-wal', '-shm', '-journal'] as $part) {
            if (is_file($database.$part) && filesize($database.$part) > 0) {
                rename($database.$part, "$database.aside-$at$part");
                $aside ??= "$database.aside-$at$part";
            } elseif (is_file($database.$part)) {
                unlink($database.$part);
            }
        }

        return $aside;
    }
}
