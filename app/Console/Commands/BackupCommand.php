<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\PlainCommand;
use App\Core\Say;
use App\Exceptions\BadFile;
use App\Keep\Backup\BackupFolder;
use App\Keep\Backup\BackupKind;
use App\Keep\Backup\DailyBackup;
use App\Keep\Backup\TakeBackup;
use App\Keep\KeepWords;

/** One file with all gardens and photos, taken while others write. */
final class BackupCommand extends PlainCommand
{
    protected $signature = 'nebbia:backup
        {--daily : the one of this day: nothing is done where it is there already}
        {--to= : a folder or a file, where a copy of it is put}';

    protected $description = 'Take a backup of all gardens and their photos';

    public function handle(TakeBackup $take, BackupFolder $folder, DailyBackup $daily, KeepWords $words): int
    {
        if ($this->option('daily') && ! $daily->isDue()) {
            return self::SUCCESS;
        }
        $name = $take($this->option('daily') ? BackupKind::Daily : BackupKind::ByHand)->name;
        $path = $folder->file($name);
        $to = $this->option('to');
        if (is_string($to) && $to !== '') {
            $to = is_dir($to) ? "$to/$name" : $to;
            if (! @copy($path, "$to.part") || ! rename("$to.part", $to)) {
                throw BadFile::option('to', Say::it('keep.cannot-write', ['path' => $to]));
            }
            $path = $to;
        }
        $this->say(Say::it('keep.taken', ['path' => $path, 'size' => $words->size((int) filesize($path))])."\n");

        return self::SUCCESS;
    }
}
