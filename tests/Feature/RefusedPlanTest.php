<?php

declare(strict_types=1);

use App\Models\Garden;
use Carbon\CarbonImmutable;
use Illuminate\Testing\TestResponse;

// A stop at the bench is a stop wherever the same mix could be walked into.

beforeEach(function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-05-04 08:20:00', 'UTC'));
    config(['nebbia.requests_a_minute' => PHP_INT_MAX]);
});

function planAsked(Garden $garden, string $recipe, string $planting, array $but = []): TestResponse
{
    return test()->postJson(at($garden, 'courses'), $but + [
        'recipe_id' => $recipe, 'planting_ids' => [$planting], 'target' => 'aphid', 'every_days' => 7, 'times' => 2, 'starts_on' => '2026-05-05',
    ]);
}

it('says stop in mixing mode and in a plan where the bench says stop, and only there', function (): void {
    $garden = demo();
    $tried = ['stop' => 0, 'other' => 0];
    foreach ($garden->recipes()->get() as $recipe) {
        // The bottle has no plant; what is a stop on any is on its label.
        $anywhere = array_column(array_filter($this->postJson(at($garden, 'bench'), ['recipe' => $recipe->body])->json('findings'), static fn (array $one): bool => $one['severity'] === 'stop'), 'what');
        $label = $this->postJson(at($garden, 'bench/label'), ['recipe' => $recipe->body])->assertOk()->json('cautions');
        expect(array_slice($label, 0, count($anywhere)))->toBe($anywhere, $recipe->name);
        foreach ($garden->standing()->get() as $planting) {
            $asked = ['recipe' => $recipe->body, 'planting_id' => $planting->id];
            $isStop = $this->postJson(at($garden, 'bench'), $asked)->assertOk()->json('severity') === 'stop';
            $tried[$isStop ? 'stop' : 'other']++;
            $case = "$recipe->name on $planting->name";
            $mixing = $this->postJson(at($garden, 'bench/steps'), $asked)->assertOk()->json();
            expect($mixing['stops'] !== [])->toBe($isStop, $case)->and($mixing['steps'] === [])->toBe($isStop, $case);
            $rounds = $garden->rounds()->count();
            $planned = planAsked($garden, $recipe->id, $planting->id, ['all_the_same' => true]);
            $refused = $isStop || $recipe->use === 'disinfect';
            expect($planned->getStatusCode())->toBe($refused ? 422 : 201, $case)->and($garden->rounds()->count())->toBe($refused ? $rounds : $rounds + 2, $case);
        }
    }
    expect($tried['stop'])->toBeGreaterThan(3)->and($tried['other'])->toBeGreaterThan(100);
});

it('says why nothing is planned, and what to do instead, and writes nothing', function (array $but, string $field, string $says): void {
    $garden = demo();
    $rounds = $garden->rounds()->count();
    $recipe = recipeNamed($garden, $but['recipe'] ?? 'Oil and soap for scale');
    $answer = planAsked($garden, $recipe->id, plantingOf($garden, $but['plant'] ?? 'lettuce')->id, array_diff_key($but, ['recipe' => 1, 'plant' => 1]))->assertStatus(422);
    expect($answer->json("errors.$field.0"))->toContain($says)->and($garden->rounds()->count())->toBe($rounds);
    $suggested = $this->postJson(at($garden, 'rounds/suggest'), ['recipe_id' => $recipe->id, 'planting_ids' => [plantingOf($garden, $but['plant'] ?? 'lettuce')->id], 'target' => $but['target'] ?? 'aphid', 'starts_on' => '2026-05-05'])->assertStatus(422);
    expect($suggested->json("errors.$field.0"))->toBe($answer->json("errors.$field.0"));
})->with([
    'oil that burns lettuce' => [[], 'recipe_id', 'will burn lettuce'],
    'no spray against a virus' => [['recipe' => 'Evening soap', 'plant' => 'broad-bean', 'target' => 'virus'], 'target', 'No spray helps against virus'],
    'no spray against drought' => [['recipe' => 'Evening soap', 'plant' => 'broad-bean', 'target' => 'drought'], 'target', 'look every week'],
]);

it('names the remedy that takes turns, where that is the one', function (): void {
    $garden = demo();
    $answer = planAsked($garden, recipeNamed($garden, 'Evening soap')->id, plantingOf($garden, 'lettuce')->id, ['other_recipe_id' => recipeNamed($garden, 'Oil and soap for scale')->id])->assertStatus(422);
    expect($answer->json('errors'))->toHaveKey('other_recipe_id')->not->toHaveKey('recipe_id');
});

it('plans against a lack what feeds it, and against what no remedy is known for', function (string $target): void {
    $garden = demo();
    planAsked($garden, recipeNamed($garden, 'Evening soap')->id, plantingOf($garden, 'broad-bean')->id, ['target' => $target])->assertCreated();
})->with(['magnesium-lack', 'lily-beetle', 'late-blight']);

it('says on Today what to do instead of a round that has become a stop, and still takes it into the log', function (): void {
    $garden = demo();
    $planting = plantingOf($garden, 'broad-bean');
    planAsked($garden, recipeNamed($garden, 'Oil and soap for scale')->id, $planting->id, ['starts_on' => '2026-05-04'])->assertCreated();
    $mine = fn (): array => array_values(array_filter($this->getJson(at($garden, 'today'))->assertOk()->json('due'), static fn (array $due): bool => $due['planting_id'] === $planting->id && $due['recipe'] === 'Oil and soap for scale'))[0];
    expect($mine()['instead'])->toBeNull();
    // Seedlings of a tender plant stand there now.
    $planting->update(['plant' => 'lettuce', 'stage' => 'seedling']);
    $due = $mine();
    expect($due['severity'])->toBe('stop')->and($due['instead'])->toBeString()->not->toBe('');
    $this->postJson(at($garden, "rounds/{$due['round']['id']}/log"), ['volume' => '1 L', 'version' => $due['round']['version']])->assertSuccessful();
});

it('plans for next week on a plant that is thirsty today, and does not mix for it today', function (): void {
    $garden = demo();
    $planting = plantingOf($garden, 'broad-bean');
    $planting->update(['states' => ['drought']]);
    $recipe = recipeNamed($garden, 'Evening soap');
    expect($this->postJson(at($garden, 'bench/steps'), ['recipe' => $recipe->body, 'planting_id' => $planting->id])->assertOk()->json('stops.0.what'))->toContain('thirsty');
    planAsked($garden, $recipe->id, $planting->id, ['starts_on' => '2026-05-12'])->assertCreated();
});

it('finds the plant that a course would burn behind one that is thirsty', function (): void {
    $garden = demo();
    $thirsty = plantingOf($garden, 'broad-bean');
    $thirsty->update(['states' => ['drought']]);
    $tender = plantingOf($garden, 'lettuce');
    $tender->update(['stage' => 'seedling']);
    planAsked($garden, recipeNamed($garden, 'Oil and soap for scale')->id, $thirsty->id, ['planting_ids' => [$thirsty->id, $tender->id]])
        ->assertStatus(422)->assertJsonPath('errors.recipe_id.0', fn (string $said): bool => str_contains($said, 'will burn lettuce'));
});

it('rinses a sprayer that held vinegar before bleach goes in, and then mixes', function (): void {
    $garden = demo();
    $sprayer = $garden->sprayers()->firstOrFail();
    $body = static fn (string $use, string $thing, string $amount): array => ['format' => 'nebbia.recipe/1', 'name' => "For $use", 'use' => $use, 'units' => 'metric', 'base' => ['amount' => '1 L', 'basis' => 'final'], 'ingredients' => [['ingredient' => $thing, 'amount' => $amount, 'strength' => '5 %']]];
    $weeds = $this->postJson(at($garden, 'recipes'), ['body' => $body('weed', 'white-vinegar', '900 mL')])->assertCreated()->json('recipe.id');
    $round = $this->postJson(at($garden, 'courses'), ['recipe_id' => $weeds, 'sprayer_id' => $sprayer->id, 'planting_ids' => [], 'every_days' => 7, 'times' => 1, 'starts_on' => '2026-05-04'])->assertCreated()->json('course.rounds.0');
    $this->postJson(at($garden, "rounds/{$round['id']}/log"), ['version' => $round['version']])->assertSuccessful();
    $pots = ['recipe' => $body('disinfect', 'bleach', '50 mL'), 'sprayer_id' => $sprayer->id];
    $this->postJson(at($garden, 'bench'), $pots)->assertOk()->assertJsonPath('severity', 'stop')->assertJsonPath('refused', null);
    $mixing = $this->postJson(at($garden, 'bench/steps'), $pots)->assertOk()->json();
    expect($mixing['stops'])->toBe([])->and($mixing['steps'][0]['kind'])->toBe('stop')->and(json_encode($mixing['steps'][0]))->toContain('Rinse');
});

it('says once what rounds set by hand do not go together with, and plans them for whoever wants them all the same', function (): void {
    $garden = demo();
    $recipe = recipeNamed($garden, 'Evening soap')->id;
    $bean = plantingOf($garden, 'broad-bean')->id;
    $rounds = $garden->rounds()->count();
    $often = ['every_days' => 2, 'times' => 12];
    $said = planAsked($garden, $recipe, $bean, $often)->assertStatus(422)->json('errors.all_the_same.0');
    expect($said)->toContain('too often for leaves')->toContain('12 rounds of soap or oil in a row')->and($garden->rounds()->count())->toBe($rounds);
    planAsked($garden, $recipe, $bean, $often + ['all_the_same' => true])->assertCreated();
    expect($garden->rounds()->count())->toBe($rounds + 12);
});

it('plans no rounds to keep away what soap cannot keep away', function (): void {
    $garden = demo();
    $recipe = recipeNamed($garden, 'Evening soap')->id;
    $bean = plantingOf($garden, 'broad-bean')->id;
    $said = planAsked($garden, $recipe, $bean, ['purpose' => 'prevention', 'target' => 'spider-mite'])->assertStatus(422)->json('errors.purpose.0');
    expect($said)->toContain('leaves nothing behind')->toContain('every two to four weeks');
    $this->postJson(at($garden, 'rounds/suggest'), ['recipe_id' => $recipe, 'planting_ids' => [$bean], 'target' => 'spider-mite', 'purpose' => 'prevention', 'starts_on' => '2026-05-05'])->assertStatus(422)->assertJsonPath('errors.purpose.0', $said);
    planAsked($garden, $recipe, $bean, ['target' => 'spider-mite'])->assertCreated();
});

it('has no plant due twice on a day, by suggestion or by hand', function (): void {
    $garden = demo();
    $bean = plantingOf($garden, 'broad-bean')->id;
    $soap = recipeNamed($garden, 'Evening soap')->id;
    planAsked($garden, $soap, $bean, ['times' => 3, 'all_the_same' => true])->assertCreated();
    $due = $garden->rounds()->whereHas('course.plantings', fn ($query) => $query->whereKey($bean))->pluck('due_on')->map(fn ($day) => $day->toDateString())->all();
    expect($due)->toContain('2026-05-05', '2026-05-12', '2026-05-19');
    // By hand it is said; whoever wants it all the same gets it.
    $garlic = recipeNamed($garden, 'Garlic and pepper')->id;
    expect(planAsked($garden, $garlic, $bean, ['starts_on' => '2026-05-12'])->assertStatus(422)->json('errors.all_the_same.0'))->toContain('Evening soap is due on the same plants on 12 May');
    // What is suggested goes round it.
    foreach ($garden->recipes()->where('use', 'foliar')->get() as $recipe) {
        $rounds = $this->postJson(at($garden, 'rounds/suggest'), ['recipe_id' => $recipe->id, 'planting_ids' => [$bean], 'target' => 'aphid', 'starts_on' => '2026-05-05'])->json('rounds') ?? [];
        expect(array_intersect(array_column($rounds, 'day'), $due))->toBe([], $recipe->name);
    }
});

it('puts on the bottle what is a stop on the bench', function (): void {
    $garden = demo();
    $body = static fn (string $thing, string $amount): array => ['format' => 'nebbia.recipe/1', 'name' => 'Bad idea', 'use' => 'foliar', 'units' => 'metric', 'base' => ['amount' => '1 L', 'basis' => 'added'], 'ingredients' => [['ingredient' => $thing, 'amount' => $amount]]];
    foreach (['tobacco-leaf' => '20 g', 'petrol' => '50 mL', 'methylated-spirit' => '100 mL', 'hydrated-lime' => '20 g', 'borax' => '10 g'] as $thing => $amount) {
        $stops = array_column(array_filter($this->postJson(at($garden, 'bench'), ['recipe' => $body($thing, $amount)])->assertOk()->json('findings'), static fn (array $one): bool => $one['severity'] === 'stop'), 'what');
        $label = $this->postJson(at($garden, 'bench/label'), ['recipe' => $body($thing, $amount)])->assertOk()->json('cautions');
        expect($stops)->not->toBe([], $thing)->and(array_slice($label, 0, count(array_unique($stops))))->toBe(array_values(array_unique($stops)), $thing);
    }
});

it('says of a spray that is too weak that it is, where rounds of it are suggested, planned by hand and due', function (): void {
    $garden = demo();
    $bean = plantingOf($garden, 'broad-bean')->id;
    $soap = static fn (string $amount): array => ['format' => 'nebbia.recipe/1', 'name' => "Soap, $amount", 'use' => 'foliar', 'units' => 'metric', 'base' => ['amount' => '1 L', 'basis' => 'added', 'liquid' => 'water'], 'ingredients' => [['ingredient' => 'liquid-castile-soap', 'amount' => $amount, 'strength' => '33 %']]];
    // 5 mL of 33 % in a litre are 0.16 %; soap works from 0.5 %.
    $weak = $this->postJson(at($garden, 'recipes'), ['body' => $soap('5 mL')])->assertCreated()->json('recipe.id');
    $asked = ['recipe_id' => $weak, 'planting_ids' => [$bean], 'target' => 'aphid', 'starts_on' => '2026-05-04'];
    $this->postJson(at($garden, 'rounds/suggest'), $asked)->assertOk()->assertJsonPath('useless.0', fn (string $said): bool => str_contains($said, '0.16 % is too weak') && str_contains($said, 'towards 0.5 %'));
    expect(planAsked($garden, $weak, $bean, ['starts_on' => '2026-05-04'])->assertStatus(422)->json('errors.all_the_same.0'))->toContain('0.16 % is too weak');
    planAsked($garden, $weak, $bean, ['starts_on' => '2026-05-04', 'all_the_same' => true])->assertCreated();
    $due = collect($this->getJson(at($garden, 'today'))->assertOk()->json('due'));
    expect(json_encode($due->firstWhere('recipe', 'Soap, 5 mL')))->toContain('is too weak to do much')->not->toContain('Fine for');
    // What works has nothing said of it.
    $strong = $this->postJson(at($garden, 'recipes'), ['body' => $soap('30 mL')])->assertCreated()->json('recipe.id');
    $this->postJson(at($garden, 'rounds/suggest'), ['recipe_id' => $strong] + $asked)->assertOk()->assertJsonPath('useless', []);
});

it('says of a spray that is aimed at what it is known for nothing against that it is, and of what helps nothing', function (string $recipe, string $target, ?string $says): void {
    $garden = demo();
    $bean = plantingOf($garden, 'broad-bean')->id;
    $useless = $this->postJson(at($garden, 'rounds/suggest'), ['recipe_id' => recipeNamed($garden, $recipe)->id, 'planting_ids' => [$bean], 'target' => $target, 'starts_on' => '2026-05-04'])->assertOk()->json('useless');
    expect($useless === [] ? null : $useless[0])->{$says === null ? 'toBeNull' : 'toContain'}(...($says === null ? [] : [$says]));
})->with([
    'bicarbonate on aphids' => ['Potassium bicarbonate', 'aphid', 'aphid'],
    'milk on spider mites' => ['Milk for the zucchini', 'spider-mite', 'spider mite'],
    'soap on aphids' => ['Evening soap', 'aphid', null],
    'bicarbonate on mildew' => ['Potassium bicarbonate', 'powdery-mildew', null],
    'garlic that is weakly shown' => ['Garlic and pepper', 'aphid', null],
]);
