<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\PlainCommand;
use App\Exceptions\BadFile;
use App\Keep\Backup\BackupFolder;
use App\Keep\Backup\BadBackup;
use App\Keep\Backup\RestoreBackup;
use App\Keep\KeepWords;

/** Brings a backup back, after all of it was checked; what is there is kept. */
final class RestoreCommand extends PlainCommand
{
    protected $signature = 'nebbia:restore
        {file : a backup, by its path, or by its name in the folder of backups}
        {--look : only check it and say what is in it}';

    protected $description = 'Bring a backup back; what is there now is kept as another';

    public function handle(RestoreBackup $restore, BackupFolder $folder, KeepWords $words): int
    {
        $file = (string) $this->argument('file');
        try {
            $file = is_file($file) || ! is_file($folder->path()."/$file") ? $file : $folder->file($file);
            if ($this->option('look')) {
                $this->say($restore->look($file, $words->holds(...))."\n");

                return self::SUCCESS;
            }
            $this->say(implode("\n", $words->restored($restore($file)))."\n");
        } catch (BadBackup $e) {
            throw new BadFile('FILE: '.$e->getMessage(), previous: $e);
        }

        return self::SUCCESS;
    }
}
