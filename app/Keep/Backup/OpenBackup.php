<?php

declare(strict_types=1);

namespace App\Keep\Backup;

use App\Database\SchemaNumber;
use App\Database\SqliteFile;
use Illuminate\Support\Facades\File;
use Throwable;
use ZipArchive;

/** Unpacks a backup into a folder and checks all of it: every checksum, the database's own order, and that this Nebbia knows it. */
final class OpenBackup
{
    /**
     * @param  string  $into  a folder of one's own: the database comes to lie there as garden.sqlite, the photos in photos/
     *
     * @throws BadBackup if it is none, damaged, cut short, or of a newer Nebbia
     */
    public function __invoke(string $file, string $into): BackupContents
    {
        if (! is_file($file)) {
            throw BadBackup::because('no-file', ['path' => $file]);
        }
        $zip = new ZipArchive;
        if ($zip->open($file, ZipArchive::RDONLY | ZipArchive::CHECKCONS) !== true) {
            throw BadBackup::because('no-zip');
        }
        try {
            $manifest = json_decode((string) $zip->getFromName('manifest.json'), true);
            if (! is_array($manifest) || ! is_string($manifest['format'] ?? null)) {
                throw BadBackup::because('no-backup');
            }
            if ($manifest['format'] !== TakeBackup::FORMAT) {
                throw BadBackup::because('other-format', ['format' => $manifest['format']]);
            }
            $schema = $manifest['schema'] ?? null;
            if (! is_int($schema) || $schema > SchemaNumber::KNOWN) {
                throw BadBackup::because('newer', ['is' => is_int($schema) ? $schema : 0, 'known' => SchemaNumber::KNOWN]);
            }
            $this->unpack($zip, 'garden.sqlite', "$into/garden.sqlite", $manifest['database'] ?? null);
            $photos = [];
            foreach (is_array($manifest['photos'] ?? null) ? $manifest['photos'] : [] as $one) {
                $path = is_array($one) && is_string($one['path'] ?? null) && Photos::isPath($one['path'])
                    ? $one['path']
                    : throw BadBackup::because('damaged', ['part' => 'manifest.json']);
                File::ensureDirectoryExists(dirname("$into/photos/$path"));
                $this->unpack($zip, "photos/$path", "$into/photos/$path", $one);
                $photos[] = $path;
            }
        } finally {
            $zip->close();
        }
        $this->check("$into/garden.sqlite");
        $about = TakeBackup::about("$into/garden.sqlite");
        if ($about['schema'] !== $schema) {
            throw BadBackup::because('damaged', ['part' => 'garden.sqlite']);
        }
        $takenAt = is_string($manifest['taken_at'] ?? null) ? $manifest['taken_at'] : '';

        return new BackupContents($takenAt, $schema, $about['gardens'], $about['rows'], $photos);
    }

    private function unpack(ZipArchive $zip, string $part, string $to, mixed $said): void
    {
        $from = $zip->getStream($part);
        $target = fopen($to, 'w');
        if ($from === false || $target === false) {
            throw BadBackup::because('damaged', ['part' => $part]);
        }
        // A part that is cut or spoilt is found by its checksum; what the reader grumbles of it is not said twice.
        $bytes = @stream_copy_to_stream($from, $target);
        fclose($from);
        fclose($target);
        $is = is_array($said) && $bytes === ($said['bytes'] ?? null) && hash_file('sha256', $to) === ($said['sha256'] ?? null);
        if (! $is) {
            throw BadBackup::because('damaged', ['part' => $part]);
        }
    }

    private function check(string $database): void
    {
        try {
            $db = SqliteFile::toWrite($database);
            // Rows that belong to nothing were so when it was taken: they are no reason to keep the rest from coming back.
            $whole = $db->querySingle('PRAGMA integrity_check(1)') === 'ok'
                && $db->querySingle("SELECT count(*) FROM sqlite_master WHERE type = 'table' AND name IN ('gardens', 'migrations')") === 2;
            $db->close();
        } catch (Throwable) {
            $whole = false;
        }
        if (! $whole) {
            throw BadBackup::because('damaged', ['part' => 'garden.sqlite']);
        }
    }
}
