<?php

declare(strict_types=1);

use App\Making\Queries\TakeFromShelf;
use App\Models\Garden;
use App\Models\Preparation;
use Carbon\CarbonImmutable;

/** A garlic extract on the shelf, strained so many hours ago. */
function extractOf(Garden $garden, string $name, int $hoursAgo, float $left = 500.0, string $place = 'fridge'): Preparation
{
    $since = CarbonImmutable::now()->subHours($hoursAgo);

    return $garden->preparations()->create([
        'kind' => 'garlic-extract', 'name' => $name, 'started_at' => $since->subHours(12), 'strained_at' => $since, 'left_ml' => $left, 'stays' => [['place' => $place, 'since' => $since->toIso8601ZuluString()]],
        'body' => ['format' => 'nebbia.preparation/1', 'kind' => 'garlic-extract', 'units' => 'metric', 'base' => ['amount' => '1 L'], 'ingredients' => [['ingredient' => 'garlic', 'amount' => '150 g']], 'strained' => "$left mL"],
    ]);
}

/** @param  array<string, mixed>  $line */
function garlicSpray(array $line = []): array
{
    return ['format' => 'nebbia.recipe/1', 'name' => 'Garlic', 'use' => 'foliar', 'units' => 'metric', 'base' => ['amount' => '1 L', 'basis' => 'final', 'liquid' => 'water'], 'ingredients' => [$line + ['ingredient' => 'garlic-extract', 'amount' => '1:4']]];
}

beforeEach(fn () => $this->travelTo(CarbonImmutable::parse('2026-05-04 08:00:00', 'UTC')));

it('takes from the jar that goes off first, if it is good by then', function (array $jars, int $inHours, ?string $taken): void {
    $garden = demo();
    foreach ($jars as $name => [$hoursAgo, $left, $place]) {
        extractOf($garden, $name, $hoursAgo, $left, $place);
    }
    [$body, $names] = app(TakeFromShelf::class)($garden, garlicSpray(), CarbonImmutable::now()->addHours($inHours));
    expect($names)->toBe($taken === null ? [] : [$taken])->and(isset($body['ingredients'][0]['preparation']))->toBe($taken !== null);
})->with([
    'none there' => [[], 0, null],
    'one there' => [['a' => [5, 500.0, 'fridge']], 0, 'a'],
    // Two days in the fridge.
    'gone off by then' => [['a' => [40, 500.0, 'fridge']], 10, null],
    'the older before the fresher' => [['fresh' => [2, 500.0, 'fridge'], 'old' => [30, 500.0, 'fridge']], 0, 'old'],
    'the frozen one is kept' => [['frozen' => [200, 500.0, 'frozen'], 'fresh' => [2, 500.0, 'fridge']], 0, 'fresh'],
    'an empty one gives nothing' => [['empty' => [5, 0.0, 'fridge']], 0, null],
    'left in the warm for a day' => [['warm' => [24, 500.0, 'warm']], 0, null],
]);

it('leaves a recipe alone that says what it takes', function (array $line): void {
    $garden = demo();
    extractOf($garden, 'a', 5);
    $body = garlicSpray($line);
    [$after, $names] = app(TakeFromShelf::class)($garden, $body, CarbonImmutable::now());
    expect($names)->toBe([])->and($after)->toBe($body);
})->with([
    'another jar' => [['preparation' => 'that one']],
    'its strength' => [['strength' => '10 %']],
    'something that is bought' => [['ingredient' => 'liquid-castile-soap', 'amount' => '4 mL']],
]);

it('leaves a bottle in the cupboard before the shelf', function (): void {
    $garden = demo();
    extractOf($garden, 'a', 5);
    $garden->products()->create(['name' => 'Garlic from the shop', 'ingredient' => 'garlic-extract', 'size' => 500.0, 'left' => 400.0]);
    [, $names] = app(TakeFromShelf::class)($garden, garlicSpray(), CarbonImmutable::now());
    expect($names)->toBe([]);
});

it('shows on the day from which jar a round is taken, with what is in that jar', function (): void {
    $garden = demo();
    $round = $garden->rounds()->whereHas('course.recipe', static fn ($recipe) => $recipe->where('name', 'Garlic and pepper from the jar'))->where('status', 'planned')->firstOrFail();
    $round->update(['due_on' => '2026-05-04']);
    $due = collect($this->getJson(at($garden, 'today'))->json('due'))->firstWhere('recipe', 'Garlic and pepper from the jar');
    expect($due['jars'])->toBe(['Garlic and pepper of the other day'])->and(implode(' ', $due['mix']))->toContain('340 mL');
    // Only 210 mL are left of it, and that is said.
    expect($due['headline'])->toContain('not enough');
});

it('does not take from a soap that nobody has tested', function (): void {
    $garden = demo();
    $garden->products()->where('ingredient', 'potash-soap')->delete();
    $soap = garlicSpray(['ingredient' => 'potash-soap', 'amount' => '50 mL']);
    expect(app(TakeFromShelf::class)($garden, $soap, CarbonImmutable::now())[1])->toBe([]);
    $jar = $garden->preparations()->where('kind', 'potash-soap')->firstOrFail();
    $this->patchJson(at($garden, "preparations/$jar->id"), ['version' => $jar->version, 'test' => ['clear' => true, 'ph' => 9.4]])->assertOk();
    expect(app(TakeFromShelf::class)($garden->fresh(), $soap, CarbonImmutable::now())[1])->toBe(['Sunflower soap']);
});
