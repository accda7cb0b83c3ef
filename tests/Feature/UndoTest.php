<?php

declare(strict_types=1);

use App\Models\Zone;
use Carbon\CarbonImmutable;

// Taking back means one thing: the change goes, if its rows are as it left them; else nothing happens and it is said.

it('takes no change back twice', function (): void {
    $garden = demo();
    $made = $this->postJson(at($garden, 'zones'), ['name' => 'By the well'])->assertCreated()->json();
    $undo = at($garden, "changes/{$made['change']['id']}/undo");
    $this->postJson($undo)->assertOk();
    $this->postJson($undo)->assertConflict()->assertJsonPath('message', 'This has been undone already.');
    expect(Zone::withTrashed()->where('name', 'By the well')->count())->toBe(1)->and($garden->zones()->where('name', 'By the well')->exists())->toBeFalse();
});

it('takes a creation back only while what was made is there', function (): void {
    $garden = demo();
    $recipe = recipeNamed($garden, 'Evening soap');
    $made = $this->postJson(at($garden, "recipes/$recipe->id/copy"))->assertCreated()->json();
    $gone = $this->deleteJson(at($garden, "recipes/{$made['recipe']['id']}"))->assertOk()->json();
    $creation = at($garden, "changes/{$made['change']['id']}/undo");
    // It is gone by another change: that one can be taken back, and this one after it.
    $this->postJson($creation)->assertConflict();
    $this->postJson(at($garden, "changes/{$gone['id']}/undo"))->assertOk();
    expect($garden->recipes()->whereKey($made['recipe']['id'])->exists())->toBeTrue();
    $this->postJson($creation)->assertOk();
    expect($garden->recipes()->whereKey($made['recipe']['id'])->exists())->toBeFalse();
    // The deletion was taken back before: it is over.
    $this->postJson(at($garden, "changes/{$gone['id']}/undo"))->assertConflict();
});

it('takes nothing back over a later change, and leaves all of its rows as they are', function (): void {
    $garden = demo();
    $made = $this->postJson(at($garden, 'zones'), ['name' => 'By the well'])->json();
    $zone = $garden->zones()->where('name', 'By the well')->firstOrFail();
    $this->putJson(at($garden, "zones/$zone->id"), ['name' => 'At the well', 'version' => $zone->version])->assertOk();
    $this->postJson(at($garden, "changes/{$made['change']['id']}/undo"))->assertConflict();
    expect($garden->zones()->where('name', 'At the well')->exists())->toBeTrue();
});

it('takes back no longer than is said', function (): void {
    CarbonImmutable::setTestNow('2026-05-12 16:00:00');
    $garden = demo();
    $made = $this->postJson(at($garden, 'zones'), ['name' => 'By the well'])->json();
    CarbonImmutable::setTestNow('2026-05-19 16:00:01');
    $this->postJson(at($garden, "changes/{$made['change']['id']}/undo"))->assertConflict()->assertJsonPath('message', 'Only changes of the last 7 days can be undone.');
});

it('wants the version that was seen for every update', function (string $method, string $path, array $body): void {
    $garden = demo();
    $ids = ['planting' => plantingOf($garden, 'rose')->id, 'sprayer' => sprayerOf($garden, 750.0)->id, 'zone' => $garden->zones()->firstOrFail()->id, 'product' => $garden->products()->firstOrFail()->id, 'tool' => $garden->tools()->firstOrFail()->id,
        'measure' => $garden->ownMeasures()->firstOrFail()->id, 'recipe' => recipeNamed($garden, 'Evening soap')->id, 'round' => dueRound($garden)->id, 'trouble' => $garden->troubles()->firstOrFail()->id, 'jar' => $garden->preparations()->firstOrFail()->id, 'look' => $garden->looks()->firstOrFail()->id];
    $url = at($garden, (string) preg_replace_callback('/\{(\w+)\}/', static fn (array $one): string => $ids[$one[1]], $path));
    $this->json($method, $url, $body)->assertUnprocessable()->assertJsonValidationErrors('version');
})->with([
    ['PATCH', '', ['name' => 'X']], ['PUT', 'plantings/{planting}', ['plant' => 'rose', 'number' => 1, 'stage' => 'growing']], ['POST', 'plantings/{planting}/retire', []], ['PUT', 'sprayers/{sprayer}', []], ['PUT', 'zones/{zone}', ['name' => 'X']],
    ['PUT', 'products/{product}', []], ['PUT', 'tools/{tool}', []], ['PUT', 'own-measures/{measure}', []], ['PUT', 'recipes/{recipe}', []], ['POST', 'rounds/{round}/move', ['due_on' => '2026-06-01']], ['POST', 'rounds/{round}/skip', []],
    ['POST', 'rounds/{round}/later', []], ['POST', 'rounds/{round}/log', []], ['PATCH', 'troubles/{trouble}', ['status' => 'closed']], ['PATCH', 'preparations/{jar}', []], ['PUT', 'looks/{look}', ['score' => 1]], ['POST', 'day-passes', []],
]);
