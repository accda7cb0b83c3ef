<?php

declare(strict_types=1);

namespace App\Keep\Backup;

use Illuminate\Support\Facades\File;
use RuntimeException;

/** A file that was sent and waits: one at a time, in the folder of backups. */
final readonly class Incoming
{
    private const MOST_BYTES = 2_000_000_000;

    public function __construct(private BackupFolder $folder) {}

    /**
     * @param  resource  $stream
     * @return string its id
     *
     * @throws BadBackup if nothing was sent, or too much
     */
    public function keep($stream): string
    {
        File::ensureDirectoryExists($this->folder->path());
        // Another that is sent at the same moment may clear it away first.
        File::delete(glob($this->folder->path().'/.incoming-*') ?: []);
        $id = bin2hex(random_bytes(8));
        $target = fopen($this->folder->path()."/.incoming-$id", 'x');
        if ($target === false) {
            throw new RuntimeException($this->folder->path().' cannot be written to');
        }
        $bytes = (int) stream_copy_to_stream($stream, $target, self::MOST_BYTES + 1);
        fclose($target);
        if ($bytes === 0 || $bytes > self::MOST_BYTES) {
            $this->forget($id);
            throw BadBackup::because($bytes === 0 ? 'nothing-sent' : 'too-large');
        }

        return $id;
    }

    /** @throws BadBackup if it is gone */
    public function file(string $id): string
    {
        $file = $this->folder->path()."/.incoming-$id";

        return preg_match('/^[0-9a-f]{16}$/D', $id) === 1 && is_file($file) ? $file : throw BadBackup::because('sent-gone');
    }

    public function forget(string $id): void
    {
        @unlink($this->folder->path()."/.incoming-$id");
    }
}
