<?php

declare(strict_types=1);

namespace App\Keep\Takeout;

use App\Database\SchemaNumber;
use App\Keep\Backup\Photos;
use Closure;
use Generator;
use JsonException;
use stdClass;
use ZipArchive;

/**
 * Reads a nebbia.garden/1, zip or bare JSON. As Nebbia writes it, a row a line, it is read line by line; one that somebody has laid
 * out otherwise is read at once, as long as it is no larger than that takes.
 */
final readonly class GardenFile
{
    /** Bytes up to which a file of another layout is read. */
    private const WHOLE = 12_000_000;

    private const PHOTOS = '{photos}';

    private function __construct(
        private string $json,
        private ?string $zip,
        public stdClass $garden,
        public int $schema,
        public string $exportedAt,
        private ?stdClass $read,
    ) {}

    /**
     * @param  string  $folder  one's own, in which a zip is unpacked
     *
     * @throws BadGarden if it is none, damaged, or of a newer Nebbia
     */
    public static function open(string $path, string $folder): self
    {
        $isZip = is_file($path) && (string) file_get_contents($path, length: 2) === 'PK';
        $json = $isZip ? self::unpack($path, "$folder/garden.json") : $path;
        $file = is_file($json) ? fopen($json, 'r') : false;
        if ($file === false) {
            throw BadGarden::because('no-file', ['path' => $path]);
        }
        $head = '';
        for ($n = 0; $n < 5 && is_string($line = fgets($file)); $n++) {
            $head .= $line;
        }
        fclose($file);
        $read = null;
        // The head as it is written ends in the garden's own row.
        $about = preg_match('/^\{\n"format": .*\n"garden": (\{.*\}),\n$/sD', $head) === 1 ? json_decode(rtrim($head, ",\n").'}') : null;
        if (! $about instanceof stdClass) {
            $about = $read = self::whole($json);
        }

        return self::of($json, $isZip ? $path : null, $about, $read);
    }

    private static function of(string $json, ?string $zip, stdClass $about, ?stdClass $read): self
    {
        $format = is_string($about->format ?? null) ? $about->format : '';
        if ($format !== GardenShape::FORMAT) {
            throw BadGarden::because($format === '' ? 'no-garden' : 'other-format', ['format' => $format]);
        }
        $schema = $about->schema ?? null;
        if (! is_int($schema) || $schema < 1) {
            throw BadGarden::because('damaged', ['part' => 'schema']);
        }
        if ($schema > SchemaNumber::KNOWN) {
            throw BadGarden::because('newer', ['is' => $schema, 'known' => SchemaNumber::KNOWN]);
        }
        $garden = $about->garden ?? null;
        if (! $garden instanceof stdClass || ! is_string($garden->id ?? null) || ! is_string($garden->name ?? null)) {
            throw BadGarden::because('damaged', ['part' => 'garden']);
        }
        $at = is_string($about->exported_at ?? null) ? $about->exported_at : '';

        return new self($json, $zip, $garden, $schema, $at, $read);
    }

    /**
     * @return Generator<int, array{string, stdClass}> table and row
     *
     * @throws BadGarden where a line cannot be read, or a table is none
     */
    public function rows(): Generator
    {
        if ($this->read !== null) {
            $tables = $this->read->tables ?? null;
            foreach ($tables instanceof stdClass ? get_object_vars($tables) : [] as $table => $rows) {
                foreach (is_array($rows) ? $rows : throw BadGarden::because('damaged', ['part' => (string) $table]) as $row) {
                    yield [self::table((string) $table), self::row($row, (string) $table)];
                }
            }

            return;
        }
        foreach ($this->lines() as [$table, $line, $number]) {
            if ($table !== self::PHOTOS) {
                $row = json_decode($line);
                yield [self::table($table), self::row($row, $number)];
            }
        }
    }

    /** @param  Closure(string, string): void  $keep  is given each photo's path and what is in it */
    public function photos(Closure $keep): void
    {
        if ($this->zip !== null) {
            $zip = new ZipArchive;
            $zip->open($this->zip, ZipArchive::RDONLY);
            for ($n = 0; $n < $zip->numFiles; $n++) {
                $name = (string) $zip->getNameIndex($n);
                $path = str_starts_with($name, 'photos/') ? substr($name, 7) : '';
                if (Photos::isPath($path)) {
                    $bytes = @$zip->getFromIndex($n);
                    $keep($path, is_string($bytes) ? $bytes : throw BadGarden::because('damaged', ['part' => $name]));
                }
            }
            $zip->close();

            return;
        }
        if ($this->read !== null) {
            foreach (($this->read->photos ?? null) instanceof stdClass ? get_object_vars($this->read->photos) : [] as $path => $uri) {
                self::keep((string) $path, $uri, $keep);
            }

            return;
        }
        foreach ($this->lines() as [$table, $line, $number]) {
            if ($table === self::PHOTOS) {
                $one = json_decode('{'.$line.'}', true);
                foreach (is_array($one) ? $one : throw BadGarden::because('damaged-line', ['line' => $number]) as $path => $uri) {
                    self::keep((string) $path, $uri, $keep);
                }
            }
        }
    }

    /** @param  string|int  $where  the table, or the line, that it stands in */
    private static function row(mixed $row, string|int $where): stdClass
    {
        return match (true) {
            $row instanceof stdClass => $row,
            is_int($where) => throw BadGarden::because('damaged-line', ['line' => $where]),
            default => throw BadGarden::because('damaged', ['part' => $where]),
        };
    }

    /** @param  Closure(string, string): void  $keep */
    private static function keep(string $path, mixed $uri, Closure $keep): void
    {
        $bytes = is_string($uri) && str_starts_with($uri, 'data:image/jpeg;base64,') ? base64_decode(substr($uri, 23), true) : false;
        if ($bytes === false || ! Photos::isPath($path)) {
            throw BadGarden::because('damaged', ['part' => "photos/$path"]);
        }
        $keep($path, $bytes);
    }

    /** @return Generator<int, array{string, string, int}> table, what stands on the line without its comma, and its number */
    private function lines(): Generator
    {
        $file = fopen($this->json, 'r') ?: throw BadGarden::because('damaged', ['part' => 'garden.json']);
        $table = null;
        $isOver = false;
        for ($number = 1; is_string($line = fgets($file)); $number++) {
            $line = rtrim($line, "\r\n");
            if ($number <= 6 || $line === '') {
                continue;
            }
            if (preg_match('/^"([a-z_]+)": ([\[{])$/D', $line, $found) === 1) {
                // There is a table of photos, too: what they hold stands in brackets of its own.
                $table = $found[2] === '{' ? self::PHOTOS : $found[1];
            } elseif (in_array($line, [']', '],', '},', '}'], true)) {
                if ($table === self::PHOTOS) {
                    $isOver = true;
                }
                $table = $line === '}' || $line === '},' ? null : '';
            } elseif ($table === null || $table === '') {
                throw BadGarden::because('damaged-line', ['line' => $number]);
            } else {
                yield [$table, rtrim($line, ','), $number];
            }
        }
        fclose($file);
        if (! $isOver) {
            throw BadGarden::because('cut');
        }
    }

    private static function table(string $table): string
    {
        return array_key_exists($table, GardenShape::TABLES) ? $table : throw BadGarden::because('damaged', ['part' => $table]);
    }

    private static function unpack(string $path, string $to): string
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY | ZipArchive::CHECKCONS) !== true) {
            throw BadGarden::because('cut');
        }
        $from = $zip->getStream('garden.json');
        if ($from === false) {
            throw BadGarden::because($zip->locateName('manifest.json') === false ? 'no-garden' : 'a-backup');
        }
        $size = $zip->statName('garden.json')['size'] ?? -1;
        $target = fopen($to, 'w');
        $bytes = $target === false ? -1 : @stream_copy_to_stream($from, $target);
        $zip->close();

        return $bytes === $size ? $to : throw BadGarden::because('cut');
    }

    private static function whole(string $path): stdClass
    {
        if (filesize($path) > self::WHOLE) {
            throw BadGarden::because('other-layout');
        }
        try {
            $read = json_decode((string) file_get_contents($path), flags: JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw BadGarden::because('no-garden');
        }

        return $read instanceof stdClass ? $read : throw BadGarden::because('no-garden');
    }
}
