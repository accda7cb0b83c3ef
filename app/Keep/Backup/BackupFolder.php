<?php

declare(strict_types=1);

namespace App\Keep\Backup;

use App\Database\WriteGate;
use Closure;
use Illuminate\Support\Facades\File;
use RuntimeException;

/** Where backups are kept: beside the garden's file, in a folder of its name. One thing at a time is done in it. */
final class BackupFolder
{
    private bool $isMine = false;

    public function path(): string
    {
        $given = config('nebbia.backups');
        $database = WriteGate::path() ?? storage_path('app/memory.sqlite');

        return is_string($given) && $given !== '' ? $given : dirname($database).'/'.basename($database, '.sqlite').'-backups';
    }

    /** @return list<BackupName> the newest first */
    public function all(): array
    {
        $names = is_dir($this->path()) ? scandir($this->path(), SCANDIR_SORT_DESCENDING) : false;
        $all = array_values(array_filter(array_map(BackupName::read(...), $names === false ? [] : $names)));
        usort($all, static fn (BackupName $a, BackupName $b): int => $b->takenAt <=> $a->takenAt ?: strcmp($b->name, $a->name));

        return $all;
    }

    /** @throws BadBackup if there is none of that name */
    public function file(string $name): string
    {
        $file = $this->path()."/$name";

        return BackupName::read($name) !== null && is_file($file) ? $file : throw BadBackup::because('gone', ['name' => $name]);
    }

    /**
     * Alone, with a folder of its own that is gone afterwards; what one that was killed has left goes first.
     *
     * @template T
     *
     * @param  Closure(string): T  $work  is given the folder
     * @return T
     */
    public function alone(Closure $work): mixed
    {
        // A large garden takes longer than a page may.
        set_time_limit(0);
        File::ensureDirectoryExists($this->path());
        $lock = fopen($this->path().'/.lock', 'c');
        if ($lock === false) {
            throw new RuntimeException($this->path().' cannot be written to');
        }
        $isFirst = ! $this->isMine;
        if ($isFirst) {
            flock($lock, LOCK_EX);
            $this->isMine = true;
            array_map(File::deleteDirectory(...), glob($this->path().'/.work-*') ?: []);
        }
        $own = $this->path().'/.work-'.bin2hex(random_bytes(6));
        mkdir($own);
        try {
            return $work($own);
        } finally {
            File::deleteDirectory($own);
            if ($isFirst) {
                $this->isMine = false;
                Progress::over($this->path());
            }
            fclose($lock);
        }
    }

    public function thin(): void
    {
        foreach (Thinning::goes($this->all()) as $name) {
            File::delete($this->path()."/$name");
        }
    }
}
