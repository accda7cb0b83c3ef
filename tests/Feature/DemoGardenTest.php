<?php

declare(strict_types=1);

use App\Models\Application;
use App\Models\Garden;
use App\Models\Recipe;
use App\Models\Round;
use App\Pantry\Household;
use App\Rounds\Resources\ApplicationResource;
use App\Settings\Writes\StartGarden;
use Carbon\CarbonImmutable;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Mixing\Recipe\RecipeReader;
use Tests\Support\DemoOnce;

function fontegrigia(string $now = '2026-05-04 16:00:00'): Garden
{
    CarbonImmutable::setTestNow($now);
    Carbon\Carbon::setTestNow($now);

    return DemoOnce::garden();
}

it('is the garden of the design', function (): void {
    $garden = fontegrigia();
    expect($garden->name)->toBe('Fontegrigia')->and([$garden->latitude, $garden->longitude, $garden->altitude_m])->toBe([45.9, 9.3, 412])
        ->and($garden->zones()->count())->toBe(6)->and($garden->sprayers()->pluck('capacity_ml')->all())->toBe([750.0, 2000.0, 8000.0])
        ->and($garden->recipes()->count())->toBe(9)->and($garden->plantings()->count())->toBeGreaterThanOrEqual(28)
        ->and($garden->applications()->pluck('by')->unique()->sort()->values()->all())->toBe(['Bruno', 'Ottavia']);
});

// By hand, from each recipe's own words: substance, percent (w/v, or v/v for oil and milk).
it('has recipes at the strengths they were meant to have', function (string $name, string $substance, float $percent, bool $byVolume = false): void {
    $recipe = fontegrigia()->recipes()->where('name', $name)->firstOrFail();
    $strength = app(Mixer::class)->mix(app(RecipeReader::class)->read($recipe->body))->strengthOf($substance);
    expect(($byVolume ? $strength?->percentVv : $strength?->percentWv)?->likely)->toEqualWithDelta($percent, 0.0005 * $percent);
})->with([
    // 30 mL · 33 % in 1030
    ['Evening soap', 'potassium-soap', 0.96117],
    // 16 · 33 % in 1016
    ['Gentle soap', 'potassium-soap', 0.51969],
    // 10 mL in 1016
    ['Oil and soap for scale', 'vegetable-oil', 0.98425, true],
    // 10 g in 2 L
    ['Potassium bicarbonate', 'potassium-bicarbonate', 0.5],
    ['Milk for the zucchini', 'milk', 15.0, true],
    ['Neem at dusk', 'neem-oil', 0.75, true],
    // six cloves of 5 g in 1005
    ['Garlic and pepper', 'garlic', 2.98507],
    // beside 4 mL of soap one part in five, 199.2 mL, of an extract with 100 g in a litre
    ['Garlic and pepper from the jar', 'garlic', 1.992],
    // 500 g in 5005 mL
    ['Vinegar for the court', 'acetic-acid', 9.99001],
]);

it('sprays nothing on its plants that would burn them', function (): void {
    fontegrigia();
    foreach (Application::query()->with('batch')->get() as $entry) {
        $said = ApplicationResource::of($entry, UnitSystem::Metric);
        expect($said->severity)->not->toBe(Severity::Stop->value, $said->recipe);
        if ($said->recipe !== 'Vinegar for the court') {
            expect($said->severity)->not->toBe(Severity::Caution->value, $said->recipe.': '.json_encode($said->findings));
        }
    }
});

it('has whole seasons behind it whenever it is made', function (string $now, array $years): void {
    $garden = fontegrigia($now);
    $seen = $garden->applications()->get()->map(fn (Application $entry): int => $entry->applied_at->year)->unique()->sort()->values()->all();
    expect(array_values(array_intersect($years, $seen)))->toBe($years)
        ->and($garden->applications()->where('applied_at', '>', CarbonImmutable::now())->count())->toBe(0)
        ->and($garden->rounds()->where('status', 'planned')->where('due_on', '<', CarbonImmutable::now()->subDays(2)->toDateString())->count())->toBe(0);
})->with([
    'in February' => ['2027-02-10 08:00:00', [2025, 2026]],
    'in June' => ['2027-06-10 08:00:00', [2025, 2026]],
    'in November' => ['2026-11-25 08:00:00', [2025, 2026]],
]);

it('has something due on the day it is made', function (): void {
    $garden = fontegrigia();
    $due = $garden->rounds()->where('status', 'planned')->where('due_on', '<=', '2026-05-04')->get();
    expect($due->map(fn (Round $round): string => $round->due_on->toDateString())->all())->toBe(['2026-05-03', '2026-05-04']);
});

it('stands in its own spring, whatever the calendar says, and its clock runs on', function (string $now): void {
    CarbonImmutable::setTestNow($now);
    $garden = app(StartGarden::class)->demo();
    expect($garden->localNow()->format('j F Y, H:i'))->toBe('14 May 2026, 07:30')
        ->and($garden->rounds()->where('status', 'planned')->min('due_on'))->toBe('2026-05-13')
        ->and($garden->applications()->where('applied_at', '>', $garden->now())->count())->toBe(0);
    CarbonImmutable::setTestNow(CarbonImmutable::parse($now)->addHours(3));
    expect($garden->localNow()->format('H:i'))->toBe('10:30');
    $passed = $this->postJson(at($garden, 'day-passes'), ['version' => $garden->version])->assertOk();
    expect($passed->json('garden.now'))->toBe('2026-05-15T08:30:00Z');
    $this->getJson(at($garden, 'today'))->assertOk()->assertJsonPath('date', '2026-05-15');
    $this->postJson(at($garden, 'day-passes'), ['version' => $garden->version])->assertConflict();
    $this->postJson(at($garden, 'changes/'.$passed->json('change.id').'/undo'))->assertOk();
    $this->getJson(at($garden, 'today'))->assertOk()->assertJsonPath('date', '2026-05-14');
})->with(['2026-11-27 13:00:00', '2028-02-29 23:59:30', '2027-01-01 00:00:05', '2027-03-28 00:59:59', '2027-10-31 00:59:59']);

it('lets no day pass in a real garden', function (): void {
    $garden = fontegrigia();
    $garden->update(['is_demo' => false]);
    $this->postJson(at($garden, 'day-passes'), ['version' => $garden->version])->assertUnprocessable();
});

it('has four preparations, each at another point of its life', function (): void {
    $garden = fontegrigia();
    $shelf = app(Household::class)->shelf($garden);
    $states = [];
    foreach ($shelf->all() as $jar) {
        $states[$jar->kind->id] = $jar->state->value;
    }
    ksort($states);
    expect($states)->toBe(['ash-water' => 'gone-off', 'garlic-pepper-extract' => 'use-soon', 'nettle-ferment' => 'steeping', 'potash-soap' => 'untested']);
});

it('is made once', function (): void {
    $this->seed();
    $this->seed();
    expect(Garden::query()->count())->toBe(1)->and(Recipe::query()->count())->toBe(9);
});

it('logged evenings in the garden\'s own time', function (): void {
    $garden = fontegrigia();
    $april = $garden->applications()->where('applied_at', 'like', '2025-04-18%')->firstOrFail();
    // 19:30 in Rome in April is 17:30 UTC.
    expect($april->applied_at->toIso8601ZuluString())->toBe('2025-04-18T17:30:00Z');
});

it('has three courses under way, one that rain took and one that waits for a steep', function (): void {
    $garden = fontegrigia();
    $under = $garden->courses()->whereHas('rounds', fn ($rounds) => $rounds->where('status', 'done'))->whereHas('rounds', fn ($rounds) => $rounds->where('status', 'planned'))->get();
    expect($under->count())->toBeGreaterThanOrEqual(3);
    $changed = collect($this->getJson("/api/gardens/$garden->id/replans")->assertOk()->json())->firstWhere('name', 'Gentle soap against whitefly');
    // Sprayed at half past seven, 4.5 mm in each of two hours from nine on; soap wants four dry ones.
    expect($changed['news'])->toStartWith('It rained an hour after the last spray')->and($changed['moves'])->not->toBeEmpty();
    $steep = collect($this->getJson("/api/gardens/$garden->id/preparations")->json('to_make'))->firstWhere('kind', 'garlic-pepper-extract');
    expect($steep['for'])->toStartWith('Garlic and pepper from the jar on ');
    $turns = $garden->courses()->whereNotNull('other_recipe_id')->firstOrFail();
    expect($turns->purpose->value)->toBe('prevention');
});
