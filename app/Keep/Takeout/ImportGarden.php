<?php

declare(strict_types=1);

namespace App\Keep\Takeout;

use App\Core\Say;
use App\Database\WriteGate;
use App\Keep\Backup\BackupFolder;
use App\Models\Change;
use App\Models\Garden;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Facades\Storage;
use RuntimeException;
use stdClass;

/**
 * Brings a garden in: as a new one, rows whose ids are taken with new ones, or into one that is there, by id, where the newer of two
 * counts and each difference is told. All of it in one transaction, or nothing.
 *
 * @phpstan-type Entry array{event: string, model: class-string, id: string, version: int, before: array<string, mixed>}
 */
final readonly class ImportGarden
{
    private const AT_ONCE = 200;

    /** What is of the garden on this machine, and comes with no file. */
    private const HERE = ['is_demo' => 1, 'put_away' => 1, 'clock_offset_s' => 1, 'created_at' => 1, 'deleted_at' => 1];

    public function __construct(private BackupFolder $folder, private WriteGate $gate) {}

    /**
     * @param  Garden|null  $into  null for a new garden
     * @param  bool  $isTrial  only say what would be done
     *
     * @throws BadGarden if the file is none or not whole: then nothing was changed
     */
    public function __invoke(string $path, ?Garden $into, bool $isTrial = false): Imported
    {
        $work = function (string $own) use ($path, $into, $isTrial): Imported {
            $file = GardenFile::open($path, $own);
            $done = new Imported;
            $ids = $this->taken($file, $into);
            DB::beginTransaction();
            try {
                // What was loose here before is not this file's fault.
                $loose = count(DB::select('PRAGMA foreign_key_check'));
                DB::statement('PRAGMA defer_foreign_keys = ON');
                $entries = $this->put($file, $into, $ids, $done);
                if (count(DB::select('PRAGMA foreign_key_check')) > $loose) {
                    throw BadGarden::because('loose');
                }
                if ($isTrial) {
                    DB::rollBack();

                    return $done;
                }
                // Photos first: a row never names one that is not there yet; those without a row harm nobody.
                $this->photos($file, $ids, $done);
                if ($into !== null) {
                    $label = Say::it('change.garden-brought-in', ['name' => $file->garden->name]);
                    $done->change = Change::query()->create(
                        ['garden_id' => $into->id, 'label' => $label, 'entries' => $entries, 'made_at' => $into->now()],
                    );
                }
                DB::commit();
            } catch (QueryException $e) {
                DB::rollBack();
                throw str_contains($e->getMessage(), 'constraint') ? BadGarden::because('loose') : $e;
            } catch (RuntimeException $e) {
                if (DB::transactionLevel() > 0) {
                    DB::rollBack();
                }
                throw $e;
            }

            return $done;
        };

        // First the folder, then the gate, as a restore does: otherwise each could wait for the other.
        return $this->folder->alone(fn (string $own): Imported => $this->gate->through(static fn (): Imported => $work($own)));
    }

    /** Which ids of the file are another's already: for a new garden every one that there is, for one that is there those of others. */
    private function taken(GardenFile $file, ?Garden $into): NewIds
    {
        $ids = new NewIds;
        $garden = (string) $file->garden->id;
        if ($garden !== $into?->id && DB::table('gardens')->where('id', $garden)->exists()) {
            $ids->isTaken($garden);
        }
        $waiting = [];
        $ask = function (string $table) use (&$waiting, $ids, $into): void {
            $there = DB::table($table)->whereIn('id', $waiting[$table]);
            if ($into !== null) {
                $way = GardenShape::BY_WAY_OF[$table] ?? null;
                $way === null
                    ? $there->where('garden_id', '!=', $into->id)
                    : $there->whereNotIn($way[0], DB::table($way[1])->where('garden_id', $into->id)->select('id'));
            }
            foreach ($there->pluck('id') as $id) {
                $ids->isTaken(is_string($id) ? $id : '');
            }
            $waiting[$table] = [];
        };
        foreach ($file->rows() as [$table, $row]) {
            if ($table === 'course_planting') {
                continue;
            }
            $waiting[$table][] = is_string($row->id ?? null) && preg_match('/^[0-9A-Za-z]{26}$/D', $row->id) === 1
                ? $row->id
                : throw BadGarden::because('damaged', ['part' => $table]);
            if (count($waiting[$table]) >= self::AT_ONCE) {
                $ask($table);
            }
        }
        foreach (array_keys($waiting) as $table) {
            $ask($table);
        }

        return $ids;
    }

    /** @return list<Entry> what undo has to know */
    private function put(GardenFile $file, ?Garden $into, NewIds $ids, Imported $done): array
    {
        $garden = $this->columns('gardens', $file->garden, $ids);
        $entries = [];
        if ($into === null) {
            $garden['name'] = $done->name = $this->freeName((string) $file->garden->name);
            $done->isRenamed = $done->name !== $file->garden->name;
            $garden['put_away'] = 0;
            DB::table('gardens')->insert($garden);
        } else {
            $done->name = $into->name;
            // By its id it is the same garden: of its settings the newer count too. Another's settings are its own.
            $settings = $file->garden->id === $into->id ? $this->settings($into, array_diff_key($garden, self::HERE), $done) : null;
            $entries = $settings === null ? [] : [$settings];
        }
        $id = $into->id ?? $ids->of((string) $file->garden->id);
        $done->gardenId = $id;
        $waiting = [];
        $flush = function (string $table) use (&$waiting, &$entries, $into, $done): void {
            $entries = [...$entries, ...$this->flush($table, $waiting[$table], $into, $done)];
            $waiting[$table] = [];
        };
        foreach ($file->rows() as [$table, $row]) {
            $columns = $this->columns($table, $row, $ids);
            if (array_key_exists('garden_id', $columns)) {
                $columns['garden_id'] = $id;
            }
            $waiting[$table][] = $columns;
            if (count($waiting[$table]) >= self::AT_ONCE) {
                $flush($table);
            }
        }
        foreach (array_keys($waiting) as $table) {
            $flush($table);
        }

        return $entries;
    }

    /**
     * @param  list<array<string, mixed>>  $rows
     * @return list<Entry>
     */
    private function flush(string $table, array $rows, ?Garden $into, Imported $done): array
    {
        $entries = $new = [];
        $there = $into === null || $table === 'course_planting' ? [] : $this->there($table, $rows);
        $model = GardenShape::model($table);
        foreach ($rows as $row) {
            $old = is_string($row['id'] ?? null) ? $there[$row['id']] ?? null : null;
            if ($old === null) {
                $new[] = $row;
                if ($into !== null && $model !== null && is_string($row['id'] ?? null)) {
                    $version = is_int($row['version'] ?? null) ? $row['version'] : 1;
                    $entries[] = ['event' => 'created', 'model' => $model, 'id' => $row['id'], 'version' => $version, 'before' => []];
                }
            } elseif ($this->isSame($table, $old, $row)) {
                $done->same++;
            } elseif ($model !== null) {
                $entry = $this->settle($table, $model, $old, $row, $done);
                $entries = $entry === null ? $entries : [...$entries, $entry];
            }
        }
        foreach (array_chunk($new, 20) as $some) {
            // Which plantings a course is for has no id of its own: what is there already is the same.
            $done->added += $table === 'course_planting'
                ? $this->insertMissing($some)
                : count($some) * (int) DB::table($table)->insert($some);
        }

        return $entries;
    }

    /**
     * @param  array<string, mixed>  $row
     * @return Entry|null
     */
    private function settings(Garden $into, array $row, Imported $done): ?array
    {
        $old = (array) DB::table('gardens')->where('id', $into->id)->first();

        return $this->isSame('gardens', $old, array_diff_key($row, ['updated_at' => 1]))
            ? null
            : $this->settle('gardens', Garden::class, $old, $row, $done);
    }

    /** @param  list<array<string, mixed>>  $rows */
    private function insertMissing(array $rows): int
    {
        $new = array_filter($rows, static fn (array $row): bool => ! DB::table('course_planting')->where($row)->exists());

        return $new === [] ? 0 : count($new) * (int) DB::table('course_planting')->insert(array_values($new));
    }

    /**
     * Two that differ: the newer counts. Of two of the same moment it is the one that is here.
     *
     * @param  class-string  $model
     * @param  array<string, mixed>  $old
     * @param  array<string, mixed>  $row
     * @return Entry|null
     */
    private function settle(string $table, string $model, array $old, array $row, Imported $done): ?array
    {
        $text = static fn (mixed $one): string => is_scalar($one) ? (string) $one : '';
        $isNewer = $text($row['updated_at'] ?? null) > $text($old['updated_at'] ?? null);
        $name = $text($old['name'] ?? $old['what'] ?? $old['target'] ?? $old['id'] ?? null);
        $done->conflict($table, $name, $isNewer ? 'file' : 'here');
        if (! $isNewer) {
            return null;
        }
        $version = max((int) $text($old['version'] ?? 1), (int) $text($row['version'] ?? 1)) + 1;
        DB::table($table)->where('id', $row['id'])->update(['version' => $version] + $row);

        return ['event' => 'updated', 'model' => $model, 'id' => $text($row['id']), 'version' => $version, 'before' => $old];
    }

    /**
     * @param  list<array<string, mixed>>  $rows
     * @return array<string, array<string, mixed>> by id
     */
    private function there(string $table, array $rows): array
    {
        $found = [];
        foreach (DB::table($table)->whereIn('id', array_column($rows, 'id'))->get() as $row) {
            $columns = (array) $row;
            $found[(string) $row->id] = $columns;
        }

        return $found;
    }

    /**
     * @param  array<string, mixed>  $old
     * @param  array<string, mixed>  $row
     */
    private function isSame(string $table, array $old, array $row): bool
    {
        foreach ($row as $column => $value) {
            $was = $old[$column] ?? null;
            $isJson = in_array($column, GardenShape::json($table), true) && is_string($was) && is_string($value);
            // What it means counts, not how it is written; versions count hands, not what was written.
            if ($column !== 'version' && ($isJson ? json_decode($was) != json_decode($value) : $was != $value)) {
                return false;
            }
        }

        return true;
    }

    /**
     * A row of the file as the table takes it: its own columns only, ids that were taken made new, JSON as text.
     *
     * @return array<string, mixed>
     */
    private function columns(string $table, stdClass $row, NewIds $ids): array
    {
        $known = $this->known($table);
        $columns = [];
        foreach (get_object_vars($row) as $name => $value) {
            if (! isset($known[$name])) {
                throw BadGarden::because('damaged', ['part' => "$table.$name"]);
            }
            if (in_array($name, GardenShape::json($table), true)) {
                $value = is_array($value) || $value instanceof stdClass ? $this->text($table, $value) : $value;
            }
            if (! is_scalar($value) && $value !== null) {
                throw BadGarden::because('damaged', ['part' => "$table.$name"]);
            }
            $columns[$name] = is_string($value) ? $ids->in($value) : $value;
        }

        return $columns;
    }

    /** @param  array<array-key, mixed>|stdClass  $value */
    private function text(string $table, array|stdClass $value): string
    {
        if ($table === 'changes' && is_array($value)) {
            foreach ($value as $entry) {
                if ($entry instanceof stdClass && is_string($entry->model ?? null)) {
                    $entry->model = GardenShape::model($entry->model) ?? throw BadGarden::because('damaged', ['part' => 'changes.entries']);
                }
            }
        }

        return json_encode($value, WriteGarden::JSON);
    }

    /** @return array<string, true> */
    private function known(string $table): array
    {
        static $known = [];

        return $known[$table] ??= array_fill_keys(Schema::getColumnListing($table), true);
    }

    /** A garden of that name may be there: then it is told apart by a number. */
    private function freeName(string $name): string
    {
        $free = $name;
        for ($n = 2; DB::table('gardens')->where('name', $free)->whereNull('deleted_at')->exists(); $n++) {
            $free = "$name $n";
        }

        return $free;
    }

    private function photos(GardenFile $file, NewIds $ids, Imported $done): void
    {
        $disk = Storage::disk('photos');
        $file->photos(static function (string $path, string $bytes) use ($ids, $disk, $done): void {
            $to = $ids->in($path);
            if (! $disk->exists($to) && (! $disk->put("$to.part", $bytes) || ! $disk->move("$to.part", $to))) {
                throw new RuntimeException('No space left on device');
            }
            $done->photos[] = $to;
        });
    }
}
