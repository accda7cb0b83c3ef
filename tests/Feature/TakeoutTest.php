<?php

declare(strict_types=1);

use App\Database\SchemaNumber;
use App\Keep\KeepWords;
use App\Keep\Takeout\ForgetGarden;
use App\Keep\Takeout\GardenShape;
use App\Keep\Takeout\ImportGarden;
use App\Keep\Takeout\NewIds;
use App\Keep\Takeout\WriteGarden;
use App\Models\Garden;
use App\Models\HouseholdModel;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Facades\Storage;
use Opis\JsonSchema\Validator;

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/nebbia-takeout-'.bin2hex(random_bytes(4));
    mkdir($this->folder);
    config(['nebbia.backups' => "$this->folder/backups"]);
    Storage::fake('photos');
});
afterEach(fn () => File::deleteDirectory($this->folder));

/** The file as it reads, without the day on which it was written. */
function taken(Garden $garden, string $folder): array
{
    app(WriteGarden::class)->json($garden, "$folder/taken.json");
    $read = json_decode((string) file_get_contents("$folder/taken.json"), true);
    unset($read['exported_at']);

    return $read;
}

/** A garden that has a row in every table: what the demo has, and one of each that it has not. */
function fullGarden(): Garden
{
    $garden = demo();
    $planting = $garden->plantings()->firstOrFail();
    $recipe = $garden->recipes()->firstOrFail();
    $url = at($garden);
    $http = test();
    $http->postJson("$url/plantings/$planting->id/nevers", ['ingredient' => 'neem-oil', 'why' => 'Spots; "brown" — Größe'])->assertCreated();
    $http->postJson("$url/chores", ['kind' => 'feed', 'what' => 'Nettle feed', 'often' => 'every 2 weeks'])->assertCreated();
    $spray = $http->postJson("$url/sprayed", ['recipe_id' => $recipe->id, 'planting_ids' => [$planting->id], 'volume' => '1 L'])->assertCreated()->json('application.id');
    $http->postJson("$url/glances", ['word' => 'same', 'planting_id' => $planting->id])->assertCreated();
    // Its settings were changed: a change that names the garden itself.
    $http->patchJson($url, ['version' => $garden->version, 'theme' => 'dark'] + $garden->only(
        ['name', 'units', 'language', 'time_zone', 'latitude', 'longitude', 'hardness_mg_l', 'alkalinity_mg_l'],
    ))->assertOk();
    $http->postJson("$url/ticks", ['step' => 'x', 'done' => true]);
    $http->putJson("$url/recipes/$recipe->id", ['version' => $recipe->version, 'name' => $recipe->name, 'body' => $recipe->body, 'note' => 'Another note']);
    $path = "$garden->id/01kaaaaaaaaaaaaaaaaaaaaaaa.jpg";
    Storage::disk('photos')->put($path, jpegOf(64));
    $garden->photos()->create(['of' => 'application', 'of_id' => $spray ?? $planting->id, 'path' => $path]);
    $garden->weatherNotes()->create(['kind' => 'rain', 'from_at' => 1, 'until_at' => 2, 'hours' => []]);

    return $garden->fresh() ?? $garden;
}

it('knows every table and every column that holds JSON', function (): void {
    $tables = array_column(Schema::getTables(), 'name');
    expect(array_keys(GardenShape::TABLES))->toEqualCanonicalizing(array_values(array_diff($tables, ['gardens', 'migrations', 'sqlite_sequence'])));
    $seen = [];
    foreach (GardenShape::TABLES as $table => $model) {
        // Each after those that it refers to.
        foreach (Schema::getForeignKeys($table) as $key) {
            expect([...$seen, $table, 'gardens'])->toContain($key['foreign_table']);
        }
        $seen[] = $table;
        if ($model !== null) {
            $row = new $model;
            assert($row instanceof HouseholdModel);
            expect($row->getTable())->toBe($table)
                ->and(GardenShape::json($table))->toEqualCanonicalizing(array_keys(array_filter($row->getCasts(), static fn (string $cast): bool => $cast === 'array')));
        }
    }
});

it('knows every model that a change may name', function (): void {
    $models = array_filter(
        array_map(static fn (string $file): string => 'App\\Models\\'.basename($file, '.php'), glob(app_path('Models/*.php')) ?: []),
        static fn (string $class): bool => is_subclass_of($class, HouseholdModel::class),
    );
    expect(count($models))->toBeGreaterThan(20);
    foreach ($models as $model) {
        expect(GardenShape::model((string) GardenShape::table($model)))->toBe($model);
    }
});

it('loses nothing on its way into an empty database and out again, as JSON and as a zip', function (string $how): void {
    $garden = fullGarden();
    $before = taken($garden, $this->folder);
    foreach ($before['tables'] as $table => $rows) {
        in_array($table, ['batches', 'recipe_versions', 'ticks'], true) || expect($rows)->not->toBe([], $table);
    }
    $file = "$this->folder/garden.$how";
    $how === 'zip' ? app(WriteGarden::class)->zip($garden, $file) : app(WriteGarden::class)->json($garden, $file);
    app(ForgetGarden::class)($garden);
    foreach (['gardens', ...array_keys(GardenShape::TABLES)] as $table) {
        expect(DB::table($table)->count())->toBe(0, $table);
    }
    expect(Storage::disk('photos')->allFiles())->toBe([]);
    $done = app(ImportGarden::class)($file, null);
    expect($done->isRenamed)->toBeFalse()->and($done->added)->toBe(array_sum(array_map(count(...), $before['tables'])))
        ->and(taken(Garden::query()->findOrFail($garden->id), $this->folder))->toBe($before)
        ->and(Storage::disk('photos')->allFiles())->toBe(["$garden->id/01kaaaaaaaaaaaaaaaaaaaaaaa.jpg"])
        ->and(Storage::disk('photos')->get("$garden->id/01kaaaaaaaaaaaaaaaaaaaaaaa.jpg"))->toBe(jpegOf(64));
})->with(['json', 'zip']);

it('holds what it writes to its schema', function (): void {
    app(WriteGarden::class)->json(fullGarden(), "$this->folder/a.json");
    $validator = new Validator;
    $result = $validator->validate(json_decode((string) file_get_contents("$this->folder/a.json")), (string) file_get_contents(base_path('docs/formats/nebbia.garden-1.schema.json')));
    expect($result->isValid())->toBeTrue((string) json_encode($result->error()?->args()));
});

it('comes beside the one that is there with new ids, the same wherever they are named', function (): void {
    $garden = fullGarden();
    $before = taken($garden, $this->folder);
    app(WriteGarden::class)->zip($garden, "$this->folder/a.zip");
    $done = app(ImportGarden::class)("$this->folder/a.zip", null);
    $new = Garden::query()->findOrFail($done->gardenId);
    expect($new->id)->not->toBe($garden->id)->and($new->name)->toBe('Fontegrigia 2')->and($done->isRenamed)->toBeTrue();
    // The one that was there is as it was, and the new one has none of its ids.
    expect(taken($garden, $this->folder))->toBe($before);
    $after = taken($new, $this->folder);
    $old = [$garden->id];
    foreach ($before['tables'] as $table => $rows) {
        expect(count($after['tables'][$table]))->toBe(count($rows), $table);
        $old = [...$old, ...array_column($rows, 'id')];
    }
    $text = json_encode($after);
    foreach ($old as $id) {
        expect(str_contains((string) $text, $id))->toBeFalse($id);
    }
    // What refers still refers: the planting of the newest spray has the same name.
    $name = static fn (array $read): string => array_column($read['tables']['plantings'], 'name', 'id')[end($read['tables']['applications'])['planting_ids'][0]];
    expect($name($after))->toBe($name($before))
        ->and(Storage::disk('photos')->allFiles($new->id))->toHaveCount(1)
        ->and($after['tables']['photos'][0]['path'])->toBe("$new->id/01kaaaaaaaaaaaaaaaaaaaaaaa.jpg");
    // It can be worked with at once.
    $this->getJson(at($new, 'today'))->assertOk();
    $this->getJson(at($new, 'applications'))->assertOk();
});

it('goes into one that is there by id: the newer counts, each difference is told, and all of it is undone', function (): void {
    $garden = fullGarden();
    app(WriteGarden::class)->json($garden, "$this->folder/a.json");
    [$one, $two, $three] = $garden->zones()->limit(3)->get()->all();
    // Here one is newer, one older, and one of a year ago was deleted with a stroke of the pen.
    DB::table('zones')->where('id', $one->id)->update(['name' => 'Newer here', 'updated_at' => '2099-01-01 00:00:00']);
    DB::table('zones')->where('id', $two->id)->update(['name' => 'Older here', 'updated_at' => '2001-01-01 00:00:00', 'version' => 5]);
    DB::table('nevers')->delete();
    $before = taken($garden, $this->folder);
    $trial = app(ImportGarden::class)("$this->folder/a.json", $garden, true);
    expect(taken($garden, $this->folder))->toBe($before)->and($trial->added)->toBe(1);
    $done = app(ImportGarden::class)("$this->folder/a.json", $garden);
    expect($done->added)->toBe(1)
        ->and($done->conflicts)->toEqualCanonicalizing([
            ['table' => 'zones', 'name' => 'Newer here', 'won' => 'here'],
            ['table' => 'zones', 'name' => 'Older here', 'won' => 'file'],
        ])
        ->and(DB::table('zones')->where('id', $one->id)->value('name'))->toBe('Newer here')
        ->and(DB::table('zones')->where('id', $two->id)->value('name'))->toBe($two->name)
        ->and(DB::table('zones')->where('id', $two->id)->value('version'))->toBe(6)
        ->and(DB::table('nevers')->count())->toBe(1);
    // Once more: nothing is new.
    $again = app(ImportGarden::class)("$this->folder/a.json", $garden, true);
    expect($again->added)->toBe(0)->and(array_column($again->conflicts, 'won'))->toBe(['here']);
    $this->postJson(at($garden, "changes/{$done->change?->id}/undo"))->assertOk();
    expect(DB::table('zones')->where('id', $two->id)->value('name'))->toBe('Older here')
        ->and(DB::table('nevers')->whereNull('deleted_at')->count())->toBe(0);
});

it('takes the newer settings of the same garden, tells it, and gives them back; those of another are its own', function (): void {
    $garden = fullGarden();
    app(WriteGarden::class)->json($garden, "$this->folder/a.json");
    $settings = static fn (): array => (array) DB::table('gardens')->where('id', $garden->id)->first(['units', 'theme', 'put_away']);
    $told = [['table' => 'gardens', 'name' => 'Fontegrigia', 'won' => 'file']];
    // Here they are older, and it was put away here.
    DB::table('gardens')->where('id', $garden->id)->update(['units' => 'imperial', 'theme' => 'light', 'put_away' => 1, 'updated_at' => '2001-01-01 00:00:00']);
    $done = app(ImportGarden::class)("$this->folder/a.json", $garden->refresh());
    expect($done->conflicts)->toBe($told)->and($settings())->toBe(['units' => 'metric', 'theme' => 'dark', 'put_away' => 1])
        ->and(app(KeepWords::class)->imported($done, true, false)[2])->toContain('Settings')->toContain('Fontegrigia');
    $this->postJson(at($garden, "changes/{$done->change?->id}/undo"))->assertOk();
    expect($settings())->toBe(['units' => 'imperial', 'theme' => 'light', 'put_away' => 1]);
    // Here they are newer.
    DB::table('gardens')->where('id', $garden->id)->update(['updated_at' => '2099-01-01 00:00:00']);
    $done = app(ImportGarden::class)("$this->folder/a.json", $garden->refresh());
    expect($done->conflicts)->toEqual([['won' => 'here'] + $told[0]])->and($settings()['units'])->toBe('imperial');
    // Into another garden nothing of them comes.
    $other = app(ImportGarden::class)("$this->folder/a.json", null)->gardenId;
    DB::table('gardens')->where('id', $other)->update(['units' => 'us', 'updated_at' => '2001-01-01 00:00:00']);
    $done = app(ImportGarden::class)("$this->folder/a.json", Garden::query()->findOrFail($other));
    expect(array_column($done->conflicts, 'table'))->not->toContain('gardens')->and(DB::table('gardens')->where('id', $other)->value('units'))->toBe('us');
});

it('still reads a change of settings that names the garden by its class', function (): void {
    $garden = fullGarden();
    app(WriteGarden::class)->json($garden, "$this->folder/a.json");
    $text = (string) file_get_contents("$this->folder/a.json");
    expect(substr_count($text, '"model":"gardens"'))->toBeGreaterThan(0);
    file_put_contents("$this->folder/b.json", str_replace('"model":"gardens"', '"model":"App\\\\Models\\\\Garden"', $text));
    $done = app(ImportGarden::class)("$this->folder/b.json", null);
    $change = DB::table('changes')->where('garden_id', $done->gardenId)->where('entries', 'like', '%Models%Garden"%')->value('id');
    // It can be taken back there, and nothing of the other is touched.
    $copy = Garden::query()->findOrFail($done->gardenId);
    $this->postJson(at($copy, "changes/$change/undo"))->assertOk();
    expect($copy->refresh()->theme)->not->toBe('dark')->and($garden->refresh()->theme)->toBe('dark');
});

it('refuses what is no garden, damaged, cut, newer or a backup, in one line, and changes nothing', function (Closure $spoil, string $said): void {
    $garden = fullGarden();
    app(WriteGarden::class)->json($garden, "$this->folder/a.json");
    // What is here is older, so that the file counts.
    DB::table('plantings')->update(['updated_at' => '2001-01-01 00:00:00']);
    $spoil("$this->folder/a.json");
    $before = taken($garden, $this->folder);
    $gardens = Garden::query()->count();
    expect(fn () => app(ImportGarden::class)("$this->folder/a.json", null))->toThrow(RuntimeException::class, $said);
    expect(fn () => app(ImportGarden::class)("$this->folder/a.json", $garden))->toThrow(RuntimeException::class, $said);
    expect(taken($garden, $this->folder))->toBe($before)->and(Garden::query()->count())->toBe($gardens)->and(DB::transactionLevel())->toBe(1);
})->with([
    'nothing' => [static fn (string $file) => file_put_contents($file, ''), 'no garden of Nebbia'],
    'a letter' => [static fn (string $file) => file_put_contents($file, 'Dear aunt'), 'no garden of Nebbia'],
    'a recipe' => [static fn (string $file) => file_put_contents($file, '{"format":"nebbia.recipe/1"}'), 'nebbia.recipe/1'],
    'gone' => [static fn (string $file) => unlink($file), 'is no file'],
    'cut at a line' => [static fn (string $file) => file_put_contents($file, implode("\n", array_slice(explode("\n", (string) file_get_contents($file)), 0, 60))), 'cut short'],
    'cut within one' => [static fn (string $file) => file_put_contents($file, substr((string) file_get_contents($file), 0, -3000)), 'is not'],
    'newer' => [static fn (string $file) => file_put_contents($file, str_replace('"schema": '.SchemaNumber::KNOWN, '"schema": 99', (string) file_get_contents($file))), 'newer Nebbia'],
    'a table that is none' => [static fn (string $file) => file_put_contents($file, str_replace('"zones": [', '"users": [', (string) file_get_contents($file))), '"users"'],
    'a column that is none' => [static fn (string $file) => file_put_contents($file, str_replace('"position":', '"rank":', (string) file_get_contents($file))), 'zones.rank'],
    'a planting without its zone' => [static fn (string $file) => file_put_contents($file, preg_replace('/"zone_id":"[^"]+"/', '"zone_id":"01kzzzzzzzzzzzzzzzzzzzzzzz"', str_replace('"version":1,"garden_id"', '"version":2,"garden_id"', (string) file_get_contents($file)))), 'belongs to what is not in the file'],
    'a photo that leads out' => [static fn (string $file) => file_put_contents($file, preg_replace('#"[^"]+\.jpg": "data#', '"../../out.jpg": "data', (string) file_get_contents($file))), 'out.jpg'],
    'a change of what is no model' => [static fn (string $file) => file_put_contents($file, preg_replace('/"model":"zones"|"model":"[a-z_]+"/', '"model":"App\\\\\\\\Console"', (string) file_get_contents($file))), 'changes.entries'],
]);

it('reads one that somebody laid out otherwise', function (): void {
    $garden = fullGarden();
    $before = taken($garden, $this->folder);
    app(WriteGarden::class)->json($garden, "$this->folder/a.json");
    file_put_contents("$this->folder/b.json", json_encode(json_decode((string) file_get_contents("$this->folder/a.json")), JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION));
    app(ForgetGarden::class)($garden);
    app(ImportGarden::class)("$this->folder/b.json", null);
    expect(taken(Garden::query()->findOrFail($garden->id), $this->folder))->toBe($before);
});

it('still reads every version that there was', function (string $fixture): void {
    $done = app(ImportGarden::class)($fixture, null);
    $garden = Garden::query()->findOrFail($done->gardenId);
    expect($garden->zones()->count())->toBeGreaterThan(0)->and($garden->applications()->count())->toBeGreaterThan(0);
    foreach (['today', 'plot', 'recipes', 'applications', 'troubles', 'pantry', 'courses'] as $view) {
        $this->getJson(at($garden, $view))->assertOk();
    }
})->with(fn (): array => array_combine(
    array_map(basename(...), glob(dirname(__DIR__).'/Fixtures/gardens/*') ?: []),
    array_map(static fn (string $file): array => [$file], glob(dirname(__DIR__).'/Fixtures/gardens/*') ?: []),
));

it('has a fixture of the tables as they are now', function (): void {
    expect(array_map(basename(...), glob(base_path('tests/Fixtures/gardens/*')) ?: []))->toContain('nebbia.garden-1-tables-'.SchemaNumber::KNOWN.'.zip');
});

it('gives new ids that keep their order, one for one', function (): void {
    $ids = new NewIds('salt');
    $old = array_map(static fn (int $n): string => sprintf('01k%07d%016s', $n, 'abc'), range(1, 500));
    array_map($ids->isTaken(...), $old);
    $new = array_map($ids->of(...), $old);
    $sorted = $new;
    sort($sorted);
    expect(array_unique($new))->toHaveCount(500)->and($sorted)->toBe($new)
        ->and(array_intersect($new, $old))->toBe([])
        ->and($ids->in("\"$old[3]\" in $old[4]/x.jpg"))->toBe("\"$new[3]\" in $new[4]/x.jpg")
        ->and($ids->of('01zzzzzzzzzzzzzzzzzzzzzzzz'))->toBe('01zzzzzzzzzzzzzzzzzzzzzzzz');
});
