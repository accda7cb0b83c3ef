<?php

declare(strict_types=1);

use App\Files\Csv;
use App\Models\Change;
use App\Scouting\Jpeg;
use App\Undo\ChangeRecorder;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;

// What is kept stays small, holds no more than was meant, and does nobody harm where it is opened.

/** A segment of a JPEG file. */
function segment(int $marker, string $contents): string
{
    return "\xFF".chr($marker).pack('n', strlen($contents) + 2).$contents;
}

/** The smallest picture: frame, tables and a scan, with more segments before them and more bytes behind. */
function pictureWith(string $segments, string $behind = ''): string
{
    return "\xFF\xD8".$segments.segment(0xC0, "\x08\x00\x10\x00\x10\x01\x01\x11\x00").segment(0xDA, "\x01\x01\x00\x00\x3F\x00")."\x12\xFF\x00\x34\xFF\xD0\x56\xFF\xD9".$behind;
}

it('takes place, camera and captions out of a photo, and nothing of the picture', function (): void {
    $jfif = segment(0xE0, "JFIF\0\x01\x01\x00\x00\x01\x00\x01\x00\x00");
    $colours = segment(0xE2, "ICC_PROFILE\0\x01\x01colours");
    $private = segment(0xE1, "Exif\0\0GPSLatitude 45.9").segment(0xE1, "http://ns.adobe.com/xap/1.0/\0<x/>").segment(0xED, "Photoshop 3.0\08BIM").segment(0xFE, 'Ottavia was here').segment(0xE2, 'MPF'."\0");
    $bare = Jpeg::bare(pictureWith($jfif.$private.$colours, 'a film behind the picture'));
    expect($bare)->toBe(pictureWith($jfif.$colours))
        ->and(Jpeg::bare($bare ?? ''))->toBe($bare)
        ->and($bare)->not->toContain('GPS')->not->toContain('Ottavia')->not->toContain('film');
    foreach (['', 'GIF89a', "\xFF\xD8", substr(pictureWith($jfif), 0, -2), "\xFF\xD8\xFF\xE0\xFF\xFFshort", "\xFF\xD8abc"] as $broken) {
        expect(Jpeg::bare($broken))->toBeNull();
    }
});

it('stores a photo bare, and deletes one that was replaced once undo no longer reaches it', function (): void {
    Storage::fake('photos');
    CarbonImmutable::setTestNow('2026-05-12 16:00:00');
    $garden = demo();
    $id = $garden->scoutings()->firstOrFail()->id;
    $send = fn () => $this->post(at($garden, "scoutings/$id/photo"), ['photo' => UploadedFile::fake()->createWithContent('x.jpg', pictureWith(segment(0xE1, "Exif\0\0GPS")))], ['Accept' => 'application/json', 'Content-Type' => 'multipart/form-data'])->assertCreated();
    $send();
    $first = Storage::disk('photos')->allFiles()[0];
    expect(Storage::disk('photos')->get($first))->not->toContain('GPS');
    CarbonImmutable::setTestNow('2026-05-13 16:00:00');
    $send();
    expect(Storage::disk('photos')->allFiles())->toHaveCount(2);
    // Until then the old one can come back.
    CarbonImmutable::setTestNow('2026-05-19 16:00:00');
    $this->postJson(at($garden, 'zones'), ['name' => 'One more'])->assertCreated();
    expect(Storage::disk('photos')->allFiles())->toHaveCount(2);
    CarbonImmutable::setTestNow('2026-05-21 16:00:00');
    $this->postJson(at($garden, 'zones'), ['name' => 'Another'])->assertCreated();
    expect(Storage::disk('photos')->allFiles())->toHaveCount(1)->not->toContain($first);
});

it('forgets changes that can no longer be taken back', function (): void {
    CarbonImmutable::setTestNow('2026-05-12 16:00:00');
    $garden = demo();
    foreach (range(0, 5) as $n) {
        app(ChangeRecorder::class)->record($garden, "Change $n", static fn () => $garden->zones()->create(['name' => "Zone $n", 'position' => $n]));
    }
    CarbonImmutable::setTestNow('2026-05-19 15:59:00');
    app(ChangeRecorder::class)->record($garden, 'Later', static fn () => null);
    expect(Change::query()->where('garden_id', $garden->id)->count())->toBe(7);
    CarbonImmutable::setTestNow('2026-05-19 16:01:00');
    app(ChangeRecorder::class)->record($garden, 'Later still', static fn () => null);
    expect(Change::query()->where('garden_id', $garden->id)->pluck('label')->all())->toEqualCanonicalizing(['Later', 'Later still'])
        ->and($garden->zones()->where('name', 'Zone 5')->exists())->toBeTrue();
});

it('shields whatever a spreadsheet would work out, and gets it back', function (string $cell, string $shielded): void {
    expect(Csv::shield($cell))->toBe($shielded)->and(Csv::unshield($shielded))->toBe($cell);
})->with([
    ['=1+1', "'=1+1"], ['+39 555', "'+39 555"], ['-5', "'-5"], ['@x', "'@x"], ['Beans', 'Beans'], ['a;=1+1', "a;'=1+1"], ["a\t=cmd", "a\t'=cmd"], ["\t=1", "\t'=1"], ['a; -b', "a; '-b"],
    ['＝1+1', "'＝1+1"], ["two\n=lines", "two\n'=lines"], ['a=b', 'a=b'], ["it's", "it's"], ['', ''],
]);

it('refuses names with characters that cannot be shown, and files larger than they may be', function (): void {
    $garden = demo();
    foreach (["Be\u{0}ans", "\u{1b}[31mBeans", "Be\u{202e}snaeB", "two\nlines", "Be\u{9b}ans"] as $name) {
        $this->postJson(at($garden, 'zones'), ['name' => $name])->assertUnprocessable()->assertJsonValidationErrors('name');
    }
    $this->postJson(at($garden, 'zones'), ['name' => 'Beans', 'note' => "two\nlines"])->assertCreated();
    $recipe = recipeNamed($garden, 'Evening soap')->body;
    $started = microtime(true);
    $this->postJson(at($garden, 'bench'), ['recipe' => ['note' => str_repeat('x', 5_000_000)] + $recipe])->assertStatus(413);
    $this->postJson(at($garden, 'bench'), ['recipe' => $recipe, 'now' => ['states' => array_fill(0, 16_000, 'drought')]])->assertUnprocessable();
    $this->postJson(at($garden, 'bench'), ['recipe' => ['ingredients' => array_fill(0, 16_000, ['ingredient' => 'milk', 'amount' => '1 mL'])] + $recipe])->assertStatus(413);
    $this->postJson('/api/bottle', ['text' => str_repeat('soap and ', 330)])->assertOk();
    // They took ten to sixteen seconds each.
    expect(microtime(true) - $started)->toBeLessThan(2.0);
});

it('lets nothing that was typed steer a terminal', function (): void {
    $recipe = json_encode(['format' => 'nebbia.recipe/1', 'name' => "Evil \u{1b}[2J<fg=red>soap</>\u{9b}31m", 'use' => 'foliar', 'base' => ['amount' => '1 L', 'basis' => 'added', 'liquid' => 'water'], 'ingredients' => [['ingredient' => 'liquid-castile-soap', 'amount' => '10 mL']]], JSON_UNESCAPED_UNICODE);
    foreach ([[], ['--json']] as $options) {
        [$code, $said] = outside((string) $recipe, 'nebbia:mix', '-', ...$options);
        expect($code)->toBe(0)->and($said)->not->toMatch('/\x1b|\x{9b}/u');
    }
    expect(outside((string) $recipe, 'nebbia:mix', '-')[1])->toContain('<fg=red>soap</>');
    [, , $complaint] = outside('{"format": "nebbia.recipe/1", "name": "x", "use": "\u001b[31m", "base": {"amount": "1 L"}, "ingredients": []}', 'nebbia:mix', '-');
    expect($complaint)->not->toContain("\e")->not->toBe('');
});

it('keeps nothing of a recipe that the format does not know', function (): void {
    $garden = demo();
    $body = recipeNamed($garden, 'Evening soap')->body;
    $sent = ['junk' => str_repeat('x', 100_000), 'base' => ['colour' => 'green'] + $body['base'], 'ingredients' => [['brand' => 'x'] + $body['ingredients'][0]]] + $body;
    $saved = $this->postJson(at($garden, 'recipes'), ['body' => ['name' => 'Another'] + $sent])->assertCreated()->json('recipe.body');
    expect($saved)->toEqual(['name' => 'Another'] + $body);
});
