<?php

declare(strict_types=1);

use App\Models\Garden;
use App\Models\Planting;
use Carbon\CarbonImmutable;
use Database\Seeders\DatabaseSeeder;

beforeEach(function (): void {
    CarbonImmutable::setTestNow('2026-05-14 05:30:00', 'UTC');
    $this->seed(DatabaseSeeder::class);
    $this->garden = Garden::query()->firstOrFail();
    $this->rose = $this->garden->standing()->where('plant', 'rose')->firstOrFail();
});

/** @return array<string, mixed> what the bench says of a spray of this on that planting: the sentences of what is never to be */
function neverOnBench(Garden $garden, Planting $planting, string $ingredient, string $name = ''): array
{
    $line = ['ingredient' => $ingredient, 'amount' => '5 mL'] + ($name === '' ? [] : ['name' => $name, 'form' => 'liquid']);
    $answer = test()->postJson(at($garden, 'bench'), [
        'recipe' => ['format' => 'nebbia.recipe/1', 'name' => 'Try', 'units' => 'metric', 'use' => 'foliar', 'base' => ['amount' => '1 L', 'basis' => 'added', 'liquid' => 'water'], 'ingredients' => [$line]],
        'planting_id' => $planting->id,
    ])->assertOk()->json();

    return array_values(array_filter(array_column($answer['findings'], 'what'), static fn (string $what): bool => str_contains($what, 'said here on')));
}

it('is a stop on the bench until it is taken back, for this plant or for all of its kind', function (): void {
    $other = $this->garden->plantings()->create(['zone_id' => $this->rose->zone_id, 'plant' => 'rose', 'name' => 'The other rose', 'number' => 1, 'stage' => 'growing']);
    expect(neverOnBench($this->garden, $this->rose, 'neem-oil'))->toBe([]);
    $saved = $this->postJson(at($this->garden, "plantings/{$this->rose->id}/nevers"), ['ingredient' => 'neem', 'why' => 'The buds fell.'])->assertCreated()->json();
    expect($saved['looks']['nevers'])->toHaveCount(1)
        ->and($saved['looks']['nevers'][0])->toMatchArray(['said' => 'Never neem oil on this plant', 'since' => '14 May 2026', 'why' => 'The buds fell.'])
        ->and(neverOnBench($this->garden, $this->rose, 'neem-oil'))->toHaveCount(1)
        ->and(neverOnBench($this->garden, $other, 'neem-oil'))->toBe([]);
    // Said again, of all roses: it stands once, and keeps its reason.
    $saved = $this->postJson(at($this->garden, "plantings/{$this->rose->id}/nevers"), ['ingredient' => 'Neem oil', 'whole_kind' => true])->assertCreated()->json();
    expect($saved['looks']['nevers'])->toHaveCount(1)
        ->and($saved['looks']['nevers'][0]['why'])->toBe('The buds fell.')
        ->and(neverOnBench($this->garden, $other, 'neem-oil'))->toHaveCount(1);
    $this->deleteJson(at($this->garden, "nevers/{$saved['looks']['nevers'][0]['id']}"))->assertOk();
    expect(neverOnBench($this->garden, $this->rose, 'neem-oil'))->toBe([]);
    $change = $this->postJson(at($this->garden, "plantings/{$this->rose->id}/nevers"), ['ingredient' => 'garlic'])->json('change.id');
    $this->postJson(at($this->garden, "changes/$change/undo"))->assertOk();
    expect($this->getJson(at($this->garden, "plantings/{$this->rose->id}/looks"))->json('nevers'))->toBe([]);
});

it('knows a thing of ones own by its name, and refuses what is empty', function (): void {
    $this->postJson(at($this->garden, "plantings/{$this->rose->id}/nevers"), ['ingredient' => 'Aunt\'s tonic'])->assertCreated();
    expect(neverOnBench($this->garden, $this->rose, 'other', 'aunt\'s tonic'))->toHaveCount(1)
        ->and(neverOnBench($this->garden, $this->rose, 'other', 'another tonic'))->toBe([]);
    $this->postJson(at($this->garden, "plantings/{$this->rose->id}/nevers"), ['ingredient' => ' '])->assertUnprocessable()->assertJsonValidationErrors('ingredient');
    $this->postJson(at($this->garden, 'plantings/none/nevers'), ['ingredient' => 'soap'])->assertNotFound();
});

it('offers what burnt leaves have had, and plans no round with it', function (): void {
    $recipe = $this->garden->recipes()->get()->first(static fn ($one): bool => str_contains((string) json_encode($one->body), 'neem'));
    $this->postJson(at($this->garden, 'sprayed'), ['recipe_id' => $recipe->id, 'planting_ids' => [$this->rose->id], 'volume' => '1 L'])->assertCreated();
    $glance = $this->postJson(at($this->garden, 'glances'), ['word' => 'burnt', 'planting_id' => $this->rose->id])->assertCreated()->json();
    expect(array_column($glance['had'], 'ingredient'))->toContain('neem-oil')->not->toContain('water');
    $this->postJson(at($this->garden, "plantings/{$this->rose->id}/nevers"), ['ingredient' => 'neem-oil'])->assertCreated();
    $had = $this->postJson(at($this->garden, 'glances'), ['word' => 'same', 'planting_id' => $this->rose->id])->json('had');
    expect($had)->toBe([]);
    $asked = ['recipe_id' => $recipe->id, 'planting_ids' => [$this->rose->id], 'target' => 'aphid', 'every_days' => 7, 'times' => 1, 'starts_on' => '2026-05-15', 'rounds' => [['day' => '2026-05-15', 'hour' => 20]]];
    expect($this->postJson(at($this->garden, 'courses'), $asked)->assertUnprocessable()->json('message'))->toContain('said here on 14 May 2026');
});
