<?php

declare(strict_types=1);

use App\Models\Garden;

// What a garden begins with is what its time zone tells, until somebody says better.
it('has the place and the money of its time zone', function (string $zone, ?float $latitude, ?float $longitude, string $money): void {
    $id = $this->postJson('/api/gardens', ['start' => 'empty', 'name' => 'Windowsill', 'units' => 'metric', 'language' => 'en', 'time_zone' => $zone, 'latitude' => null, 'longitude' => null, 'hardness_mg_l' => 150, 'alkalinity_mg_l' => 120, 'theme' => 'auto'])->assertCreated()->json('id');
    $garden = Garden::query()->findOrFail($id);
    expect($garden->latitude)->toBe($latitude)->and($garden->longitude)->toBe($longitude)->and($garden->currency)->toBe($money);
})->with([
    ['America/Chicago', 41.9, -87.7, '$'], ['Europe/Rome', 41.9, 12.5, '€'], ['Europe/London', 51.5, -0.1, '£'], ['America/Sao_Paulo', -23.5, -46.6, 'R$'], ['Australia/Melbourne', -37.8, 145.0, '$'], ['UTC', null, null, '€'],
]);

it('keeps what was typed', function (): void {
    $id = $this->postJson('/api/gardens', ['start' => 'empty', 'name' => 'Hill', 'units' => 'metric', 'language' => 'en', 'time_zone' => 'Europe/Rome', 'latitude' => '45,9', 'longitude' => '9.3', 'hardness_mg_l' => 150, 'alkalinity_mg_l' => 120, 'theme' => 'auto'])->assertCreated()->json('id');
    expect(Garden::query()->findOrFail($id)->latitude)->toBe(45.9);
});

it('lists a demo and a garden of one\'s own side by side, each with its units', function (): void {
    demo();
    $this->postJson('/api/gardens', ['start' => 'empty', 'name' => 'Windowsill', 'units' => 'us', 'language' => 'en', 'time_zone' => 'America/Chicago', 'latitude' => null, 'longitude' => null, 'hardness_mg_l' => 150, 'alkalinity_mg_l' => 120, 'theme' => 'auto'])->assertCreated();
    $gardens = $this->getJson('/api/gardens')->assertOk()->json();
    expect(array_column($gardens, 'name'))->toBe(['Fontegrigia', 'Windowsill'])->and(array_column($gardens, 'units'))->toBe(['metric', 'us'])->and(array_column($gardens, 'is_demo'))->toBe([true, false]);
});

it('has a mild recipe to press wherever a remedy is named and none is kept', function (string $units): void {
    $id = $this->postJson('/api/gardens', ['start' => 'empty', 'name' => 'Sill', 'units' => $units, 'language' => 'en', 'time_zone' => 'Europe/Rome', 'latitude' => null, 'longitude' => null, 'hardness_mg_l' => 150, 'alkalinity_mg_l' => 120, 'theme' => 'auto'])->assertCreated()->json('id');
    $at = "/api/gardens/$id";
    $zone = $this->getJson($at)->json('zones.0.id');
    foreach (['tomato' => 'aphid', 'monstera' => 'mealybug', 'zucchini' => 'powdery-mildew'] as $plant => $target) {
        $planting = $this->postJson("$at/plantings", ['plant' => $plant, 'number' => 1, 'stage' => 'growing', 'zone_id' => $zone])->assertCreated()->json('planting.id');
        $trouble = $this->postJson("$at/scoutings", ['as' => 'trouble', 'planting_id' => $planting, 'target' => $target, 'present' => [], 'absent' => [], 'skipped' => [], 'weather' => []])->assertCreated()->json('scouting.trouble_id');
        $offered = 0;
        foreach ($this->getJson("$at/troubles/$trouble")->assertOk()->json('remedies') as $remedy) {
            if (! $remedy['open']) {
                continue;
            }
            // What was kept for the plant before is offered in its place.
            $offered += count($remedy['recipes']);
            foreach (array_column($remedy['starters'], 'body') as $body) {
                $offered++;
                $recipe = $this->postJson("$at/recipes", ['body' => $body])->assertCreated()->json('recipe');
                expect($recipe['body']['units'])->toBe($units);
                $bench = $this->postJson("$at/bench", ['recipe' => $recipe['body'], 'planting_id' => $planting])->assertOk();
                expect($bench->json('severity'))->not->toBe('stop', "$remedy[id] on $plant");
            }
        }
        expect($offered)->toBeGreaterThan(2, "$target on $plant");
    }
})->with(['metric', 'us', 'imperial', 'au']);

it('lets what is in the cupboard lead, and lists some thirty to begin with', function (): void {
    $id = $this->postJson('/api/gardens', ['start' => 'empty', 'name' => 'Sill', 'units' => 'metric', 'language' => 'en', 'time_zone' => 'Europe/Rome', 'hardness_mg_l' => 150, 'alkalinity_mg_l' => 120, 'theme' => 'auto', 'cupboard' => ['bar-soap', 'baking-soda'], 'plantings' => [['plant' => 'zucchini', 'number' => 1, 'stage' => 'growing']]])->assertCreated()->json('id');
    $at = "/api/gardens/$id";
    $all = $this->getJson("$at/starters")->assertOk()->json();
    expect(count($all))->toBeGreaterThanOrEqual(28)->and(array_column(array_filter($all, static fn (array $one): bool => $one['in_cupboard']), 'id'))->toBe(['soap-flakes', 'baking-soda'])
        ->and($all[0]['in_cupboard'])->toBeTrue()->and($all[1]['in_cupboard'])->toBeTrue();
    $planting = $this->getJson($at)->json('plantings.0.id');
    $trouble = $this->postJson("$at/scoutings", ['as' => 'trouble', 'planting_id' => $planting, 'target' => 'powdery-mildew', 'present' => [], 'absent' => [], 'weather' => []])->json('scouting.trouble_id');
    $remedies = collect($this->getJson("$at/troubles/$trouble")->json('remedies'))->keyBy('id');
    expect($remedies['soap']['starters'][0]['id'])->toBe('soap-flakes')->and($remedies['bicarbonate']['starters'][0]['id'])->toBe('baking-soda');
    // Sulfur burns zucchini: none of it is offered.
    expect($remedies['sulfur']['starters'])->toBe([]);
});
