<?php

declare(strict_types=1);

use App\Models\Application;
use App\Models\Garden;
use App\Models\Round;
use App\Models\RoundStatus;
use Carbon\Carbon;
use Carbon\CarbonImmutable;

beforeEach(function (): void {
    CarbonImmutable::setTestNow('2026-05-04 16:00:00', 'UTC');
    Carbon::setTestNow('2026-05-04 16:00:00');
});

/** @return array{Garden, string} an own garden and a recipe in it */
function ownWithSoap(): array
{
    $id = test()->postJson('/api/gardens', ['start' => 'empty', 'name' => 'Sill', 'units' => 'metric', 'language' => 'en', 'time_zone' => 'Europe/Rome', 'hardness_mg_l' => 150, 'alkalinity_mg_l' => 120, 'theme' => 'auto', 'indoors' => true])->json('id');
    $recipe = test()->postJson("/api/gardens/$id/recipes", ['body' => ['format' => 'nebbia.recipe/1', 'name' => 'Soap', 'use' => 'foliar', 'units' => 'metric', 'base' => ['amount' => '1 L', 'basis' => 'added', 'liquid' => 'water'], 'ingredients' => [['ingredient' => 'liquid-castile-soap', 'amount' => '20 mL']]]])->assertCreated()->json('recipe.id');

    return [Garden::query()->findOrFail($id), $recipe];
}

it('logs a spray on a plant that nobody has written down, by a name or by none', function (?string $plant, string $name): void {
    [$garden, $recipe] = ownWithSoap();
    $done = $this->postJson(at($garden, 'sprayed'), ['recipe_id' => $recipe, 'planting_ids' => [], 'is_plant' => true, 'plant' => $plant, 'volume' => '250 mL', 'note' => 'Sticky'])->assertCreated()->json();
    expect($done['round']['status'])->toBe('done');
    $planting = $garden->plantings()->firstOrFail();
    $page = $this->getJson(at($garden, 'applications'))->assertOk()->json('entries.0') ?? $this->getJson(at($garden, 'applications'))->json();
    expect($planting->name)->toBe($name)->and($planting->indoors)->toBeTrue()->and(json_encode($page, JSON_UNESCAPED_UNICODE))->toContain("1 × $name")->toContain('250 mL');
    // Taken back at once: plant, course, entry.
    $this->postJson(at($garden, "changes/{$done['change']['id']}/undo"))->assertOk();
    expect($garden->plantings()->count())->toBe(0)->and(Application::query()->count())->toBe(0)->and($garden->courses()->count())->toBe(0);
})->with([[null, 'A plant'], ['zzz plantius', 'Zzz plantius'], ['lime', 'Lime'], ['tomatoe', 'Tomato'], ['hoya', 'Hoya']]);

it('logs what goes on no plant at all', function (): void {
    [$garden, $recipe] = ownWithSoap();
    $this->postJson(at($garden, 'sprayed'), ['recipe_id' => $recipe, 'planting_ids' => [], 'on' => 'window ledge'])->assertCreated();
    expect(json_encode($this->getJson(at($garden, 'applications'))->json()))->toContain('window ledge')->and($garden->plantings()->count())->toBe(0);
});

it('closes a planned round of the same remedy that is due about then, and no other', function (): void {
    $garden = demo();
    $round = Round::query()->where(['garden_id' => $garden->id, 'status' => RoundStatus::Planned])->orderBy('due_on')->with(['course.recipe', 'course.other', 'course.plantings'])->firstOrFail();
    $courses = $garden->courses()->count();
    $ids = $round->open()->pluck('id')->all();
    $this->postJson(at($garden, 'sprayed'), ['recipe_id' => $round->remedy()->id, 'planting_ids' => $ids])->assertCreated()->assertJsonPath('round.id', $round->id);
    expect($round->refresh()->status)->toBe(RoundStatus::Done)->and($garden->courses()->count())->toBe($courses);
    // Once more on the same day it is a spray of its own.
    $this->postJson(at($garden, 'sprayed'), ['recipe_id' => $round->remedy()->id, 'planting_ids' => $ids])->assertCreated();
    expect($garden->courses()->count())->toBe($courses + 1);
});

it('refuses what is still to come and what it does not know, and writes nothing', function (): void {
    [$garden, $recipe] = ownWithSoap();
    $this->postJson(at($garden, 'sprayed'), ['recipe_id' => $recipe, 'planting_ids' => [], 'on' => 'pots', 'applied_at' => '2026-05-06T19:00'])->assertUnprocessable()->assertJsonPath('errors.applied_at.0', 'That is still to come: write when it was sprayed, or plan a round.');
    $this->postJson(at($garden, 'sprayed'), ['recipe_id' => $recipe, 'planting_ids' => [], 'volume' => 'lots', 'is_plant' => true])->assertUnprocessable()->assertJsonValidationErrorFor('volume');
    $this->postJson(at($garden, 'sprayed'), ['recipe_id' => $recipe, 'planting_ids' => ['nobody']])->assertUnprocessable();
    $this->postJson(at($garden, 'sprayed'), ['planting_ids' => []])->assertUnprocessable();
    expect($garden->plantings()->count())->toBe(0)->and(Application::query()->count())->toBe(0);
});

it('keeps a look at a plant that is not written down', function (): void {
    [$garden] = ownWithSoap();
    $kept = $this->postJson(at($garden, 'scoutings'), ['planting_id' => null, 'present' => ['fine-webbing'], 'absent' => [], 'weather' => [], 'as' => 'trouble', 'target' => 'spider-mite'])->assertCreated()->json();
    $planting = $garden->plantings()->firstOrFail();
    expect($planting->name)->toBe('A plant')->and($kept['trouble_id'])->not->toBeNull();
    // It can be named later.
    $this->putJson(at($garden, "plantings/$planting->id"), ['version' => 1, 'plant' => 'lemon', 'name' => 'The lemon', 'number' => 1, 'stage' => 'growing', 'indoors' => true])->assertOk();
    $this->getJson(at($garden, "troubles/{$kept['trouble_id']}"))->assertOk()->assertJsonPath('planting.name', 'The lemon');
});

it('puts on as much as was sprayed, however many rounds and plants that was', function (): void {
    $garden = demo();
    $round = Round::query()->where(['garden_id' => $garden->id, 'status' => RoundStatus::Planned])->orderBy('due_on')->with(['course.recipe', 'course.other', 'course.plantings'])->firstOrFail();
    // Three that no round of this remedy is for, and all of those that it is for.
    $others = $garden->standing()->whereNotIn('id', $round->course->plantings->pluck('id'))->limit(3)->pluck('id')->all();
    $ids = [...$round->open()->pluck('id')->all(), ...$others];
    $before = Application::query()->pluck('id')->all();
    $this->postJson(at($garden, 'sprayed'), ['recipe_id' => $round->remedy()->id, 'planting_ids' => $ids, 'volume' => '1.2 L'])->assertCreated();
    $logged = Application::query()->whereNotIn('id', $before)->get();
    expect($logged->sum('volume_ml'))->toEqualWithDelta(1200.0, 0.01)->and($logged->flatMap->planting_ids->sort()->values()->all())->toBe(collect($ids)->sort()->values()->all());
});

it('logs a plant of a round that had had its part before', function (): void {
    $garden = demo();
    $round = Round::query()->where(['garden_id' => $garden->id, 'status' => RoundStatus::Planned])->with(['course.recipe', 'course.other', 'course.plantings'])->get()->first(fn (Round $one): bool => $one->course->plantings->count() > 1);
    $ids = $round->course->plantings->pluck('id')->all();
    $send = fn (array $some) => $this->postJson(at($garden, 'sprayed'), ['recipe_id' => $round->remedy()->id, 'planting_ids' => $some, 'volume' => '600 mL'])->assertCreated();
    $send([$ids[0]]);
    $before = Application::query()->pluck('id')->all();
    $send($ids);
    expect(Application::query()->whereNotIn('id', $before)->get()->flatMap->planting_ids->unique()->sort()->values()->all())->toBe(collect($ids)->sort()->values()->all());
});

it('asks what it was put on, but for weeds', function (): void {
    [$garden, $recipe] = ownWithSoap();
    $this->postJson(at($garden, 'sprayed'), ['recipe_id' => $recipe, 'planting_ids' => []])->assertUnprocessable()->assertJsonPath('errors.planting_ids.0', 'Say what it was put on: a plant, or what else.');
    $weeds = $this->postJson(at($garden, 'recipes'), ['body' => ['format' => 'nebbia.recipe/1', 'name' => 'Vinegar', 'use' => 'weed', 'units' => 'metric', 'base' => ['amount' => '1 L', 'basis' => 'added', 'liquid' => 'white-vinegar'], 'ingredients' => []]])->assertCreated()->json('recipe.id');
    $this->postJson(at($garden, 'sprayed'), ['recipe_id' => $weeds, 'planting_ids' => []])->assertCreated();
});
