<?php

declare(strict_types=1);

namespace App\Keep\Takeout;

use App\Database\SchemaNumber;
use App\Keep\Backup\Photos;
use App\Models\Garden;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use RuntimeException;
use stdClass;
use ZipArchive;

/**
 * One garden with all it has, as nebbia.garden/1: a row a line, so that it is written and read without holding it all. As a zip the
 * photos lie beside it; as bare JSON they stand in it as data URIs. Of one moment: written within one transaction.
 */
final readonly class WriteGarden
{
    public const JSON = JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR;

    /** @param  string  $path  of a file that is made, and written over where there is one */
    public function zip(Garden $garden, string $path): void
    {
        $json = "$path.json";
        $photos = $this->write($garden, $json, false);
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException("$path cannot be written to");
        }
        $zip->addFile($json, 'garden.json');
        foreach ($photos as $photo) {
            $zip->addFile(Storage::disk('photos')->path($photo), "photos/$photo");
            $zip->setCompressionName("photos/$photo", ZipArchive::CM_STORE);
        }
        $isWhole = $zip->close();
        unlink($json);
        if (! $isWhole) {
            throw new RuntimeException('No space left on device');
        }
    }

    public function json(Garden $garden, string $path): void
    {
        $this->write($garden, $path, true);
    }

    /** @return list<string> the photos that are there */
    private function write(Garden $garden, string $path, bool $withPhotos): array
    {
        $file = fopen($path, 'w');
        if ($file === false) {
            throw new RuntimeException("$path cannot be written to");
        }
        $put = static function (string $text) use ($file): void {
            if (fwrite($file, $text) !== strlen($text)) {
                throw new RuntimeException('No space left on device');
            }
        };
        $photos = DB::transaction(fn (): array => $this->body($garden, $put));
        $put('"photos": {'."\n");
        foreach ($withPhotos ? $photos : [] as $n => $photo) {
            $data = base64_encode((string) Storage::disk('photos')->get($photo));
            $put(($n === 0 ? '' : ",\n").json_encode($photo, self::JSON).": \"data:image/jpeg;base64,$data\"");
        }
        $put(($withPhotos && $photos !== [] ? "\n" : '')."}\n}\n");
        fclose($file);

        return $photos;
    }

    /**
     * @param  Closure(string): void  $put
     * @return list<string>
     */
    private function body(Garden $garden, Closure $put): array
    {
        $row = DB::table('gardens')->where('id', $garden->id)->first() ?? throw new RuntimeException('the garden is gone');
        $put("{\n".'"format": "'.GardenShape::FORMAT.'",'."\n");
        $put('"exported_at": "'.CarbonImmutable::now('UTC')->toIso8601ZuluString().'",'."\n");
        $put('"schema": '.SchemaNumber::KNOWN.",\n");
        $put('"garden": '.$this->line('gardens', $row).",\n".'"tables": {');
        $photos = [];
        $isFirst = true;
        foreach (array_keys(GardenShape::TABLES) as $table) {
            $put(($isFirst ? '' : ',')."\n\"$table\": [");
            $isFirst = false;
            $comma = '';
            foreach ($this->rows($garden, $table)->cursor() as $one) {
                $put("$comma\n".$this->line($table, $one));
                $comma = ',';
                $photo = isset(GardenShape::PHOTOS[$table]) ? $one->{GardenShape::PHOTOS[$table]} : null;
                if (is_string($photo) && Photos::isPath($photo) && Storage::disk('photos')->exists($photo)) {
                    $photos[$photo] = true;
                }
            }
            $put("\n]");
        }
        $put("\n},\n");

        return array_map(strval(...), array_keys($photos));
    }

    private function rows(Garden $garden, string $table): Builder
    {
        $way = GardenShape::BY_WAY_OF[$table] ?? null;
        $rows = DB::table($table)->orderBy(DB::raw("\"$table\".rowid"));

        return $way === null
            ? $rows->where('garden_id', $garden->id)
            : $rows->whereIn($way[0], DB::table($way[1])->where('garden_id', $garden->id)->select('id'));
    }

    private function line(string $table, stdClass $row): string
    {
        $columns = (array) $row;
        foreach (GardenShape::json($table) as $column) {
            $read = is_string($columns[$column] ?? null) ? json_decode($columns[$column]) : null;
            // What cannot be read goes along as it is.
            $columns[$column] = is_array($read) || $read instanceof stdClass ? $read : $columns[$column];
        }
        if ($table === 'changes' && is_array($columns['entries'])) {
            foreach ($columns['entries'] as $entry) {
                if ($entry instanceof stdClass && is_string($entry->model ?? null)) {
                    $entry->model = GardenShape::table($entry->model) ?? $entry->model;
                }
            }
        }

        return json_encode($columns, self::JSON);
    }
}
