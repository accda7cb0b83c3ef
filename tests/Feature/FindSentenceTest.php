<?php

declare(strict_types=1);

// What nobody foresaw to be typed into the one box still leads to what its words name; read from the demo garden's own list of names.

it('leads from a sentence to what its words name', function (string $typed, string $kind, string $named): void {
    $found = test()->getJson(at(demo(), 'find?'.http_build_query(['typed' => $typed])))->assertOk()->json();
    expect($found)->not->toBe([])->and($found[0]['kind'])->toBe($kind)->and($found[0]['title'])->toContain($named)
        ->and($found[0]['act'])->toBeNull();
})->with([
    'a plant that was eaten' => ['slugs ate my lettuces', 'planting', 'lettuce'],
    'a pest on a plant: both words count more than one' => ['aphids gone on the beans', 'trouble', 'aphid on Broad beans'],
    'what was made' => ['made nettle tea today', 'jar', 'Nettle bucket'],
    'what is to be thrown away' => ['chuck out the gentle soap', 'recipe', 'Gentle soap'],
    'what was bought' => ['bought a litre of cleaning vinegar', 'bottle', 'Cleaning vinegar'],
]);

it('finds nothing where no word of it is a name', function (string $typed): void {
    expect(test()->getJson(at(demo(), 'find?'.http_build_query(['typed' => $typed])))->assertOk()->json())->toBe([]);
})->with(['xyzzy plugh quux', 'nothing with its amount and targets', 'rosz lettuz ofthe']);

it('gives what all words name, as before, where there is any', function (): void {
    $titles = array_column(test()->getJson(at(demo(), 'find?'.http_build_query(['typed' => 'gentle soap'])))->json(), 'title');
    expect($titles)->toContain('Gentle soap')->not->toContain('Evening soap');
});
