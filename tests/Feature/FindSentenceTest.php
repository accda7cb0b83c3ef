<?php

declare(strict_types=1);

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
