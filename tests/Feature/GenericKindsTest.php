<?php

declare(strict_types=1);

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Artisan;
use Nebbia\Core\Plant\Plant;
use Nebbia\Core\Plant\Plants;

// Every kind of kinds, with something in the mix that nobody knows, from the console and through every view.

beforeEach(fn () => $this->travelTo(CarbonImmutable::parse('2026-05-04 08:20:00', 'UTC')));

/** @return array<string, mixed> */
function unheardOf(): array
{
    return ['format' => 'nebbia.recipe/1', 'name' => 'Soap and ginger beer', 'units' => 'metric', 'use' => 'foliar', 'targets' => ['aphid'], 'base' => ['liquid' => 'water', 'amount' => '1 L', 'basis' => 'added'],
        'ingredients' => [['ingredient' => 'other', 'name' => 'ginger beer', 'amount' => '20 mL'], ['ingredient' => 'liquid-castile-soap', 'amount' => '10 mL']]];
}

/** @return array<string, array{string}> */
function kindsOfKinds(): array
{
    $kinds = array_map(static fn (Plant $plant): string => $plant->id, Nebbia\Core\Tests\Cases::get(Plants::class)->generic());

    return array_combine($kinds, array_map(static fn (string $id): array => [$id], $kinds));
}

function told(string $command, mixed $input, array $options = []): array
{
    $file = (string) tempnam(sys_get_temp_dir(), 'kind');
    file_put_contents($file, json_encode($input));
    expect(Artisan::call($command, ['file' => $file, '--json' => true] + $options))->toBe(0);

    return json_decode(Artisan::output(), true, flags: JSON_THROW_ON_ERROR);
}

it('is mixed, looked at and planned for on the command line', function (string $kind): void {
    $mix = told('nebbia:mix', unheardOf(), ['--for' => $kind]);
    expect(array_column($mix['findings'], 'rule'))->toContain('unknown');
    expect(Artisan::call('nebbia:diagnose', ['--sign' => ['curled-young-leaves'], '--plant' => $kind, '--json' => true]))->toBe(0)
        ->and(json_decode(Artisan::output(), true)['causes'])->not->toBe([]);
    $plan = told('nebbia:plan', ['format' => 'nebbia.course/1', 'target' => 'aphid', 'purpose' => 'outbreak', 'start' => '2026-05-05', 'place' => ['lat' => 45.9, 'lon' => 9.3, 'time_zone' => 'Europe/Rome'],
        'plantings' => [['plant' => $kind, 'number' => 2, 'stage' => 'growing', 'height_cm' => 40]], 'recipe' => unheardOf()]);
    expect($plan)->toHaveKeys(['interval_days', 'rounds']);
})->with(kindsOfKinds());

it('goes through every view under a name that nobody has heard', function (string $kind): void {
    $garden = demo();
    $zone = $garden->zones()->firstOrFail()->id;
    $planting = $this->postJson(at($garden, 'plantings'), ['zone_id' => $zone, 'plant' => 'Grandmother’s wobblebush', 'kind' => $kind, 'name' => 'Wobble', 'number' => 2, 'stage' => 'growing'])->assertCreated()->json('planting.id');
    $bench = $this->postJson(at($garden, 'bench'), ['recipe' => unheardOf(), 'planting_ids' => [$planting]])->assertOk()->json();
    expect(json_encode($bench))->toContain('ginger beer');
    $this->postJson(at($garden, 'bench/label'), ['recipe' => unheardOf(), 'planting_ids' => [$planting]])->assertOk();
    $this->postJson(at($garden, 'bench/steps'), ['recipe' => unheardOf(), 'planting_ids' => [$planting]])->assertOk();
    $recipe = $this->postJson(at($garden, 'recipes'), ['name' => 'Soap and ginger beer', 'body' => unheardOf()])->assertCreated()->json('recipe.id');
    $this->postJson(at($garden, 'rounds/suggest'), ['recipe_id' => $recipe, 'planting_ids' => [$planting], 'target' => 'aphid', 'purpose' => 'outbreak', 'starts_on' => '2026-05-05'])->assertOk();
    $course = $this->postJson(at($garden, 'courses'), ['recipe_id' => $recipe, 'purpose' => 'outbreak', 'planting_ids' => [$planting], 'target' => 'aphid', 'every_days' => 7, 'times' => 2, 'starts_on' => '2026-05-05', 'rounds' => [['day' => '2026-05-05', 'hour' => 20], ['day' => '2026-05-12', 'hour' => null]]])->assertCreated()->json('course');
    $this->postJson(at($garden, "rounds/{$course['rounds'][0]['id']}/log"), ['version' => 1, 'volume' => '500 mL'])->assertOk();
    $trouble = $this->postJson(at($garden, 'scoutings'), ['as' => 'trouble', 'planting_id' => $planting, 'target' => 'aphid', 'present' => ['curled-young-leaves'], 'absent' => [], 'skipped' => [], 'weather' => []])->assertCreated()->json('trouble.id');
    foreach (['', 'plot', 'today', 'lanes', 'courses', 'applications', 'troubles', "troubles/$trouble", 'recipes', 'pantry', 'preparations', 'shopping', 'shopping.csv', 'plantings.csv', 'rounds.ics', 'other-uses', 'replans', 'ribbon', "plantings/$planting/looks"] as $view) {
        expect($this->get(at($garden, $view))->getStatusCode())->toBe(200, $view);
    }
})->with(kindsOfKinds());
