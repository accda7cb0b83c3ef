<?php

declare(strict_types=1);

use App\Models\Application;
use App\Models\Course;
use App\Settings\Writes\StartGarden;
use Carbon\Carbon;
use Carbon\CarbonImmutable;

beforeEach(function (): void {
    CarbonImmutable::setTestNow('2026-05-04 16:00:00', 'UTC');
    Carbon::setTestNow('2026-05-04 16:00:00');
});

it('begins an empty garden with spoons of its own system, and a scale', function (string $units, string $tablespoon, string $cup): void {
    $garden = app(StartGarden::class)->empty(['name' => 'New', 'units' => $units, 'language' => 'en', 'time_zone' => 'UTC', 'hardness_mg_l' => 1.0, 'alkalinity_mg_l' => 1.0, 'theme' => 'auto']);
    $pantry = $this->getJson(at($garden, 'pantry'))->assertOk()->json();
    $size = collect($pantry['tools'])->mapWithKeys(fn (array $tool): array => [$tool['name'] => $tool['size']])->all();
    expect($size['tablespoon'])->toBe($tablespoon)->and($size['cup'])->toBe($cup)->and($size['½ teaspoon'])->toBe($cup === '1 cup' ? '½ tsp' : '2.5 mL')
        ->and($pantry['products'])->toBe([])->and($pantry['currency'])->toBe('€');
    $this->getJson(at($garden, 'shopping'))->assertOk()->assertJsonPath('rounds', 0)->assertJsonPath('wants', []);
})->with([['us', '1 tbsp', '1 cup'], ['metric', '15 mL', '250 mL'], ['imperial', '1 tbsp', '1 cup'], ['au', '20 mL', '250 mL']]);

it('measures in ordinary spoons where there are no tools', function (): void {
    $garden = demo();
    $garden->tools()->delete();
    $line = $this->postJson(at($garden, 'bench'), ['recipe' => recipeNamed($garden, 'Evening soap')->body])->assertOk()->json('lines.0');
    expect($line['measure'])->toBe('2 tbsp')->and($line['measure_worst_percent'])->toBeNull()->and($line['stock'])->toBeNull();
});

it('thins a dose that is too small for the tools, and says how', function (): void {
    $garden = demo();
    $body = ['ingredients' => [['ingredient' => 'liquid-castile-soap', 'amount' => '0.3 mL', 'strength' => '33 %']]] + recipeNamed($garden, 'Evening soap')->body;
    $fine = $this->postJson(at($garden, 'bench'), ['recipe' => $body])->assertOk()->json('lines.0');
    expect($fine['stock'])->toStartWith('Thin it first:')->and($fine['measure_is_near'])->toBeTrue();
    // Spoons alone can do it too; a scale of one gram cannot.
    $garden->tools()->where('kind', 'graduated')->delete();
    expect($this->postJson(at($garden, 'bench'), ['recipe' => $body])->json('lines.0.stock'))->toContain('1 × ¼ teaspoon into water');
    $garden->tools()->where('kind', 'spoon')->delete();
    $body['ingredients'][0]['amount'] = '0.8 mL';
    $coarse = $this->postJson(at($garden, 'bench'), ['recipe' => $body])->assertOk()->json('lines.0');
    expect($coarse['stock'])->toBeNull()->and($coarse['measure_is_near'])->toBeFalse()->and($coarse['measure_worst_percent'])->toBeGreaterThan(5.0);
});

it('says no more that a squeeze says little, once it was measured', function (): void {
    $garden = demo();
    $rules = fn (string $ingredient): array => collect($this->postJson(at($garden, 'bench'), [
        'recipe' => ['ingredients' => [['ingredient' => $ingredient, 'amount' => 'a squeeze', 'strength' => '20 %']]] + recipeNamed($garden, 'Evening soap')->body,
    ])->assertOk()->json('findings'))->pluck('rule')->all();
    expect($rules('dish-detergent'))->not->toContain('measure')->and($rules('liquid-castile-soap'))->toContain('measure');
});

it('keeps size of bed and pot with a planting, in and out as a table', function (): void {
    $garden = demo();
    $saved = $this->postJson(at($garden, 'plantings'), ['plant' => 'lettuce', 'number' => 20, 'stage' => 'young', 'area_m2' => '1,5', 'pot_l' => '2.5'])->assertCreated()->json('planting');
    expect($saved['area_m2'])->toBe(1.5)->and($saved['pot_l'])->toBe(2.5);
    // A young bed of 1.5 m² takes 150 mL; 20 pots of 2.5 L at 75 mL a litre 3.75 L.
    $this->postJson(at($garden, 'bench/need'), ['planting_ids' => [$saved['id']], 'wetting' => 'run-off'])->assertOk()->assertJsonPath('said', '150 mL');
    $this->postJson(at($garden, 'bench/need'), ['planting_ids' => [$saved['id']], 'wetting' => 'drench'])->assertOk()->assertJsonPath('said', '3.75 L');
    $this->postJson(at($garden, 'plantings'), ['plant' => 'lettuce', 'number' => 20, 'stage' => 'young', 'area_m2' => 'big'])->assertUnprocessable()->assertJsonValidationErrors(['area_m2' => 'like 2.5 m²']);
    $this->postJson(at($garden, 'plantings/import'), ['csv' => "plant;number;stage;area_m2;pot_l\nbasil;4;growing;0,4;1,5\n"])->assertOk();
    $basil = $garden->plantings()->where('plant', 'basil')->where('number', 4)->firstOrFail();
    expect($basil->area_m2)->toBe(0.4)->and($basil->pot_l)->toBe(1.5)->and($this->get(at($garden, 'plantings.csv'))->getContent())->toContain('area_m2');
});

it('plans a course with the bottles that were chosen, and takes from those', function (): void {
    $garden = demo();
    $concentrate = $garden->products()->where('ingredient', 'soap-concentrate')->firstOrFail();
    $this->postJson(at($garden, 'courses'), [
        'recipe_id' => recipeNamed($garden, 'Evening soap')->id, 'sprayer_id' => sprayerOf($garden, 2000)->id, 'planting_ids' => [plantingOf($garden, 'tomato')->id], 'every_days' => 5, 'times' => 2,
        'starts_on' => '2026-05-04', 'volume' => '1030 mL', 'products' => [['line' => 0, 'product_id' => $concentrate->id], ['line' => 3, 'product_id' => 'gone']],
    ])->assertCreated();
    $course = Course::query()->latest('id')->firstOrFail();
    expect($course->products)->toBe([0 => $concentrate->id]);
    $round = $course->rounds()->firstOrFail();
    $this->postJson(at($garden, "rounds/$round->id/log"), ['version' => $round->version])->assertOk();
    // 30 mL of 33 % soap are 20.204 mL of 49 %; 250 were there. At 11.00 for 250 mL that is 0.89.
    expect($concentrate->refresh()->left)->toEqualWithDelta(250.0 - 20.20408, 1e-3);
    $log = Application::query()->where('round_id', $round->id)->firstOrFail();
    expect($log->snapshot['taken'])->toHaveCount(1)->and($log->snapshot['cost'])->toMatchArray(['said' => '0.89 €', 'is_whole' => true]);
    $this->postJson(at($garden, 'courses'), ['recipe_id' => recipeNamed($garden, 'Evening soap')->id, 'planting_ids' => [plantingOf($garden, 'tomato')->id], 'every_days' => 5, 'times' => 2, 'starts_on' => '2026-05-04', 'products' => 'all'])
        ->assertUnprocessable()->assertJsonValidationErrors(['products' => 'cannot be read']);
});

it('never lets a bottle hold less than nothing, and leaves alone what nobody has written down', function (): void {
    $garden = demo();
    $soap = $garden->products()->where('ingredient', 'liquid-castile-soap')->firstOrFail();
    $soap->update(['left' => 2.0]);
    $round = $garden->rounds()->where('status', 'planned')->whereHas('course.recipe', fn ($recipe) => $recipe->where('name', 'Gentle soap'))->orderBy('due_on')->firstOrFail();
    $this->postJson(at($garden, "rounds/$round->id/log"), ['version' => $round->version])->assertOk();
    expect($soap->refresh()->left)->toEqual(0.0);
    $soap->update(['left' => null]);
    $next = $garden->rounds()->where('status', 'planned')->whereHas('course.recipe', fn ($recipe) => $recipe->where('name', 'Gentle soap'))->orderBy('due_on')->firstOrFail();
    $this->postJson(at($garden, "rounds/$next->id/log"), ['version' => $next->version])->assertOk();
    expect($soap->refresh()->left)->toBeNull();
    // What is not written down is not missing either.
    $want = collect($this->getJson(at($garden, 'shopping'))->json('wants'))->firstWhere('name', $soap->name);
    expect($want['missing'])->toBeNull()->and($want['have'])->toBe('not written down');
});

it('shields a cell that a spreadsheet would take for a formula', function (): void {
    $garden = demo();
    $garden->products()->where('ingredient', 'liquid-castile-soap')->firstOrFail()->update(['name' => '=HYPERLINK("x")']);
    expect($this->get(at($garden, 'shopping.csv'))->assertOk()->getContent())->toContain("'=HYPERLINK");
});

it('keeps the sign of the money with the settings', function (): void {
    $garden = demo();
    $settings = ['version' => $garden->version, 'name' => 'Fontegrigia', 'units' => 'metric', 'language' => 'en', 'time_zone' => 'Europe/Rome', 'latitude' => 45.9, 'longitude' => 9.3, 'hardness_mg_l' => 150, 'alkalinity_mg_l' => 120, 'theme' => 'auto'];
    $this->patchJson("/api/gardens/$garden->id", $settings + ['currency' => 'CHF'])->assertOk()->assertJsonPath('garden.currency', 'CHF');
    expect($this->postJson(at($garden, 'bench'), ['recipe' => recipeNamed($garden, 'Evening soap')->body])->json('cost.said'))->toBe('0.44 CHF');
    $this->patchJson("/api/gardens/$garden->id", ['version' => $garden->version + 1, 'currency' => 'Money'] + $settings)->assertUnprocessable()->assertJsonValidationErrors(['currency' => 'one to four']);
});

it('changes a tool and a measure only in the version that was seen', function (string $path, array $body): void {
    $garden = demo();
    $id = $path === 'tools' ? $garden->tools()->firstOrFail()->id : $garden->ownMeasures()->firstOrFail()->id;
    $this->putJson(at($garden, "$path/$id"), $body + ['version' => 1])->assertOk();
    $stale = $this->putJson(at($garden, "$path/$id"), $body + ['version' => 1])->assertConflict()->json();
    expect($stale)->toHaveKeys(['yours', 'theirs']);
    $change = $this->deleteJson(at($garden, "$path/$id"))->assertOk()->json('id');
    $this->postJson(at($garden, "changes/$change/undo"))->assertOk();
    $this->putJson(at($garden, "$path/$id"), $body + ['version' => 99])->assertConflict();
})->with([
    ['tools', ['name' => 'a ladle', 'kind' => 'spoon', 'size' => '80 mL']],
    ['own-measures', ['unit' => 'handful', 'ingredient' => 'wood ash', 'count' => 2, 'totals' => ['90 g', '94 g'], 'step' => '1 g']],
]);

it('keeps one household\'s bottles, tools and measures from another', function (): void {
    $garden = demo();
    $other = app(StartGarden::class)->empty(['name' => 'Other', 'units' => 'us', 'language' => 'en', 'time_zone' => 'UTC', 'hardness_mg_l' => 1.0, 'alkalinity_mg_l' => 1.0, 'theme' => 'auto']);
    $product = $garden->products()->firstOrFail();
    $this->deleteJson(at($other, "products/$product->id"))->assertNotFound();
    $this->deleteJson(at($other, 'tools/'.$garden->tools()->firstOrFail()->id))->assertNotFound();
    $this->deleteJson(at($other, 'own-measures/'.$garden->ownMeasures()->firstOrFail()->id))->assertNotFound();
    $this->postJson(at($other, 'bench/swap'), ['recipe' => recipeNamed($garden, 'Evening soap')->body, 'line' => 0, 'product_id' => $product->id])->assertNotFound();
    $this->postJson(at($other, 'bench/compare'), ['recipe_ids' => [recipeNamed($garden, 'Evening soap')->id, recipeNamed($garden, 'Gentle soap')->id]])->assertUnprocessable();
});
