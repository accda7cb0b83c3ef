<?php

declare(strict_types=1);

use App\Models\Garden;
use App\Models\Preparation;
use Carbon\CarbonImmutable;
use Illuminate\Testing\TestResponse;

function shelved(Garden $garden, string $kind): Preparation
{
    return $garden->preparations()->where('kind', $kind)->firstOrFail();
}

/** @param  array<string, mixed>  $more */
function garlicBody(array $more = []): array
{
    return $more + ['kind' => 'garlic-extract', 'units' => 'metric', 'base' => ['amount' => '1 L'], 'ingredients' => [['ingredient' => 'garlic', 'amount' => '200 g']]];
}

/** @param  array<string, mixed>  $what */
function tend(Garden $garden, Preparation $jar, array $what): TestResponse
{
    return test()->patchJson(at($garden, "preparations/$jar->id"), ['version' => $jar->refresh()->version] + $what);
}

beforeEach(fn () => $this->travelTo(CarbonImmutable::parse('2026-05-04 08:00:00', 'UTC')));

it('shows what stands on the shelf, and what is to be started', function (): void {
    $shelf = $this->getJson(at(demo(), 'preparations'))->assertOk()->json();
    expect(array_column($shelf['preparations'], 'state', 'kind'))->toEqual(['ash-water' => 'gone-off', 'nettle-ferment' => 'steeping', 'potash-soap' => 'untested', 'garlic-pepper-extract' => 'use-soon'])
        ->and(count($shelf['kinds']))->toBeGreaterThanOrEqual(19);
    // 1700 mL at one to four, beside 4 mL of soap in each litre: (1700 - 6.8) / 5; in a litre of the jar 100 g of garlic, and the cloth gives back 60 % at the least.
    [$first, $second] = $shelf['to_make'];
    expect($first['wanted'])->toBe('340 mL')->and($first['raw'])->toBe(['565 mL of water', '56 g of garlic', '28 g of hot pepper'])
        // A round on the 7th at six in the evening, Rome, takes a day of steeping.
        ->and($first['start_at'])->toBe('2026-05-06T16:00:00Z')->and($second['start_at'])->toBe('2026-05-12T16:00:00Z')->and($first['because'])->toContain('2 smaller makings');
});

it('works a making out while it is written', function (): void {
    $garden = demo();
    $usual = $this->postJson(at($garden, 'makings'), ['kind' => 'garlic-extract', 'want' => '750 mL'])->assertOk()->json();
    // The cloth gives back 75 % at the least, so a litre is steeped.
    expect($usual['liquid'])->toBe('1 L of water')->and($usual['raw'][0])->toMatchArray(['precise' => '100 g', 'stands' => 'usual', 'usual' => '100 g (50 g to 300 g)'])
        ->and($usual['yield'])->toBe('850 mL (750 mL to 950 mL)')->and($usual['makeup'])->toBe(['100 g of garlic per litre'])->and($usual['ready_at'])->toBe('2026-05-04T20:00:00Z');
    $strong = $this->postJson(at($garden, 'makings'), ['kind' => 'garlic-extract', 'body' => garlicBody(['ingredients' => [['ingredient' => 'garlic', 'amount' => '400 g']]])])->assertOk()->json();
    expect($strong['raw'][0]['stands'])->toBe('above');
    $fine = $this->postJson(at($garden, 'makings'), ['kind' => 'garlic-extract', 'sprayer_id' => sprayerOf($garden, 750.0)->id])->json();
    expect(json_encode($fine['steps']))->toContain('the 0.4 mm of Hand bottle, 750 mL');
});

it('names the field of a making that cannot be', function (array $body, string $field): void {
    $this->postJson(at(demo(), 'makings'), $body)->assertUnprocessable()->assertJsonValidationErrors([$field]);
})->with([
    [['kind' => 'garlic-extract', 'want' => 'plenty'], 'want'],
    [['kind' => 'moonshine'], 'kind'],
    [[], 'kind'],
    [['kind' => 'garlic-extract', 'body' => garlicBody(['ingredients' => [['ingredient' => 'garlic', 'amount' => '2 blorps']]])], 'body.ingredients.0.amount'],
    [['kind' => 'garlic-extract', 'body' => garlicBody(['base' => ['amount' => '1 kg']])], 'body.base.amount'],
]);

it('makes an extract from the first step to the last drop', function (): void {
    $garden = demo();
    $story = $this->postJson(at($garden, 'preparations'), ['body' => garlicBody(), 'name' => 'Garlic of May'])->assertCreated()->json('story');
    $jar = $garden->preparations()->findOrFail($story['preparation']['id']);
    expect($story['preparation'])->toMatchArray(['state' => 'steeping', 'time_left' => 'ready in 12 hours', 'name' => 'Garlic of May'])->and($story['expected'])->toBe('850 mL');
    $wait = collect($story['steps'])->firstWhere('kind', 'wait')['n'];
    $this->travel(2)->hours();
    // The clock of the steeping says when it began.
    $story = tend($garden, $jar, ['timer' => $wait, 'done' => [0 => true]])->assertOk()->json('story');
    expect($story['steps'][$wait]['timer_ends_at'])->toBe('2026-05-04T22:00:00Z')->and($story['steps'][0]['done_at'])->toBe('2026-05-04T10:00:00Z')->and($story['preparation']['strain_at'])->toBe('2026-05-04T22:00:00Z');
    $this->travel(13)->hours();
    expect($this->getJson(at($garden, "preparations/$jar->id"))->json('preparation.state'))->toBe('to-strain');
    tend($garden, $jar, ['finished' => true, 'strained' => '1.4 L'])->assertUnprocessable()->assertJsonValidationErrors(['strained' => 'More than']);
    tend($garden, $jar, ['finished' => true, 'kept' => 'frozen', 'strained' => '800 mL', 'topped_up' => '1 L'])->assertOk();
    $made = $this->getJson(at($garden, "preparations/$jar->id"))->json('preparation');
    // 200 g/L, thinned from 800 to 1000 mL.
    expect($made)->toMatchArray(['state' => 'ready', 'left' => '1 L', 'fill' => 1, 'place' => 'frozen', 'makeup' => ['160 g of garlic per litre'], 'use_by' => '2026-08-02T23:00:00Z']);
    $story = tend($garden, $jar, ['kept' => 'fridge'])->assertOk()->json('story.preparation');
    expect($story['use_by'])->toBe('2026-05-06T23:00:00Z');
    tend($garden, $jar, ['left' => '300 mL'])->assertOk()->assertJsonPath('story.preparation.fill', 0.3);
    tend($garden, $jar, ['left' => 'a sip'])->assertUnprocessable()->assertJsonValidationErrors(['left']);
    tend($garden, $jar, ['left' => '0'])->assertOk()->assertJsonPath('story.preparation.state', 'empty');
});

it('refuses a stale hand, and takes back what was done', function (): void {
    $garden = demo();
    $jar = shelved($garden, 'nettle-ferment');
    $change = tend($garden, $jar, ['stirred' => true])->assertOk()->json('change.id');
    expect($jar->refresh()->stirred_at?->toIso8601ZuluString())->toBe('2026-05-04T08:00:00Z');
    $this->patchJson(at($garden, "preparations/$jar->id"), ['version' => $jar->version - 1, 'left' => '1 L'])->assertStatus(409);
    $this->postJson(at($garden, "changes/$change/undo"))->assertOk();
    expect($jar->refresh()->stirred_at?->toIso8601ZuluString())->toBe('2026-05-03T02:00:00Z');
    $change = $this->deleteJson(at($garden, "preparations/$jar->id"))->assertOk()->json('id');
    $this->getJson(at($garden, "preparations/$jar->id"))->assertNotFound();
    $this->postJson(at($garden, "changes/$change/undo"))->assertOk();
    $this->getJson(at($garden, "preparations/$jar->id"))->assertOk();
});

it('names the field that was measured wrongly', function (string $kind, array $what, string $field): void {
    $garden = demo();
    $jar = shelved($garden, $kind);
    $before = $jar->toArray();
    tend($garden, $jar, $what)->assertUnprocessable()->assertJsonValidationErrors([$field]);
    expect($jar->refresh()->toArray())->toBe($before);
})->with([
    ['ash-water', ['ph' => 15], 'ph'], ['ash-water', ['kept' => 'cellar'], 'kept'], ['ash-water', ['kept' => 'fridge'], 'kept'],
    ['potash-soap', ['test' => ['clear' => true]], 'test.ph'], ['potash-soap', ['test' => ['ph' => 9]], 'test.clear'],
    ['nettle-ferment', ['finished' => true, 'strained' => 'half'], 'strained'], ['nettle-ferment', ['finished' => true, 'strained' => '5 L', 'topped_up' => '2 L'], 'topped_up'],
    ['nettle-ferment', ['name' => ''], 'name'],
]);

it('takes a pH down as it was typed, and away again where it was none', function (): void {
    $garden = demo();
    $jar = shelved($garden, 'ash-water');
    tend($garden, $jar, ['ph' => '11,5'])->assertOk()->assertJsonPath('story.preparation.ph', 11.5);
    tend($garden, $jar, ['kept' => 'warm'])->assertOk()->assertJsonPath('story.preparation.ph', 11.5);
    tend($garden, $jar, ['ph' => null])->assertOk()->assertJsonPath('story.preparation.ph', null);
});

it('balances a soap, and begins none that would burn', function (): void {
    $garden = demo();
    $plan = ['oils' => ['sunflower' => '600 g', 'olive' => '400 g'], 'alkali' => 'KOH', 'purity' => '88', 'superfat' => '4'];
    $soap = $this->postJson(at($garden, 'soap'), ['soap' => $plan])->assertOk()->json();
    // 190 g for all of it, 182.4 g at 4 %, 207.27 g as bought.
    expect($soap['product_g'])->toEqualWithDelta(207.27, 0.005)->and($soap['verdict'])->not->toBe('refused')->and($soap['limit_g'])->toEqualWithDelta(190 / 0.88, 0.01)
        ->and(array_unique(array_column($soap['steps'], 'day')))->toHaveCount(3);
    $strong = ['alkali_mass' => '260 g'] + $plan;
    $this->postJson(at($garden, 'soap'), ['soap' => $strong])->assertOk()->assertJsonPath('verdict', 'refused')->assertJsonPath('severity', 'stop');
    $this->postJson(at($garden, 'preparations'), ['body' => ['kind' => 'potash-soap', 'soap' => $strong]])->assertUnprocessable()->assertJsonValidationErrors(['body.soap' => 'free alkali']);
    expect($garden->preparations()->count())->toBe(4);
    $this->postJson(at($garden, 'preparations'), ['body' => ['kind' => 'potash-soap', 'soap' => $plan]])->assertCreated()->assertJsonPath('story.preparation.is_soap', true);
    $this->postJson(at($garden, 'soap'), ['soap' => ['oils' => ['whale' => '1 kg']]])->assertUnprocessable();
    $this->postJson(at($garden, 'soap'), ['soap' => ['oils' => []]])->assertUnprocessable()->assertJsonValidationErrors(['soap.oils']);
});

it('calls a soap ready after its test, and takes that back where the test is done again', function (): void {
    $garden = demo();
    $jar = shelved($garden, 'potash-soap');
    foreach ([[true, 11.0, 'refused'], [false, 9.4, 'refused'], [true, 10.5, 'ready'], [true, 10.6, 'refused']] as [$clear, $ph, $state]) {
        tend($garden, $jar, ['test' => ['clear' => $clear, 'ph' => $ph]])->assertOk()->assertJsonPath('story.preparation.state', $state);
    }
});

it('says on the day what is to be done with jars', function (): void {
    $garden = demo();
    $tasks = fn (): array => array_column($this->getJson(at($garden, 'today'))->json('tasks'), 'what', 'kind');
    expect($tasks())->toEqual([
        'throw' => 'Throw away: Ash water from the bread oven', 'stir' => 'Stir: Nettle bucket behind the wall', 'test' => 'Test: Sunflower soap', 'use' => 'Use up: Garlic and pepper of the other day',
        'start' => 'Start: Garlic and pepper extract',
    ]);
    tend($garden, shelved($garden, 'nettle-ferment'), ['stirred' => true])->assertOk();
    tend($garden, shelved($garden, 'potash-soap'), ['test' => ['clear' => true, 'ph' => 9.5]])->assertOk();
    expect($tasks())->not->toHaveKeys(['stir', 'test']);
    // Twelve days after it was begun, it is to be strained.
    $this->travel(6)->days();
    expect($tasks())->toMatchArray(['strain' => 'Strain: Nettle bucket behind the wall']);
});

it('opens a jar on the bench to what is in it, and says where it is past its time', function (): void {
    $garden = demo();
    $jar = shelved($garden, 'garlic-pepper-extract');
    $body = ['format' => 'nebbia.recipe/1', 'name' => 'x', 'use' => 'foliar', 'units' => 'metric', 'base' => ['amount' => '1 L', 'basis' => 'final', 'liquid' => 'water'], 'ingredients' => [['ingredient' => 'garlic-pepper-extract', 'amount' => '1:25', 'preparation' => $jar->id]]];
    $bench = $this->postJson(at($garden, 'bench'), ['recipe' => $body])->assertOk()->json();
    $strengths = array_column($bench['strengths'], 'strength', 'substance');
    // 75 g and 38 g in 750 mL, thinned to one part in 26: g per 100 mL.
    expect($strengths['garlic']['likely'])->toEqualWithDelta(10 / 26, 0.0005)->and($strengths['capsicum']['likely'])->toEqualWithDelta(3.8 / 75 * 100 / 26, 0.0005)
        ->and($bench['lines'][0]['makeup'])->toBe(['100 g of garlic per litre', '51 g of hot pepper per litre'])->and($bench['lines'][0]['made_as'])->toBe('garlic-pepper-extract')
        ->and(array_column($bench['lines'][0]['jars'], 'is_fit'))->toBe([true])->and(array_column($bench['findings'], 'rule'))->toContain('preparation');
    $this->travel(3)->days();
    $late = $this->postJson(at($garden, 'bench'), ['recipe' => $body])->assertOk()->json('findings');
    expect(array_column($late, 'severity', 'what'))->toMatchArray(['Garlic and pepper of the other day is past its time.' => 'caution']);
    $body['ingredients'][0]['preparation'] = 'nothing';
    $this->postJson(at($garden, 'bench'), ['recipe' => $body])->assertUnprocessable()->assertJsonValidationErrors(['recipe.ingredients.0.preparation']);
});

it('takes a round from the jar that stands ready, and gives it back', function (): void {
    $garden = demo();
    $jar = shelved($garden, 'garlic-pepper-extract');
    $course = $garden->courses()->whereHas('recipe', static fn ($recipe) => $recipe->where('name', 'Garlic and pepper from the jar'))->firstOrFail();
    $round = $course->rounds()->where('status', 'planned')->firstOrFail();
    $logged = $this->postJson(at($garden, "rounds/$round->id/log"), ['version' => 1, 'volume' => '500 mL'])->assertOk();
    // (500 - 2) / 5 mL of it
    expect($jar->refresh()->left_ml)->toEqualWithDelta(210 - 99.6, 0.01)
        ->and($garden->applications()->latest('applied_at')->firstOrFail()->snapshot['recipe']['ingredients'][0]['preparation'])->toBe($jar->id);
    $this->postJson(at($garden, 'changes/'.$logged->json('change.id').'/undo'))->assertOk();
    expect($jar->refresh()->left_ml)->toEqualWithDelta(210.0, 1e-6);
});

it('asks for no more once a making is under way, and says what rounds take of it', function (): void {
    $garden = demo();
    // On the 5th at six in the evening, Rome; ready a day later, and the round is on the 7th.
    $this->travelTo(CarbonImmutable::parse('2026-05-05 16:00:00', 'UTC'));
    $body = $this->postJson(at($garden, 'makings'), ['kind' => 'garlic-pepper-extract', 'want' => '340 mL'])->json('body');
    $this->postJson(at($garden, 'preparations'), ['body' => $body, 'name' => 'For the cabbages'])->assertCreated();
    $shelf = $this->getJson(at($garden, 'preparations'))->json();
    expect($shelf['to_make'])->toHaveCount(1)->and($shelf['to_make'][0]['start_at'])->toBe('2026-05-12T16:00:00Z')
        ->and($shelf['from_shelf'])->toBe(['340 mL of For the cabbages for Garlic and pepper from the jar on 7 May']);
});

it('buys what makings take, and nothing that is made', function (): void {
    $wants = array_column($this->getJson(at(demo(), 'shopping'))->json('wants'), 'needed', 'ingredient');
    // Twice 56.4 g and 28.2 g.
    expect($wants)->toMatchArray(['garlic' => '113 g', 'hot-pepper' => '56 g'])->not->toHaveKey('garlic-pepper-extract');
});

it('works out other uses for the volume that is wanted', function (): void {
    $uses = $this->getJson(at(demo(), 'other-uses?volume=2%20L'))->assertOk()->json();
    $by = array_column($uses['disinfect'], null, 'name');
    // 3 % from 12 %; 70 % by volume from 91 %.
    expect($by['Strong peroxide'])->toMatchArray(['take' => '500 mL', 'water' => '1.5 L', 'is_at_hand' => true])->and($by['Rubbing alcohol']['take'])->toBe('1.54 L')
        ->and($by['Bleach'])->toMatchArray(['take' => '200 mL', 'is_at_hand' => false])->and($uses['soil_signs'])->toHaveCount(4);
    $this->getJson(at(demo(), 'other-uses?volume=much'))->assertUnprocessable()->assertJsonValidationErrors(['volume']);
});

it('walks through no pot that holds what must not be, and says so of the jar as well', function (): void {
    $garden = demo();
    $body = static fn (string $thing): array => ['format' => 'nebbia.preparation/1', 'id' => 'new', 'kind' => 'herb-infusion', 'units' => 'metric', 'base' => ['amount' => '1 L'], 'ingredients' => [['ingredient' => $thing, 'amount' => '10 g']]];
    $work = fn (string $thing): array => $this->postJson(at($garden, 'makings'), ['kind' => 'herb-infusion', 'body' => $body($thing)])->assertOk()->json();
    $tobacco = $work('tobacco-leaf');
    expect($tobacco['findings'][0]['severity'])->toBe('stop')->and($tobacco['steps'])->toBe([])->and($work('dried-herb')['findings'])->toBe([])->and($work('dried-herb')['steps'])->not->toBe([]);
    // What was done all the same is written down, and stays what it is.
    $jar = $this->postJson(at($garden, 'preparations'), ['body' => $body('tobacco-leaf')])->assertCreated()->json('story');
    expect($jar['findings'][0]['what'])->toBe($tobacco['findings'][0]['what']);
});
