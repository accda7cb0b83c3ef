<?php

declare(strict_types=1);

namespace App\Keep\Backup;

use App\Core\Say;
use App\Database\SqliteFile;
use App\Database\WriteGate;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;
use RuntimeException;
use SQLite3;
use ZipArchive;

/**
 * Takes a backup while others write: one zip with the database of one moment, the photos that it knows, and a manifest with the
 * checksum of each. It is there whole or not at all.
 */
final readonly class TakeBackup
{
    public const FORMAT = 'nebbia.backup/1';

    private const JSON = JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE;

    public function __construct(private BackupFolder $folder) {}

    /** @return BackupName of what was taken */
    public function __invoke(BackupKind $kind): BackupName
    {
        $database = WriteGate::path() ?? throw BadBackup::because('in-memory');

        return $this->folder->alone(function (string $own) use ($database, $kind): BackupName {
            $progress = fn (float $share) => Progress::at($this->folder->path(), Say::it('keep.taking'), $share);
            $progress(0.0);
            $copy = "$own/garden.sqlite";
            OnlineCopy::make($database, $copy);
            OnlineCopy::alone($copy);
            $progress(0.3);
            $zip = new ZipArchive;
            if ($zip->open("$own/backup.zip", ZipArchive::CREATE | ZipArchive::EXCL) !== true) {
                throw new RuntimeException("$own cannot be written to");
            }
            $zip->addFile($copy, 'garden.sqlite');
            [$photos, $missing] = $this->photos($zip, $copy);
            $manifest = [
                'format' => self::FORMAT,
                'taken_at' => CarbonImmutable::now('UTC')->toIso8601ZuluString(),
                'kind' => $kind->value,
                ...self::about($copy),
                'database' => ['file' => 'garden.sqlite', 'bytes' => filesize($copy), 'sha256' => hash_file('sha256', $copy)],
                'photos' => $photos,
                'missing_photos' => $missing,
            ];
            $zip->addFromString('manifest.json', (string) json_encode($manifest, self::JSON));
            $zip->registerProgressCallback(0.02, static fn (float $share) => $progress(0.3 + 0.7 * $share));
            if (! $zip->close()) {
                throw new RuntimeException('No space left on device');
            }
            $this->flush("$own/backup.zip");
            // Two within one second: the later waits for its own.
            for ($at = CarbonImmutable::now('UTC'); is_file($this->folder->path().'/'.BackupName::of($kind, $at)->name);) {
                $at = $at->addSecond();
            }
            $name = BackupName::of($kind, $at);
            rename("$own/backup.zip", $this->folder->path()."/$name->name");
            $this->folder->thin();

            return $name;
        });
    }

    /**
     * What is in a copy: its schema, gardens and rows.
     *
     * @return array{schema: int, gardens: list<array{id: string, name: string, time_zone: string}>, rows: array<string, int>}
     */
    public static function about(string $copy): array
    {
        $db = SqliteFile::toRead($copy);
        $gardens = $rows = [];
        foreach (self::all($db, 'SELECT id, name, time_zone FROM gardens WHERE deleted_at IS NULL ORDER BY created_at, id') as $row) {
            $gardens[] = ['id' => $row['id'], 'name' => $row['name'], 'time_zone' => $row['time_zone']];
        }
        $tables = "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' ORDER BY name";
        foreach (self::all($db, $tables) as ['name' => $table]) {
            $rows[$table] = (int) $db->querySingle("SELECT count(*) FROM \"$table\"");
        }
        $schema = (int) $db->querySingle('PRAGMA user_version');
        $db->close();

        return ['schema' => $schema, 'gardens' => $gardens, 'rows' => $rows];
    }

    /** @return list<array<string, string>> */
    private static function all(SQLite3 $db, string $query): array
    {
        $rows = [];
        $asked = $db->query($query);
        while ($asked !== false && is_array($row = $asked->fetchArray(SQLITE3_ASSOC))) {
            $rows[] = array_map(static fn (mixed $one): string => is_scalar($one) ? (string) $one : '', $row);
        }

        return $rows;
    }

    /** @return array{list<array{path: string, bytes: int, sha256: string}>, list<string>} those that are there, and those that are not */
    private function photos(ZipArchive $zip, string $copy): array
    {
        $disk = Storage::disk('photos');
        $there = $missing = [];
        foreach (Photos::of($copy) as $path) {
            $file = $disk->path($path);
            if (! $disk->exists($path)) {
                $missing[] = $path;

                continue;
            }
            $zip->addFile($file, "photos/$path");
            $zip->setCompressionName("photos/$path", ZipArchive::CM_STORE);
            $there[] = ['path' => $path, 'bytes' => (int) filesize($file), 'sha256' => (string) hash_file('sha256', $file)];
        }

        return [$there, $missing];
    }

    /** On the disk before it counts as taken. */
    private function flush(string $file): void
    {
        $open = fopen($file, 'r+');
        if ($open !== false) {
            fsync($open);
            fclose($open);
        }
        if (File::size($file) === 0) {
            throw new RuntimeException('No space left on device');
        }
    }
}
