<?php

declare(strict_types=1);

use App\Models\Garden;
use Carbon\Carbon;
use Carbon\CarbonImmutable;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Http;

beforeEach(function (): void {
    CarbonImmutable::setTestNow('2026-01-15 16:00:00', 'UTC');
    Carbon::setTestNow('2026-01-15 16:00:00');
});

/**
 * @param  array<string, mixed>  $with
 * @return array<string, mixed>
 */
function beginning(array $with = []): array
{
    return $with + ['start' => 'empty', 'name' => 'Windowsill', 'units' => 'us', 'language' => 'en', 'time_zone' => 'America/Chicago', 'hardness_mg_l' => 150, 'alkalinity_mg_l' => 120, 'theme' => 'auto'];
}

it('begins with what grows, what is in the cupboard, and the sprayer there is', function (): void {
    $read = $this->postJson('/api/plants/list', ['text' => '12 tomatoes, a lemon, Hoya kerrii, lime, tomatoe, 2 zzz plantius'])->assertOk()->json('plants');
    expect(array_column($read, 'how'))->toBe(['known', 'known', 'known', 'several', 'unknown'])->and($read[0]['number'])->toBe(13);
    $id = $this->postJson('/api/gardens', beginning([
        'indoors' => true, 'cupboard' => ['dish-detergent', 'white-vinegar', 'dish-detergent'], 'sprayers' => ['24 fl oz'],
        'plantings' => array_map(static fn (array $one): array => array_intersect_key($one, array_flip(['plant', 'kind', 'name', 'variety', 'number', 'stage'])), $read),
    ]))->assertCreated()->assertJsonPath('indoors', true)->assertJsonPath('locale', 'en-US')->assertJsonPath('week_starts', 7)->assertJsonPath('unit_names.length', 'in')->json('id');
    $garden = Garden::query()->findOrFail($id);
    $plot = $this->getJson("/api/gardens/$id")->assertOk()->json();
    // Each as it was read, in a room as the garden is.
    expect(collect($plot['plantings'])->pluck('number', 'name')->all())->toEqual(['Tomato' => 13, 'Lemon' => 1, 'Hoya kerrii' => 1, 'Lime' => 1, 'Zzz plantius' => 2])
        ->and(collect($plot['plantings'])->every('indoors', true))->toBeTrue();
    expect($garden->sprayers()->pluck('name')->all())->toBe(['Sprayer, 24 fl oz'])
        ->and($garden->sprayers()->firstOrFail()->capacity_ml)->toEqualWithDelta(709.76, 0.01)
        ->and($garden->products()->pluck('ingredient')->sort()->values()->all())->toBe(['dish-detergent', 'white-vinegar']);
});

it('begins with nothing said as well, and half of nothing is kept where something is wrong', function (): void {
    $this->postJson('/api/gardens', beginning())->assertCreated();
    expect(Garden::query()->firstOrFail()->sprayers()->pluck('name')->all())->toBe(['Hand bottle, 1 qt', 'Pump bottle, 2 qt', 'Pressure sprayer, 1 gal']);
    $this->postJson('/api/gardens', beginning(['sprayers' => ['large']]))->assertUnprocessable()->assertJsonValidationErrorFor('sprayers.0');
    $this->postJson('/api/gardens', beginning(['cupboard' => ['unobtainium']]))->assertUnprocessable();
    $this->postJson('/api/gardens', beginning(['plantings' => [['plant' => 'rose', 'number' => 0, 'stage' => 'growing']]]))->assertUnprocessable();
    expect(Garden::query()->count())->toBe(1);
});

it('adds a list of plantings to a garden, and takes it back at once', function (): void {
    $id = $this->postJson('/api/gardens', beginning())->json('id');
    $read = $this->postJson('/api/plants/list', ['text' => implode("\n", ['rose', 'lemon', 'basil', '3 hostas', 'lavender x 4'])])->json('plants');
    $change = $this->postJson("/api/gardens/$id/plantings/list", ['plantings' => $read])->assertCreated()->json();
    expect($change['what'] ?? $change['said'] ?? json_encode($change))->toContain('5 plantings added');
    expect(Garden::query()->findOrFail($id)->plantings()->count())->toBe(5);
    $this->postJson("/api/gardens/$id/changes/{$change['id']}/undo")->assertOk();
    expect(Garden::query()->findOrFail($id)->plantings()->count())->toBe(0);
});

it('calls the address that the household has set, and no other', function (): void {
    Http::preventStrayRequests();
    $id = $this->postJson('/api/gardens', beginning(['units' => 'metric', 'time_zone' => 'Europe/Rome']))->json('id');
    $this->postJson("/api/gardens/$id/weather/fetch")->assertUnprocessable()->assertJsonPath('errors.forecast_url.0', 'No address is set: write one in the settings, or import a file.');
    Http::assertNothingSent();
    $settings = beginning(['version' => 1, 'units' => 'metric', 'time_zone' => 'Europe/Rome', 'forecast_url' => 'http://weather.test/hours', 'forecast_mapping' => "time = h.time\ntemp_c = h.t\nrain_mm: h.r\n\nwind_kmh = h.w\nhumidity = h.h"]);
    $this->patchJson("/api/gardens/$id", $settings)->assertOk()->assertJsonPath('garden.forecast_url', 'http://weather.test/hours');
    $hours = range(0, 47);
    Http::fake(['weather.test/*' => Http::response(['h' => [
        'time' => array_map(static fn (int $n): string => CarbonImmutable::parse('2026-01-15 17:00')->addHours($n)->format('Y-m-d\TH:i'), $hours),
        't' => array_fill(0, 48, 12), 'r' => array_fill(0, 48, 0), 'w' => array_fill(0, 48, 6), 'h' => array_fill(0, 48, 60),
    ]])]);
    $this->postJson("/api/gardens/$id/weather/fetch")->assertOk()->assertJsonPath('hours', 48);
    // 17:00 in Rome is this very hour, 16:00 UTC.
    $note = Garden::query()->findOrFail($id)->weatherNotes()->firstOrFail();
    expect($note->from_at)->toBe(CarbonImmutable::parse('2026-01-15 16:00', 'UTC')->getTimestamp())->and(count($note->hours))->toBe(48);
    $this->getJson("/api/gardens/$id/ribbon")->assertOk()->assertJsonPath('source', 'the forecast that you gave');
    // Fetched anew it is no second one.
    $this->postJson("/api/gardens/$id/weather/fetch")->assertOk();
    expect(Garden::query()->findOrFail($id)->weatherNotes()->count())->toBe(1);
});

it('keeps what was known where nothing answers, or it is no forecast', function (): void {
    $id = $this->postJson('/api/gardens', beginning())->json('id');
    $this->patchJson("/api/gardens/$id", beginning(['version' => 1, 'forecast_url' => 'http://weather.test/hours']))->assertOk();
    Http::fake(['weather.test/*' => Http::sequence()->push('gone', 500)->push('<html></html>')->push('{"a":1}')->push('{"a":')->whenEmpty(fn () => throw new ConnectionException('no'))]);
    for ($n = 0; $n < 5; $n++) {
        $this->postJson("/api/gardens/$id/weather/fetch")->assertUnprocessable();
    }
    foreach (['ftp://weather.test', 'file:///etc/passwd', 'weather'] as $no) {
        $this->patchJson("/api/gardens/$id", beginning(['version' => 2, 'forecast_url' => $no]))->assertUnprocessable()->assertJsonValidationErrorFor('forecast_url');
    }
    $this->patchJson("/api/gardens/$id", beginning(['version' => 2, 'forecast_mapping' => "time = t\nwarmth = x"]))->assertUnprocessable()->assertJsonPath('errors.forecast_mapping.0', fn (string $said): bool => str_contains($said, 'Line 2: "warmth = x"'));
    expect(Garden::query()->findOrFail($id)->weatherNotes()->count())->toBe(0);
});

it('keeps how warm the room was measured, in the household\'s degrees', function (): void {
    $id = $this->postJson('/api/gardens', beginning(['indoors' => true]))->json('id');
    $this->patchJson("/api/gardens/$id", beginning(['version' => 1, 'indoors' => true, 'room_day_c' => '77 °F', 'room_night_c' => '20', 'room_humidity' => '40']))->assertOk()
        ->assertJsonPath('garden.room_day', '77')->assertJsonPath('garden.room_night', '68')->assertJsonPath('garden.room_humidity', 40.0);
    expect(Garden::query()->findOrFail($id)->room_day_c)->toEqualWithDelta(25.0, 1e-6);
    $this->patchJson("/api/gardens/$id", beginning(['version' => 2, 'room_day_c' => 'hot']))->assertUnprocessable()->assertJsonPath('errors.room_day_c.0', 'The room by day must be from 41 °F to 113 °F, or left empty.');
});

it('keeps the number of the poison centre, and lets it go again', function (): void {
    $id = $this->postJson('/api/gardens', beginning())->json('id');
    $this->patchJson("/api/gardens/$id", beginning(['version' => 1, 'poison_centre' => '+39 02 555 0100']))->assertOk()->assertJsonPath('garden.poison_centre', '+39 02 555 0100');
    $this->patchJson("/api/gardens/$id", beginning(['version' => 2, 'poison_centre' => null]))->assertOk()->assertJsonPath('garden.poison_centre', null);
    $this->patchJson("/api/gardens/$id", beginning(['version' => 3, 'poison_centre' => str_repeat('1', 61)]))->assertUnprocessable()->assertJsonValidationErrorFor('poison_centre');
});

it('keeps one forecast that was fetched, with the hours that have gone by, however often it is asked', function (): void {
    $id = $this->postJson('/api/gardens', beginning(['units' => 'metric', 'time_zone' => 'Europe/Rome']))->json('id');
    $this->patchJson("/api/gardens/$id", beginning(['version' => 1, 'units' => 'metric', 'time_zone' => 'Europe/Rome', 'forecast_url' => 'http://weather.test/hours']))->assertOk();
    // By hand before it, and never thrown away by a machine.
    $csv = static fn (string $from, int $hours, int $warmth): string => "time,temp_c,rain_mm,wind_ms,humidity,cloud\n".implode("\n", array_map(static fn (int $n): string => CarbonImmutable::parse($from, 'UTC')->addHours($n)->format('Y-m-d\TH:iP').",$warmth,0,1,60,50", range(0, $hours - 1)));
    $this->postJson("/api/gardens/$id/weather", ['csv' => $csv('2026-01-15 17:00', 5, 1)])->assertOk();
    $at = CarbonImmutable::parse('2026-01-15 16:00', 'UTC');
    for ($n = 0; $n < 6; $n++) {
        CarbonImmutable::setTestNow($at->addHours(3 * $n));
        Http::swap(new Illuminate\Http\Client\Factory());
        Http::fake(['weather.test/*' => Http::response($csv($at->addHours(3 * $n)->format('Y-m-d H:i'), 48, 10 + $n))]);
        $this->postJson("/api/gardens/$id/weather/fetch")->assertOk();
    }
    $notes = Garden::query()->findOrFail($id)->weatherNotes()->get();
    // Five hours by hand; of what was fetched 15 that have gone by and 48 to come, each once.
    expect($notes->map(fn ($note): int => count($note->hours))->all())->toBe([5, 63])->and(count(array_unique(array_column($notes[1]->hours, 0))))->toBe(63)
        ->and($notes[1]->hours[0][1])->toEqual(10)->and($notes[1]->hours[62][1])->toEqual(15);
});

it('takes of a list of plantings what it knows, and names the line that is wrong', function (): void {
    $id = $this->postJson('/api/gardens', beginning())->json('id');
    $this->postJson("/api/gardens/$id/plantings/list", ['plantings' => [['plant' => 'rose', 'number' => 1, 'stage' => 'growing', 'height_cm' => 'tall', 'value' => 'nonsense', 'care' => 'daily']]])->assertCreated();
    expect(Garden::query()->findOrFail($id)->plantings()->firstOrFail())->height_cm->toBeNull()->value->value->toBe('dear')->care->toBeNull();
    $this->postJson("/api/gardens/$id/plantings/list", ['plantings' => [['plant' => 'rose', 'number' => 1, 'stage' => 'growing'], ['plant' => 'lime', 'number' => 1, 'stage' => 'growing']]])->assertUnprocessable()->assertJsonValidationErrorFor('plantings.1.plant');
    $this->postJson("/api/gardens/$id/plantings/list", ['plantings' => [['plant' => 'rose', 'number' => 1, 'stage' => 'asleep']]])->assertUnprocessable()->assertJsonPath('errors', fn (array $errors): bool => str_contains($errors['plantings.0.stage'][0], 'seedling'));
    expect(Garden::query()->findOrFail($id)->plantings()->count())->toBe(1);
});

it('reads and says a pot in the household\'s own gallons', function (string $units, string $typed, float $litres, string $unit, string $again): void {
    $id = $this->postJson('/api/gardens', beginning(['units' => $units]))->assertJsonPath('unit_names.pot', $unit)->json('id');
    $this->postJson("/api/gardens/$id/plantings", ['plant' => 'rose', 'number' => 1, 'stage' => 'growing', 'pot_l' => $typed])->assertCreated()
        ->assertJsonPath('planting.pot_l', fn (float $kept): bool => abs($kept - $litres) < 0.01)->assertJsonPath('planting.pot_typed', $again);
})->with([
    ['us', '2 gal', 7.571, 'gal', '2'], ['us', '3 qt', 2.839, 'gal', '0.75'], ['imperial', '2 gal', 9.092, 'gal', '2'], ['imperial', '4 pints', 2.273, 'gal', '0.5'],
    ['imperial', '2 qt', 2.273, 'gal', '0.5'], ['metric', '5 L', 5.0, 'L', '5'], ['au', '15 cm', 1.84, 'L', '1.84'],
]);
