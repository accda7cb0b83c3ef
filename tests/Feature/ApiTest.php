<?php

declare(strict_types=1);

use App\Models\Application;
use App\Models\Garden;
use App\Models\Round;
use App\Models\Sprayer;
use App\Settings\Writes\StartGarden;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    CarbonImmutable::setTestNow('2026-05-04 16:00:00', 'UTC');
    Carbon\Carbon::setTestNow('2026-05-04 16:00:00');
});

describe('the first run', function (): void {
    it('has no garden to begin with', function (): void {
        $this->getJson('/api/gardens')->assertOk()->assertExactJson([]);
    });

    it('opens the demo garden', function (): void {
        $id = $this->postJson('/api/gardens', ['start' => 'demo'])->assertCreated()->assertJsonPath('name', 'Fontegrigia')->json('id');
        $garden = $this->getJson("/api/gardens/$id")->assertOk()->json();
        expect($garden['zones'])->toHaveCount(6)->and($garden['sprayers'])->toHaveCount(3)->and(count($garden['plantings']))->toBeGreaterThanOrEqual(28);
        $this->getJson("/api/gardens/$id/recipes")->assertJsonCount(9);
        // Two seasons: notes in both years before May 2026's own.
        $years = Application::query()->get()->map(fn (Application $entry): int => $entry->applied_at->year)->unique()->sort()->values()->all();
        expect($years)->toBe([2024, 2025, 2026])->and(Application::query()->count())->toBeGreaterThan(60);
    });

    it('begins an empty garden', function (): void {
        $settings = ['start' => 'empty', 'name' => 'Terrazza', 'units' => 'imperial', 'language' => 'en', 'time_zone' => 'Europe/London', 'latitude' => 51.5, 'longitude' => null, 'hardness_mg_l' => 280, 'alkalinity_mg_l' => 200, 'theme' => 'dark'];
        $id = $this->postJson('/api/gardens', $settings)->assertCreated()->assertJsonPath('units', 'imperial')->assertJsonPath('hardness_mg_l', 280.0)->json('id');
        $this->getJson("/api/gardens/$id")->assertJsonCount(1, 'zones')->assertJsonCount(3, 'sprayers')->assertJsonCount(0, 'plantings');
        $this->getJson("/api/gardens/$id/today")->assertOk()->assertJsonCount(0, 'due');
    });

    it('names the settings that cannot be, in a gardener\'s words', function (): void {
        $this->postJson('/api/gardens', ['start' => 'empty', 'name' => '', 'units' => 'roman', 'language' => 'en', 'time_zone' => 'Atlantis', 'latitude' => 95, 'hardness_mg_l' => -1, 'alkalinity_mg_l' => 1, 'theme' => 'pink'])
            ->assertUnprocessable()->assertJsonValidationErrors([
                'name' => 'has no name', 'units' => 'measuring systems', 'time_zone' => 'time zones', 'latitude' => '-90 to 90', 'hardness_mg_l' => 'from 0 to 1000 mg/L', 'theme' => 'light, dark',
            ]);
        expect(Garden::query()->count())->toBe(0);
    });
});

describe('the bench', function (): void {
    it('fits a recipe to the sprayer and holds it against the planting', function (): void {
        $garden = demo();
        $answer = $this->postJson(at($garden, 'bench'), [
            'recipe' => recipeNamed($garden, 'Evening soap')->body, 'sprayer_id' => sprayerOf($garden, 2000)->id, 'planting_id' => plantingOf($garden, 'fuchsia')->id,
        ])->assertOk()->json();
        // 2 tbsp of 15 mL in 1 L: 1030 mL; 1700 mL is 1.650485 times that; soap 49.5146 mL, 30 · 0.33 / 1030 = 0.961165 %.
        expect($answer['scale'])->toEqualWithDelta(1.650485, 1e-6)
            ->and($answer['lines'][0]['volume_ml'])->toEqualWithDelta(49.51456, 1e-5)
            ->and($answer['strengths'][0]['strength']['likely'])->toEqualWithDelta(0.961165, 1e-6)
            ->and($answer['makes'])->toBe('1.7 L')->and($answer['capacity_ml'])->toEqual(2000)->and($answer['usable_ml'])->toEqual(1700)
            // Fuchsias are listed as sensitive to soap: careful from 0.6, burnt from 1.5.
            ->and($answer['strengths'][0]['group'])->toBe('sensitive')->and($answer['severity'])->toBe('caution')->and($answer['headline'])->toContain('fuchsia');
        // The layers stand on each other and fill the bottle to the wanted level.
        $top = 0.0;
        foreach ($answer['layers'] as $layer) {
            expect($layer['from_ml'])->toEqualWithDelta($top, 1e-6);
            $top += $layer['volume_ml'];
        }
        expect($top)->toEqualWithDelta(1700.0, 1e-6);
    });

    it('measures with the gardener\'s spoons, whatever the recipe is written in', function (): void {
        $garden = demo();
        $body = ['units' => 'us', 'ingredients' => [['ingredient' => 'liquid-castile-soap', 'amount' => '2 tbsp', 'strength' => '33 %']]] + recipeNamed($garden, 'Evening soap')->body;
        $line = $this->postJson(at($garden, 'bench'), ['recipe' => $body])->assertOk()->json('lines.0');
        // Two US tablespoons are 29.574 mL; two of 15 mL are 1.44 % more.
        expect($line['volume_ml'])->toEqualWithDelta(29.5735, 1e-3)->and($line['precise'])->toBe('30 mL')->and($line['measure'])->toBe('2 × tablespoon')
            ->and($line['measure_error_percent'])->toEqualWithDelta(1.4421, 1e-3)->and($line['measure_is_near'])->toBeTrue();
    });

    it('refuses at the field, and in words', function (array $change, string $field, string $says): void {
        $garden = demo();
        $request = array_replace_recursive(['recipe' => recipeNamed($garden, 'Evening soap')->body, 'sprayer_id' => sprayerOf($garden, 750)->id], $change);
        $this->postJson(at($garden, 'bench'), $request)->assertUnprocessable()->assertJsonValidationErrors([$field => $says]);
    })->with([
        'an amount' => [['recipe' => ['ingredients' => [['amount' => 'lots']]]], 'recipe.ingredients.0.amount', 'cannot be read'],
        'a weight for the base' => [['recipe' => ['base' => ['amount' => '2 kg']]], 'recipe.base.amount', 'A volume is needed'],
        'an ingredient' => [['recipe' => ['ingredients' => [['ingredient' => 'unobtainium']]]], 'recipe.ingredients.0.ingredient', 'not an ingredient'],
        'no volume' => [['volume' => '0 L'], 'volume', 'above zero'],
        'less than nothing' => [['volume' => '-1 L'], 'volume', 'above zero'],
        'a strength' => [['recipe' => ['ingredients' => [['strength' => '400 %']]]], 'recipe.ingredients.0.strength', 'more than the whole'],
    ]);

    it('reads a decimal comma', function (): void {
        $garden = demo();
        $this->postJson(at($garden, 'bench'), ['recipe' => recipeNamed($garden, 'Evening soap')->body, 'volume' => '0,5 L'])->assertOk()->assertJsonPath('makes', '500 mL');
    });

    it('keeps to the garden', function (): void {
        $garden = demo();
        $other = app(StartGarden::class)->empty(['name' => 'Other', 'units' => 'us', 'language' => 'en', 'time_zone' => 'UTC', 'hardness_mg_l' => 1.0, 'alkalinity_mg_l' => 1.0, 'theme' => 'auto']);
        $this->postJson(at($other, 'bench'), ['recipe' => recipeNamed($garden, 'Evening soap')->body, 'sprayer_id' => sprayerOf($garden, 2000)->id])->assertNotFound();
        $this->getJson(at($other, 'recipes/'.recipeNamed($garden, 'Evening soap')->id))->assertNotFound();
    });
});

describe('recipes', function (): void {
    it('finds by words in the name, the note or an ingredient', function (string $search, array $names): void {
        $found = collect($this->getJson(at(demo(), 'recipes?search='.urlencode($search)))->assertOk()->json())->pluck('name')->all();
        expect($found)->toBe($names);
    })->with([
        ['garlic', ['Garlic and pepper', 'Garlic and pepper from the jar']],
        ['MILDEW milk', ['Milk for the zucchini']],
        ['potassium bicarbonate', ['Potassium bicarbonate']],
        ['100%', []],
        ['nothing like it', []],
    ]);

    it('saves, keeps every version, and takes a change back', function (): void {
        $garden = demo();
        $recipe = recipeNamed($garden, 'Evening soap');
        $body = $recipe->body;
        $body['ingredients'][0]['amount'] = '1 tbsp';
        $change = $this->putJson(at($garden, "recipes/$recipe->id"), ['version' => 1, 'body' => $body, 'note' => 'milder'])->assertOk()
            ->assertJsonPath('recipe.version', 2)->json('change.id');
        $versions = $this->getJson(at($garden, "recipes/$recipe->id/versions"))->assertOk()->json();
        expect(array_column($versions, 'number'))->toBe([2, 1])->and($versions[1]['body']['ingredients'][0]['amount'])->toBe('2 tbsp');
        $this->postJson(at($garden, "changes/$change/undo"))->assertOk();
        expect($recipe->refresh()->body['ingredients'][0]['amount'])->toBe('2 tbsp')->and($recipe->version)->toBe(3)->and($recipe->note)->not->toBe('milder');
        $this->postJson(at($garden, "changes/$change/undo"))->assertConflict();
    });

    it('refuses a stale edit and shows both', function (): void {
        $garden = demo();
        $recipe = recipeNamed($garden, 'Evening soap');
        $body = $recipe->body;
        $this->putJson(at($garden, "recipes/$recipe->id"), ['version' => 1, 'body' => ['name' => 'First in'] + $body])->assertOk();
        $this->putJson(at($garden, "recipes/$recipe->id"), ['version' => 1, 'body' => ['name' => 'Second in'] + $body])->assertConflict()
            ->assertJsonPath('yours.name', 'Second in')->assertJsonPath('theirs.name', 'First in')->assertJsonPath('theirs.version', 2);
        expect($recipe->refresh()->name)->toBe('First in');
    });

    it('saves nothing that cannot be read', function (): void {
        $garden = demo();
        $recipe = recipeNamed($garden, 'Evening soap');
        $body = $recipe->body;
        $body['ingredients'][0]['amount'] = '2 blorps';
        $this->putJson(at($garden, "recipes/$recipe->id"), ['version' => 1, 'body' => $body])->assertUnprocessable()->assertJsonValidationErrors(['body.ingredients.0.amount' => 'blorps']);
        $this->postJson(at($garden, 'recipes'), ['body' => ['name' => ''] + $body])->assertUnprocessable()->assertJsonValidationErrors(['body.name' => 'Evening soap']);
        expect($recipe->refresh()->version)->toBe(1)->and($garden->recipes()->count())->toBe(9);
    });

    it('copies and deletes, and brings back', function (): void {
        $garden = demo();
        $recipe = recipeNamed($garden, 'Evening soap');
        $this->postJson(at($garden, "recipes/$recipe->id/copy"))->assertCreated()->assertJsonPath('recipe.name', 'Evening soap, copy')->assertJsonPath('recipe.body.name', 'Evening soap, copy');
        $change = $this->deleteJson(at($garden, "recipes/$recipe->id"))->assertOk()->json('id');
        $this->getJson(at($garden, "recipes/$recipe->id"))->assertNotFound();
        $this->postJson(at($garden, "changes/$change/undo"))->assertOk();
        $this->getJson(at($garden, "recipes/$recipe->id"))->assertOk();
    });
});

describe('rounds', function (): void {
    it('plans three rounds, logs the first with all as it was, and takes it back', function (): void {
        $garden = demo();
        $recipe = recipeNamed($garden, 'Evening soap');
        $course = $this->postJson(at($garden, 'courses'), [
            'recipe_id' => $recipe->id, 'sprayer_id' => sprayerOf($garden, 2000)->id, 'planting_ids' => [plantingOf($garden, 'broad-bean')->id],
            'target' => 'greenfly', 'every_days' => 5, 'times' => 3, 'starts_on' => '2026-05-04',
        ])->assertCreated()->assertJsonPath('course.target', 'aphid')->json('course');
        expect(array_column($course['rounds'], 'due_on'))->toBe(['2026-05-04', '2026-05-09', '2026-05-14'])->and($course['volume_ml'])->toEqualWithDelta(1700.0, 1e-6);

        $round = $course['rounds'][0];
        $change = $this->postJson(at($garden, "rounds/{$round['id']}/log"), ['version' => 1, 'applied_at' => '2026-05-04T19:30', 'volume' => '1,5 L', 'by' => 'Ottavia', 'note' => 'Ants again'])
            ->assertOk()->assertJsonPath('round.status', 'done')
            // 19:30 in Rome in May is 17:30 UTC.
            ->assertJsonPath('round.applied_at', '2026-05-04T17:30:00Z')->json('change.id');
        $entry = $this->getJson(at($garden, 'applications'))->assertOk()->json('entries.0');
        expect($entry['recipe'])->toBe('Evening soap')->and($entry['volume'])->toBe('1.5 L')->and($entry['note'])->toBe('Ants again')->and($entry['round_number'])->toBe(1)
            ->and($entry['strengths'][0]['strength']['likely'])->toEqualWithDelta(0.961165, 1e-6);

        // The log keeps the recipe as it was.
        $this->putJson(at($garden, "recipes/$recipe->id"), ['version' => 1, 'body' => ['name' => 'Renamed'] + $recipe->body])->assertOk();
        $this->getJson(at($garden, 'applications'))->assertJsonPath('entries.0.recipe', 'Evening soap');

        $this->postJson(at($garden, "rounds/{$round['id']}/log"), ['version' => 2])->assertUnprocessable()->assertJsonValidationErrors(['status' => 'done']);
        $this->postJson(at($garden, "changes/$change/undo"))->assertOk();
        expect(Round::query()->findOrFail($round['id'])->status->value)->toBe('planned');
        $this->getJson(at($garden, 'applications'))->assertJsonMissing(['note' => 'Ants again']);
    });

    it('holds a round against the planting that bears it least', function (): void {
        $garden = demo();
        // Beans bear 0.96 % soap, fuchsias are listed as sensitive: careful from 0.6 %.
        $this->postJson(at($garden, 'courses'), [
            'recipe_id' => recipeNamed($garden, 'Evening soap')->id, 'planting_ids' => [plantingOf($garden, 'broad-bean')->id, plantingOf($garden, 'fuchsia')->id, plantingOf($garden, 'tomato')->id],
            'every_days' => 5, 'times' => 1, 'starts_on' => '2026-05-04',
        ])->assertCreated();
        $due = collect($this->getJson(at($garden, 'today'))->json('due'))->firstWhere('recipe', 'Evening soap');
        expect($due['severity'])->toBe('caution')->and($due['headline'])->toContain('fuchsia');
    });

    it('moves and skips with a reason, and refuses a stale hand', function (): void {
        $garden = demo();
        $round = dueRound($garden);
        $this->postJson(at($garden, "rounds/$round->id/move"), ['version' => $round->version, 'due_on' => '2026-06-01', 'reason' => 'rain'])->assertOk()->assertJsonPath('round.due_on', '2026-06-01')->assertJsonPath('round.reason', 'rain');
        $this->postJson(at($garden, "rounds/$round->id/skip"), ['version' => $round->version])->assertConflict()->assertJsonPath('theirs.due_on', '2026-06-01');
        $this->postJson(at($garden, "rounds/$round->id/skip"), ['version' => $round->version + 1, 'reason' => 'in bloom'])->assertOk()->assertJsonPath('round.status', 'skipped');
        $this->postJson(at($garden, "rounds/$round->id/move"), ['version' => $round->version + 2, 'due_on' => '2026-06-02'])->assertUnprocessable();
        $this->postJson(at($garden, "rounds/$round->id/move"), ['version' => $round->version + 2, 'due_on' => 'soon'])->assertUnprocessable()->assertJsonValidationErrors(['due_on']);
    });

    it('plans nothing that cannot be', function (array $change, string $field, string $says): void {
        $garden = demo();
        $before = Round::query()->count();
        $this->postJson(at($garden, 'courses'), $change + [
            'recipe_id' => recipeNamed($garden, 'Evening soap')->id, 'sprayer_id' => sprayerOf($garden, 750)->id, 'planting_ids' => [plantingOf($garden, 'broad-bean')->id],
            'every_days' => 5, 'times' => 3, 'starts_on' => '2026-05-04',
        ])->assertUnprocessable()->assertJsonValidationErrors([$field => $says]);
        expect(Round::query()->count())->toBe($before);
    })->with([
        [['every_days' => 0], 'every_days', 'from 1 to 366'], [['times' => 0], 'times', 'from 1 to 100'], [['starts_on' => '2026-02-30'], 'starts_on', 'choose one, like'],
        [['starts_on' => 'tomorrow'], 'starts_on', 'choose one, like'], [['planting_ids' => []], 'planting_ids', 'No planting is chosen'],
        [['planting_ids' => ['nope']], 'planting_ids', 'not in this garden'], [['target' => 'gremlin'], 'target', 'not a pest'], [['volume' => '5 kg'], 'volume', 'A volume is needed'],
    ]);

    it('ends a course: what was done stays', function (): void {
        $garden = demo();
        $course = dueRound($garden)->course;
        $done = $course->rounds()->where('status', 'done')->count();
        $change = $this->deleteJson(at($garden, "courses/$course->id"))->assertOk()->json('id');
        expect($course->rounds()->count())->toBe($done)->and($done)->toBeGreaterThan(0);
        $this->postJson(at($garden, "changes/$change/undo"))->assertOk();
        expect($course->rounds()->count())->toBe(3);
    });

    it('shows what is due on the garden\'s own day', function (string $utc, array $due): void {
        $garden = demo();
        CarbonImmutable::setTestNow($utc);
        $today = $this->getJson(at($garden, 'today'))->assertOk()->json();
        expect(array_column(array_column($today['due'], 'round'), 'due_on'))->toBe($due);
    })->with([
        // Rome is two hours ahead in May: 21:59 UTC is still the 4th, 22:00 UTC is the 5th.
        'late on the 4th' => ['2026-05-04 21:59:00', ['2026-05-03', '2026-05-04']],
        'two days on' => ['2026-05-05 22:00:00', ['2026-05-03', '2026-05-04', '2026-05-06']],
    ]);
});

it('pages the notebook, newest first, without a gap or a repeat', function (): void {
    $garden = demo();
    $seen = [];
    $before = null;
    do {
        $page = $this->getJson(at($garden, 'applications'.($before === null ? '' : "?before=$before")))->assertOk()->json();
        $seen = [...$seen, ...array_column($page['entries'], 'applied_at')];
        $before = $page['older'];
    } while ($before !== null);
    $sorted = $seen;
    rsort($sorted);
    expect($seen)->toBe($sorted)->and(count($seen))->toBe($garden->applications()->count())->and($page['total'])->toBe(count($seen));
});

it('asks the database no more for more rows', function (string $path): void {
    $garden = demo();
    DB::enableQueryLog();
    $this->getJson(at($garden, $path))->assertOk();
    // Today asks after more kinds of things than any other view; of none it asks twice.
    expect(count(DB::getQueryLog()))->toBeLessThanOrEqual($path === 'today' ? 44 : 34);
})->with(['', 'today', 'courses', 'applications', 'recipes', 'plot', 'troubles', 'chores', 'find?typed=soap', 'find?typed=sprayed%20soap%20on%20roses', 'pantry', 'shopping', 'preparations', 'other-uses', 'ribbon', 'replans', 'weather']);

it('changes settings, and refuses a stale hand', function (): void {
    $garden = demo();
    $settings = ['name' => 'Fontegrigia', 'units' => 'us', 'language' => 'en', 'time_zone' => 'Europe/Rome', 'latitude' => 45.9, 'longitude' => 9.3, 'hardness_mg_l' => 20, 'alkalinity_mg_l' => 15, 'theme' => 'dark'];
    $this->patchJson(at($garden), ['version' => 1] + $settings)->assertOk()->assertJsonPath('garden.units', 'us')->assertJsonPath('garden.version', 2);
    $this->patchJson(at($garden), ['version' => 1, 'theme' => 'light'] + $settings)->assertConflict()->assertJsonPath('theirs.theme', 'dark');
    $this->postJson(at($garden, 'bench'), ['recipe' => recipeNamed($garden, 'Evening soap')->body, 'volume' => '1 gal'])->assertJsonPath('makes', '1 gal');
});

it('adds and takes out plantings and sprayers', function (): void {
    $garden = demo();
    $this->postJson(at($garden, 'plantings'), ['plant' => 'courgettes', 'number' => 2, 'stage' => 'young'])->assertCreated()->assertJsonPath('planting.plant', 'zucchini')->assertJsonPath('planting.name', 'Zucchini');
    $this->postJson(at($garden, 'plantings'), ['plant' => 'triffid', 'number' => 0, 'stage' => 'asleep'])->assertUnprocessable()->assertJsonValidationErrors(['number', 'stage']);
    $this->postJson(at($garden, 'plantings'), ['plant' => 'triffid', 'number' => 1, 'stage' => 'young', 'kind' => 'shrub'])->assertCreated()->assertJsonPath('planting.plant', 'shrub')->assertJsonPath('planting.kind', 'triffid')->assertJsonPath('planting.name', 'Triffid');
    $this->postJson(at($garden, 'plantings'), ['plant' => 'lime', 'number' => 1, 'stage' => 'young'])->assertUnprocessable()->assertJsonValidationErrors(['plant' => 'which is meant']);
    $id = $this->postJson(at($garden, 'sprayers'), ['name' => 'Can', 'capacity' => '1/2 gal'])->assertCreated()->json('sprayer.id');
    // Half a US gallon in metric units, 85 % of it usable: 1892.705892 · 0.85
    expect(Sprayer::query()->findOrFail($id)->vessel()->usableMl())->toEqualWithDelta(1608.8, 0.01);
    $this->postJson(at($garden, 'sprayers'), ['name' => 'Can', 'capacity' => '5 kg'])->assertUnprocessable()->assertJsonValidationErrors(['capacity' => 'A volume']);
    $change = $this->deleteJson(at($garden, "sprayers/$id"))->assertOk()->json('id');
    expect(Sprayer::query()->find($id))->toBeNull();
    $this->postJson(at($garden, "changes/$change/undo"))->assertOk();
    expect(Sprayer::query()->find($id))->not->toBeNull();
});

it('cannot undo what has been changed again since, or long ago', function (): void {
    $garden = demo();
    $recipe = recipeNamed($garden, 'Evening soap');
    $first = $this->putJson(at($garden, "recipes/$recipe->id"), ['version' => 1, 'body' => ['name' => 'One'] + $recipe->body])->json('change.id');
    $second = $this->putJson(at($garden, "recipes/$recipe->id"), ['version' => 2, 'body' => ['name' => 'Two'] + $recipe->body])->json('change.id');
    $this->postJson(at($garden, "changes/$first/undo"))->assertConflict()->assertJsonFragment(['message' => 'It has been changed again since, so it cannot be undone: change it by hand.']);
    expect($recipe->refresh()->name)->toBe('Two');
    CarbonImmutable::setTestNow('2026-05-12 16:00:00');
    $this->postJson(at($garden, "changes/$second/undo"))->assertConflict();
    expect($recipe->refresh()->name)->toBe('Two');
});

it('answers 404 for what is not there, in the page and in the API', function (): void {
    $this->withoutVite();
    $this->get('/no/such/place')->assertNotFound()->assertSee('id="app"', false);
    $this->get('/rounds')->assertOk();
    $this->get('/bench/01abc')->assertOk();
    $this->getJson('/api/gardens/none')->assertNotFound()->assertJsonStructure(['message']);
});

it('keeps the OpenAPI document in step with the code', function (): void {
    $path = tempnam(sys_get_temp_dir(), 'openapi');
    $this->artisan('nebbia:openapi', ['--to' => $path])->assertSuccessful();
    expect(file_get_contents($path))->toBe(file_get_contents(base_path('docs/openapi.json')));
    unlink($path);
});

it('sets the database up to be safe', function (): void {
    $path = tempnam(sys_get_temp_dir(), 'nebbia');
    Illuminate\Support\Facades\Process::path(base_path())->env(['DB_DATABASE' => $path])->run(['php', 'artisan', 'migrate', '--force'])->throw();
    expect((new PDO("sqlite:$path"))->query('PRAGMA journal_mode')->fetchColumn())->toBe('wal');
    array_map(unlink(...), glob("$path*") ?: []);
    expect(DB::selectOne('PRAGMA foreign_keys')->foreign_keys)->toBe(1)->and(DB::selectOne('PRAGMA busy_timeout')->timeout)->toBe(20000)->and(DB::selectOne('PRAGMA synchronous')->synchronous)->toBe(2);
});

it('answers a program that has the address wrong in words, and a person with the page', function (string $path): void {
    $this->getJson($path)->assertNotFound()->assertJsonPath('message', 'There is nothing at this address: docs/openapi.json lists those that there are.');
})->with(['/api/gardens//today', '/api/gardens/../../etc/recipes?search=soap', '/api/none', '/api', '/none']);

it('shows a person who has the address wrong the page, which says so', function (): void {
    $this->get('/none')->assertNotFound()->assertSee('<!DOCTYPE html>', false);
});
