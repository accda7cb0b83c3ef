<?php

declare(strict_types=1);

namespace App\Keep\Backup;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\File;
use Symfony\Component\Process\PhpExecutableFinder;
use Throwable;

/** Where nothing runs at night, the first write of a day has a backup taken: by itself, in a process of its own, once a day. */
class DailyBackup
{
    public function __construct(private readonly BackupFolder $folder) {}

    public function isDue(): bool
    {
        $today = CarbonImmutable::now('UTC')->format('Y-m-d');
        foreach ($this->folder->all() as $one) {
            if ($one->kind === BackupKind::Daily) {
                return $one->takenAt->format('Y-m-d') < $today;
            }
        }

        return true;
    }

    /** Never stands in the way of what was written. */
    public function startIfDue(): void
    {
        if (! config()->boolean('nebbia.daily_backup')) {
            return;
        }
        try {
            if ($this->isDue() && $this->isMine()) {
                $this->start();
            }
        } catch (Throwable $e) {
            report($e);
        }
    }

    /** Of several requests at once one begins it, and after a failure it is tried again an hour later. */
    private function isMine(): bool
    {
        File::ensureDirectoryExists($this->folder->path());
        $mark = $this->folder->path().'/.begun-'.CarbonImmutable::now('UTC')->format('Y-m-d-H');
        foreach (glob($this->folder->path().'/.begun-*') ?: [] as $old) {
            if ($old !== $mark) {
                @unlink($old);
            }
        }
        $made = @fopen($mark, 'x');

        return $made !== false && fclose($made);
    }

    protected function start(): void
    {
        $php = (new PhpExecutableFinder)->find(false);
        $words = [$php === false ? 'php' : $php, base_path('artisan'), 'nebbia:backup', '--daily', '--quiet'];
        $command = implode(' ', array_map(escapeshellarg(...), $words));
        exec("$command >/dev/null 2>&1 </dev/null &");
    }
}
