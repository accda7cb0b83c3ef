<?php

declare(strict_types=1);

use App\Files\Csv;
use App\Files\SheetLocale;
use App\Keep\Lists\ListShape;
use App\Keep\Takeout\WriteGarden;
use App\Models\Garden;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/nebbia-http-'.bin2hex(random_bytes(4));
    mkdir($this->folder);
    config(['nebbia.backups' => $this->folder]);
    Storage::fake('photos');
});
afterEach(fn () => File::deleteDirectory($this->folder));

function sent(string $bytes, string $type = 'application/octet-stream'): TestResponse
{
    return test()->call('PUT', '/api/incoming', [], [], [], ['CONTENT_TYPE' => $type, 'HTTP_ACCEPT' => 'application/json'], $bytes);
}

function exported(Garden $garden, string $folder): string
{
    app(WriteGarden::class)->zip($garden, "$folder/out.zip");

    return (string) file_get_contents("$folder/out.zip");
}

it('says what a garden that is sent would do, does it, and takes it back', function (): void {
    $garden = demo();
    $id = sent(exported($garden, $this->folder))->assertCreated()->assertJson(['kind' => 'garden'])->json('id');
    $would = $this->postJson("/api/incoming/$id/import", ['look' => true])->assertOk()->json();
    expect($would['said'][0])->toContain('would be brought in')->and(Garden::query()->count())->toBe(1);
    $done = $this->postJson("/api/incoming/$id/import")->assertOk()->json();
    expect($done['said'])->toContain('A garden of its name is here already, so this one is called Fontegrigia 2.')->and(Garden::query()->count())->toBe(2);
    // It is gone once it was used.
    $this->postJson("/api/incoming/$id/import")->assertUnprocessable()->assertJsonValidationErrors('file');
    $this->deleteJson("/api/gardens/{$done['garden_id']}", ['name' => 'Fontegrigia 2'])->assertOk();
    expect(Garden::query()->withTrashed()->count())->toBe(1);
});

it('brings a garden into one that is there, and undoes it', function (): void {
    $garden = demo();
    $bytes = exported($garden, $this->folder);
    $zone = $garden->zones()->firstOrFail();
    $zone->forceFill(['name' => 'Older', 'updated_at' => '2001-01-01 00:00:00']);
    $zone->timestamps = false;
    $zone->save();
    $id = sent($bytes)->json('id');
    $done = $this->postJson("/api/incoming/$id/import", ['into' => $garden->id])->assertOk()->json();
    expect(implode("\n", $done['said']))->toContain('Zone Older: the file’s is newer, and counts.')->and($zone->fresh()?->name)->not->toBe('Older');
    $this->postJson(at($garden, "changes/{$done['change']['id']}/undo"))->assertOk();
    expect($zone->fresh()?->name)->toBe('Older');
});

it('refuses what is sent and is neither, and keeps nothing of it', function (string $bytes, string $said): void {
    sent($bytes)->assertUnprocessable()->assertJsonValidationErrors(['file' => $said]);
    expect(glob("$this->folder/.incoming-*"))->toBe([]);
})->with([
    'nothing' => ['', 'Nothing was sent'],
    'a letter' => ['Dear aunt', 'no garden of Nebbia'],
    'a zip that is cut' => ["PK\x03\x04".str_repeat('x', 100), 'cut short'],
]);

it('takes files from its own pages only, and only so', function (): void {
    sent('x', 'text/plain')->assertStatus(415);
    sent('x', 'multipart/form-data')->assertStatus(415);
    $this->call('PUT', '/api/incoming', [], [], [], ['CONTENT_TYPE' => 'application/octet-stream', 'HTTP_ORIGIN' => 'https://elsewhere.example'], 'x')->assertForbidden();
    $this->call('POST', '/api/backups', [], [], [], ['CONTENT_TYPE' => 'application/octet-stream'], 'x')->assertStatus(415);
    foreach (['none.zip', '..%2Fgarden.sqlite', 'nebbia-2026-11-28-183012-daily.zip'] as $name) {
        $this->getJson("/api/backups/$name")->assertStatus(str_contains($name, '%2F') ? 404 : 422);
    }
});

it('deletes a garden for good only once its name was typed, with all its photos and no other', function (): void {
    $garden = demo();
    $other = Garden::query()->create(['name' => 'Other', 'time_zone' => 'Europe/Rome', 'units' => 'metric', 'language' => 'en', 'hardness_mg_l' => 1, 'alkalinity_mg_l' => 1, 'theme' => 'auto']);
    foreach ([$garden, $other] as $one) {
        Storage::disk('photos')->put("$one->id/one.jpg", jpegOf(8));
        $one->photos()->create(['of' => 'look', 'of_id' => 'x', 'path' => "$one->id/one.jpg"]);
    }
    $this->deleteJson(at($garden), [])->assertUnprocessable()->assertJsonValidationErrors('name');
    $this->deleteJson(at($garden), ['name' => 'Other'])->assertUnprocessable();
    $this->deleteJson(at($garden), ['name' => ' fontegrigia '])->assertOk();
    expect(Garden::query()->pluck('name')->all())->toBe(['Other'])->and(Storage::disk('photos')->allFiles())->toBe(["$other->id/one.jpg"]);
    $this->getJson(at($garden, 'today'))->assertNotFound();
});

it('gives the garden as a file with its day in its name', function (): void {
    $garden = demo();
    $answer = $this->get(at($garden, 'garden.zip'))->assertOk();
    expect($answer->headers->get('Content-Disposition'))->toMatch('/fontegrigia-\d{4}-\d\d-\d\d\.zip/');
});

it('says where all is, and that there is no backup yet', function (): void {
    expect($this->getJson('/api/keep')->assertOk()->json())->toMatchArray(['place' => null, 'is_late' => true, 'backups' => [], 'going_on' => null, 'last' => 'There is no backup yet.']);
});

// What is written there by hand: Italy 1,5; Switzerland 1.5; Portugal 1,5; Japan 1.5.
it('writes numbers as spreadsheets of the place do', function (?string $country, string $number, string $between): void {
    $locale = SheetLocale::inCountry($country);
    expect($locale->number(1.5))->toBe($number)->and($locale->between)->toBe($between);
})->with([
    ['IT', '1,5', ';'], ['DE', '1,5', ';'], ['PT', '1,5', ';'], ['BR', '1,5', ';'], ['FR', '1,5', ';'],
    ['US', '1.5', ','], ['GB', '1.5', ','], ['AU', '1.5', ','], ['CH', '1.5', ','], ['MX', '1.5', ','], ['JP', '1.5', ','], [null, '1.5', ','],
]);

it('gives every list as a table that opens where the garden is, and no cell is a formula', function (string $list): void {
    $garden = demo();
    $garden->applications()->firstOrFail()->update(['note' => "=1+1;\"\n@x", 'by' => '+39']);
    $garden->products()->firstOrFail()->update(['name' => '-2', 'note' => '=HYPERLINK("x")']);
    foreach (['Europe/Rome' => [';', ','], 'America/Chicago' => [',', '.']] as $zone => [$between, $decimal]) {
        $garden->update(['time_zone' => $zone]);
        $text = (string) $this->get(at($garden, "lists/$list.csv"))->assertOk()->getContent();
        expect($text)->toStartWith("\u{FEFF}");
        $file = fopen('php://memory', 'r+');
        fwrite($file, substr($text, 3));
        rewind($file);
        $rows = [];
        while (is_array($row = fgetcsv($file, null, $between, '"', ''))) {
            $rows[] = $row;
        }
        expect(count($rows[0]))->toBe(count(ListShape::LISTS[$list][2]));
        foreach ($rows as $row) {
            expect(count($row))->toBe(count($rows[0]));
            foreach ($row as $cell) {
                expect(preg_match('/^\s*[=+@]|^\s*-(?!\d)/', $cell))->toBe(0, $cell)->and(Csv::shield($cell))->toBe($cell);
            }
        }
        if ($list === 'bottles') {
            expect(array_column($rows, 5))->toContain($decimal === ',' ? '14,5' : '14.5');
        }
    }
})->with(fn (): array => array_combine(array_keys(ListShape::LISTS), array_map(static fn (string $list): array => [$list], array_keys(ListShape::LISTS))));

it('has a list of every table that a gardener writes in', function (): void {
    $tables = array_column(ListShape::LISTS, 0);
    expect(array_diff(['plantings', 'recipes', 'applications', 'rounds', 'troubles', 'counts', 'glances', 'looks', 'nevers', 'products', 'preparations', 'chores', 'tactic_uses', 'sprayers', 'tools', 'own_measures', 'weather_notes'], $tables))->toBe([]);
    $this->getJson(at(demo(), 'lists/gardens.csv'))->assertNotFound();
});
