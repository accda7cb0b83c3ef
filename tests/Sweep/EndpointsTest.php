<?php

declare(strict_types=1);

use App\Models\Garden;
use App\Settings\Writes\StartGarden;
use Carbon\CarbonImmutable;
use Illuminate\Testing\TestResponse;
use Nebbia\Core\Mixing\Recipe\UseOfSpray;
use Nebbia\Core\Nebbia\Nebbia;
use Nebbia\Core\Planning\Course\CourseJudge;
use Nebbia\Core\Shelf\Kinds;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Target\Targets;
use Nebbia\Core\Tests\Sweep;

// The same tables as core's sweep, through the application: what a screen would be given.

/** @param  list<string>  $faults */
function swept(string $case, TestResponse $answer, array &$faults): void
{
    $status = $answer->getStatusCode();
    // That soap keeps nothing away is an answer too.
    answered($status === 422 && $answer->json('errors.purpose') !== null ? 200 : $status);
    if ($status >= 500) {
        $faults[] = "$case: $status {$answer->exception?->getMessage()} at ".basename((string) $answer->exception?->getFile()).':'.$answer->exception?->getLine();

        return;
    }
    $data = json_decode((string) $answer->getContent(), true);
    foreach (Sweep::faultsOf(is_array($data) ? $data : []) as $fault) {
        $faults[] = "$case: $fault";
    }
}

/** Share of answers so far that were no complaint; begins anew where null is given. */
function answered(?int $status): float
{
    static $all = 0;
    static $fine = 0;
    if ($status === null) {
        $share = $all === 0 ? 0.0 : $fine / $all;
        [$all, $fine] = [0, 0];

        return $share;
    }
    $all++;
    $fine += $status < 400 ? 1 : 0;

    return $fine / $all;
}

/** @return list<array<string, mixed>> */
function recipesOf(Garden $garden): array
{
    return $garden->recipes()->get(['id', 'name', 'body'])->map(static fn ($one): array => ['id' => $one->id, 'name' => $one->name, 'body' => $one->body])->all();
}

it('suggests rounds for every target and remedy, for either purpose, in every month', function (): void {
    config(['nebbia.requests_a_minute' => PHP_INT_MAX]);
    $garden = demo();
    // One that bears what the recipes hold: what is refused for a tender one has a test of its own.
    $planting = plantingOf($garden, 'broad-bean');
    $faults = [];
    $tried = 0;
    foreach (app(Targets::class)->ids() as $target) {
        if (! app(CourseJudge::class)->helps(app(Targets::class)->named($target))) {
            continue;
        }
        foreach (recipesOf($garden) as $n => $recipe) {
            foreach (['outbreak', 'prevention'] as $purpose) {
                for ($month = 1; $month <= 12; $month++) {
                    if (Sweep::takes($case = "suggest $target, {$recipe['name']}, $purpose, month $month", 80)) {
                        $tried++;
                        $other = recipesOf($garden)[($n + 1) % 9]['id'];
                        swept($case, $this->postJson(at($garden, 'rounds/suggest'), ['recipe_id' => $recipe['id'], 'planting_ids' => [$planting->id], 'target' => $target, 'purpose' => $purpose, 'starts_on' => sprintf('2027-%02d-11', $month)] + ($month % 3 === 0 ? ['other_recipe_id' => $other] : [])), $faults);
                    }
                }
            }
        }
    }
    expect($faults)->toBe([])->and($tried)->toBeGreaterThan(80)->and(answered(null))->toBeGreaterThan(0.9);
});

it('works out and prints every recipe for every planting, in every system of units', function (): void {
    config(['nebbia.requests_a_minute' => PHP_INT_MAX]);
    $garden = demo();
    $faults = [];
    foreach (['us', 'metric', 'imperial', 'au'] as $units) {
        $garden->update(['units' => $units]);
        foreach (recipesOf($garden) as $recipe) {
            foreach ($garden->plantings()->get() as $planting) {
                foreach ($garden->sprayers()->get() as $sprayer) {
                    if (! Sweep::takes($case = "$units, {$recipe['name']}, $planting->name, $sprayer->name", 40)) {
                        continue;
                    }
                    $body = ['recipe' => $recipe['body'], 'sprayer_id' => $sprayer->id, 'planting_id' => $planting->id, 'now' => ['temperature' => '31', 'humidity' => '90', 'part' => 'midday', 'sun_soon' => true, 'bees_about' => true, 'states' => ['drought', 'new']]];
                    swept("need, $case", $this->postJson(at($garden, 'bench/need'), ['planting_ids' => [$planting->id], 'wetting' => ['run-off', 'mist', 'drench', 'ground'][strlen($case) % 4], 'ground_m2' => '2.5']), $faults);
                    foreach (['bench', 'bench/steps', 'bench/label'] as $path) {
                        swept("$path, $case", $this->postJson(at($garden, $path), $body), $faults);
                    }
                }
            }
        }
    }
    expect(array_slice(array_unique($faults), 0, 30))->toBe([])->and(answered(null))->toBeGreaterThan(0.8);
});

it('works out every ingredient at any strength in every use', function (): void {
    config(['nebbia.requests_a_minute' => PHP_INT_MAX]);
    $garden = demo();
    $planting = plantingOf($garden, 'tomato');
    $faults = [];
    foreach (app(Ingredients::class)->ids() as $id) {
        foreach (UseOfSpray::cases() as $use) {
            foreach (['0.001 mL', '2 g', '1.3 %', '97 %', '1:50', '2 tbsp', '500 mg', '10 drops'] as $amount) {
                if (Sweep::takes($case = "$id, $amount, $use->value", 40)) {
                    $recipe = ['format' => 'nebbia.recipe/1', 'name' => 'One', 'use' => $use->value, 'units' => 'metric', 'base' => ['amount' => '1 L', 'basis' => 'added', 'liquid' => 'water'], 'ingredients' => [['ingredient' => $id, 'amount' => $amount]]];
                    swept($case, $this->postJson(at($garden, 'bench'), ['recipe' => $recipe, 'planting_id' => $planting->id]), $faults);
                }
            }
        }
    }
    expect(array_slice(array_unique($faults), 0, 30))->toBe([])->and(answered(null))->toBeGreaterThan(0.8);
});

it('scouts from every sign, makes every kind, reads every label, gives every ground', function (): void {
    config(['nebbia.requests_a_minute' => PHP_INT_MAX]);
    $garden = demo();
    $planting = plantingOf($garden, 'rose');
    $faults = [];
    foreach (app(Nebbia::class)->table('signs')->ids() as $sign) {
        if (Sweep::takes($sign, 4)) {
            swept("sign $sign", $this->postJson(at($garden, 'scout'), ['planting_id' => $planting->id, 'present' => [$sign], 'absent' => []]), $faults);
        }
    }
    foreach (app(Kinds::class)->all as $kind) {
        $raw = array_map(static fn ($one): array => ['ingredient' => $one->ingredient, 'amount' => '120 g'], $kind->raw);
        swept("usual making $kind->id", $this->postJson(at($garden, 'makings'), ['kind' => $kind->id, 'want' => '1.5 L']), $faults);
        swept("making $kind->id", $this->postJson(at($garden, 'makings'), ['kind' => $kind->id, 'body' => ['kind' => $kind->id, 'name' => 'One', 'base' => ['amount' => '1 L', 'liquid' => $kind->liquid], 'ingredients' => $raw]]), $faults);
    }
    foreach (app(Nebbia::class)->table('bottle-names')->rows('names') as $row) {
        $name = $row->strings('names')[0];
        if (Sweep::takes($name, 12)) {
            swept("label $name", $this->postJson('/api/bottle', ['text' => "Aqua, $name 5-15 %, Parfum"]), $faults);
        }
    }
    foreach (['/api/grounds', '/api/signs', '/api/knowledge'] as $path) {
        swept($path, $this->getJson($path), $faults);
    }
    expect(array_slice(array_unique($faults), 0, 30))->toBe([])->and(answered(null))->toBeGreaterThan(0.8);
});

it('shows the garden on any day of the year', function (): void {
    config(['nebbia.requests_a_minute' => PHP_INT_MAX]);
    $faults = [];
    foreach (['2027-01-01 00:00:05', '2028-02-29 12:00', '2027-03-28 01:30', '2027-04-15 05:00', '2027-05-14 06:00', '2027-06-21 12:00', '2027-07-20 15:00', '2027-08-31 20:00', '2027-09-22 07:00', '2026-10-25 00:30', '2026-11-27 13:00', '2026-12-31 22:59:58'] as $n => $day) {
        if (! Sweep::takes($day, 4)) {
            continue;
        }
        $garden = app(StartGarden::class)->demo(CarbonImmutable::parse($day));
        $garden->update(['units' => ['us', 'metric', 'imperial', 'au'][$n % 4]]);
        foreach (['', 'today', 'plot', 'lanes', 'replans', 'courses', 'ribbon', 'shopping', 'preparations', 'pantry', 'applications', 'troubles', 'weather', 'other-uses', 'recipes'] as $view) {
            swept("$view on $day", $this->getJson(at($garden, $view)), $faults);
        }
        foreach ($garden->troubles()->get() as $trouble) {
            swept("trouble on $day", $this->getJson(at($garden, "troubles/$trouble->id")), $faults);
        }
        swept("days of a round on $day", $this->getJson(at($garden, 'rounds/'.dueRound($garden)->id.'/days')), $faults);
    }
    expect(array_slice(array_unique($faults), 0, 30))->toBe([])->and(answered(null))->toBeGreaterThan(0.8);
});

it('opens an empty garden anywhere, in any month, and answers what is tried in it', function (string $zone, ?float $latitude, string $units, string $day): void {
    CarbonImmutable::setTestNow($day);
    $faults = [];
    $garden = $this->postJson('/api/gardens', ['start' => 'empty', 'name' => 'Back yard', 'units' => $units, 'language' => 'en', 'time_zone' => $zone, 'latitude' => $latitude, 'longitude' => $latitude === null ? null : 20, 'hardness_mg_l' => 0, 'alkalinity_mg_l' => 0, 'theme' => 'auto'])->assertCreated()->json('id');
    $at = "/api/gardens/$garden";
    foreach (['', '/today', '/plot', '/lanes', '/replans', '/courses', '/ribbon', '/shopping', '/preparations', '/pantry', '/applications', '/troubles', '/weather', '/other-uses', '/recipes'] as $view) {
        swept("empty $view", $this->getJson($at.$view)->assertOk(), $faults);
    }
    $planting = $this->postJson("$at/plantings", ['plant' => 'Monstera deliciosa', 'number' => '2', 'stage' => 'growing', 'indoors' => 'yes'])->json('planting.id')
        ?? $this->postJson("$at/plantings", ['plant' => 'rubber plant', 'number' => 2, 'stage' => 'growing', 'indoors' => true])->assertCreated()->json('planting.id');
    $recipe = $this->postJson("$at/recipes", ['name' => 'Soap', 'use' => 'foliar', 'body' => ['format' => 'nebbia.recipe/1', 'name' => 'Soap', 'use' => 'foliar', 'units' => $units, 'base' => ['amount' => '1 L', 'basis' => 'added', 'liquid' => 'water'], 'ingredients' => [['ingredient' => 'castile soap', 'amount' => '1½ tsp']]]])->assertCreated()->json('recipe.id');
    foreach (['mealybug', 'spider mites', 'greenfly', 'fungus gnats', 'whiteflies', 'mildew', 'a dragon'] as $target) {
        $answer = $this->postJson("$at/rounds/suggest", ['recipe_id' => $recipe, 'planting_ids' => [$planting], 'target' => $target, 'starts_on' => substr($day, 0, 10)]);
        swept("suggest $target", $answer, $faults);
        expect($answer->status())->toBe($target === 'a dragon' ? 422 : 200, "$target: ".$answer->getContent());
    }
    swept('bench', $this->postJson("$at/bench", ['recipe' => ['format' => 'nebbia.recipe/1', 'name' => '', 'use' => 'foliar', 'units' => $units, 'base' => ['amount' => '1 qt', 'basis' => 'added', 'liquid' => 'water'], 'ingredients' => [['ingredient' => 'dish soap', 'amount' => 'a squirt']]], 'planting_id' => $planting])->assertOk(), $faults);
    swept('scout', $this->postJson("$at/scout", ['planting_id' => $planting, 'present' => ['white-fluff-axils'], 'absent' => []])->assertOk(), $faults);
    expect($faults)->toBe([]);
})->with([
    'Auckland in January' => ['Pacific/Auckland', -36.8, 'metric', '2027-01-03 11:00:00'], 'Minnesota in January' => ['America/Chicago', 45.0, 'us', '2027-01-16 02:00:00'], 'beyond the polar circle in June' => ['Europe/Oslo', 69.6, 'metric', '2027-06-21 23:30:00'],
    'the tropics' => ['Asia/Singapore', 1.3, 'imperial', '2027-09-30 16:00:00'], 'a place that is not said' => ['Europe/London', null, 'imperial', '2026-12-24 08:00:00'], 'Adelaide, half an hour off' => ['Australia/Adelaide', -34.9, 'au', '2027-04-03 16:15:00'],
]);
