<?php

declare(strict_types=1);

use App\Models\Garden;
use Carbon\CarbonImmutable;

// What nobody foresaw to be typed into the one box still leads to what its words name; read from the demo garden's own list of names.

it('leads from a sentence to what its words name', function (string $typed, string $kind, string $named): void {
    $found = test()->getJson(at(demo(), 'find?'.http_build_query(['typed' => $typed])))->assertOk()->json();
    expect($found)->not->toBe([])->and($found[0]['kind'])->toBe($kind)->and($found[0]['title'])->toContain($named)
        ->and($found[0]['act'])->toBeNull();
})->with([
    'a pest on a plant: both words count more than one' => ['aphids gone on the beans', 'trouble', 'aphid on Broad beans'],
    'one of other names, on what has it' => ['blackfly back on the beans', 'trouble', 'aphid on Broad beans'],
    'what was made' => ['made nettle tea today', 'jar', 'Nettle bucket'],
    'what is to be thrown away' => ['chuck out the gentle soap', 'recipe', 'Gentle soap'],
    'what was bought' => ['bought a litre of cleaning vinegar', 'bottle', 'Cleaning vinegar'],
]);

it('leads from what is wrong to where it is looked at, on the plant that is named', function (string $typed, string $says, ?string $plant): void {
    $garden = demo();
    $first = test()->getJson(at($garden, 'find?'.http_build_query(['typed' => $typed])))->assertOk()->json('0');
    expect($first['kind'])->toBe('action')->and($first['view'])->toBe('scout')->and($first['title'])->toContain($says);
    $id = $first['with']['planting'] ?? null;
    expect($id === null ? null : $garden->plantings()->findOrFail($id)->plant)->toBe($plant);
})->with([
    'a pest on a plant that is here' => ['slugs ate my lettuces', 'lettuce', 'lettuce'],
    'a sign on it' => ['holes in the radicchio', 'Red radicchio', 'radicchio'],
    'by what others call it' => ['yellow leaves on the capsicums and the courgette', 'Zucchini hill', 'zucchini'],
    'the one that is called so before others of its kind' => ['yellow leaves on the big lemon', 'The big lemon', 'lemon'],
    'a colour is no name' => ['white powder on my peonies', 'white powder on my peonies', null],
    'on nothing that is here' => ['slugs ate my hostas', 'slug', null],
    'on nothing in particular' => ['ants everywhere', 'ant', null],
    'a sign on nothing that is here' => ['holes in the hostas', 'holes in the hostas', null],
    'a question' => ['what can I use against earwigs', 'earwig', null],
]);

it('takes water for no recipe, and what is for tools for nothing that goes on a plant', function (string $typed, string $says, ?string $recipe): void {
    $garden = test()->postJson('/api/gardens', ['start' => 'empty', 'name' => 'Duluth', 'units' => 'us', 'language' => 'en', 'time_zone' => 'America/Chicago', 'latitude' => 46.8, 'longitude' => -92.1, 'hardness_mg_l' => 60, 'alkalinity_mg_l' => 50, 'theme' => 'auto'])->assertCreated()->json('id');
    Garden::query()->findOrFail($garden)->plantings()->create(['zone_id' => Garden::query()->findOrFail($garden)->zones()->firstOrFail()->id, 'name' => 'Monstera by the couch', 'plant' => 'monstera', 'number' => 1, 'stage' => 'growing', 'states' => [], 'indoors' => true]);
    $first = test()->getJson("/api/gardens/$garden/find?".http_build_query(['typed' => $typed]))->assertOk()->json('0');
    expect($first['title'])->toBe($says)->and($first['act']['recipe_id'] ?? null)->toBe($recipe);
})->with([
    'water' => ['misted the monstera with water', 'Write down: water on Monstera by the couch', null],
    'a swab for a plant' => ['wiped the monstera with alcohol', 'Write down: Alcohol on a swab on Monstera by the couch', 'alcohol-wipe'],
    'the plant alone' => ['sprayed the monstera', 'Write down: a spray on Monstera by the couch', null],
    'blades' => ['wiped the blades with alcohol', 'Write down: Alcohol for blades on blades', 'tools-alcohol'],
    'what was bought, where the pantry is empty' => ['bought it', 'Read a label', null],
    'what was spilt comes before what is made of it' => ['I spilled bleach on my hands', 'First aid', null],
    'before what it would write down' => ['sprayed soap in my eyes', 'First aid', null],
    'before the pest that is named' => ['swallowed slug pellets', 'First aid', null],
    'who ate it' => ['dog ate the slug bait', 'First aid', null],
    'onion skins hurt nobody' => ['made onion skins tea', 'Onion, freshly steeped', null],
]);

it('leads to what there is to begin with, where the garden has none of it', function (): void {
    $garden = test()->postJson('/api/gardens', ['start' => 'empty', 'name' => 'Duluth', 'units' => 'us', 'language' => 'en', 'time_zone' => 'America/Chicago', 'latitude' => 46.8, 'longitude' => -92.1, 'hardness_mg_l' => 60, 'alkalinity_mg_l' => 50, 'theme' => 'auto'])->assertCreated()->json('id');
    $found = test()->getJson("/api/gardens/$garden/find?".http_build_query(['typed' => 'how much neem per quart']))->assertOk()->json();
    expect($found[0]['kind'])->toBe('starter')->and(strtolower($found[0]['title']))->toContain('neem');
});

it('lists beside what is wrong only what most of its words name', function (): void {
    $titles = fn (string $typed): array => array_column(test()->getJson(at(demo(), 'find?'.http_build_query(['typed' => $typed])))->json(), 'title');
    expect($titles('white powder on the courgettes'))->toBe(['Look what is wrong: Zucchini hill'])->and($titles('slugs ate my lettuces'))->toContain('Head lettuces');
});

it('leads from what is wrong to scouting in a garden without a plant', function (): void {
    $garden = test()->postJson('/api/gardens', ['start' => 'empty', 'name' => 'Balcony', 'units' => 'us', 'language' => 'en', 'time_zone' => 'Australia/Perth', 'latitude' => -32.0, 'longitude' => null, 'hardness_mg_l' => 150, 'alkalinity_mg_l' => 120, 'theme' => 'auto'])->assertCreated()->json('id');
    $first = test()->getJson("/api/gardens/$garden/find?".http_build_query(['typed' => 'slugs ate my lettuces']))->assertOk()->json('0');
    expect($first['view'])->toBe('scout')->and($first['title'])->toContain('slug');
});

it('finds nothing where no word of it is a name', function (string $typed): void {
    expect(test()->getJson(at(demo(), 'find?'.http_build_query(['typed' => $typed])))->assertOk()->json())->toBe([]);
})->with(['xyzzy plugh quux', 'nothing with its amount and targets', 'rosz lettuz ofthe']);

it('gives what all words name, as before, where there is any', function (): void {
    $titles = array_column(test()->getJson(at(demo(), 'find?'.http_build_query(['typed' => 'gentle soap'])))->json(), 'title');
    expect($titles)->toContain('Gentle soap')->not->toContain('Evening soap');
});

it('chooses what a pasted recipe is for among the plants that are here', function (string $text, ?string $named): void {
    $garden = demo();
    $ids = test()->postJson(at($garden, 'read'), ['text' => $text])->assertOk()->json('planting_ids');
    expect($ids === [] ? null : $garden->plantings()->findOrFail($ids[0])->name)->toBe($named);
})->with([
    // A moth orchid is some orchid.
    'a kind of kinds' => ['70% alcohol neat on a cotton bud for mealybugs on the orchid', 'Orchid on the inner sill'],
    'a kind' => ['10 ml castile soap in 1 L of water on the zucchini', 'Zucchini hill'],
    'a name before its kind' => ['For the big lemon: 10 ml castile soap in 1 L of water', 'The big lemon'],
    'none that is here' => ['10 ml castile soap in 1 L of water on the hostas', null],
    'none' => ['10 ml castile soap in 1 L of water', null],
]);

it('reminds of whatever it is asked to, on the day that is said', function (string $typed, string $title, ?string $next, array $on): void {
    CarbonImmutable::setTestNow('2026-05-14 05:30:00', 'UTC');
    $garden = demo();
    $first = test()->getJson(at($garden, 'find?'.http_build_query(['typed' => $typed])))->assertOk()->json('0');
    expect($first['title'])->toBe($title);
    $act = $first['act'];
    $names = $garden->plantings()->whereKey($act['planting_ids'])->pluck('name')->sort()->values()->all();
    expect($names)->toBe($on);
    test()->postJson(at($garden, 'chores'), ['kind' => $act['job'], 'what' => $act['what'], 'planting_ids' => $act['planting_ids'], 'often' => $act['often'], 'starts_on' => $act['starts_on']])->assertCreated();
    expect($garden->chores()->latest('id')->firstOrFail()->next_on?->toDateString())->toBe($next);
})->with([
    'again and again' => ['remind me to turn the compost every week', 'Remind me: turn the compost, every week', '2026-05-14', []],
    'in some days' => ['remind me to look at the zucchini in 3 days', 'Remind me: look at the zucchini, Zucchini hill, on Sunday 17 May', '2026-05-17', ['Zucchini hill']],
    'on a weekday' => ['remind me to check the traps on saturday', 'Remind me: check the traps, on Saturday 16 May', '2026-05-16', []],
    'of feeding, as it is said without' => ['remind me to feed the fuchsias every 2 weeks', 'Remind me: Feed, Fuchsias in the shade, every 2 weeks', '2026-05-14', ['Fuchsias in the shade']],
]);
