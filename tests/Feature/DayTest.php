<?php

declare(strict_types=1);

use App\Models\Application;
use App\Models\Batch;
use App\Models\Garden;
use App\Models\Round;
use App\Models\RoundStatus;
use Carbon\CarbonImmutable;
use Illuminate\Testing\TestResponse;

beforeEach(function (): void {
    // A Monday morning: the oil on the lemons and the soap on lettuce and radicchio are due.
    $this->travelTo(CarbonImmutable::parse('2026-05-04 08:20:00', 'UTC'));
});

/** The round that goes on lettuce and radicchio, which is overdue. */
function saladRound(Garden $garden): Round
{
    return $garden->rounds()->where('status', 'planned')->whereHas('course.plantings', static fn ($some) => $some->where('plant', 'radicchio'))->firstOrFail();
}

function logSalad(Garden $garden, array $but = []): TestResponse
{
    $round = saladRound($garden);

    return test()->postJson(at($garden, 'batches'), $but + ['rounds' => [['id' => $round->id, 'version' => $round->version]]]);
}

it('lists the day in order: mix, spray each with its share, clear away', function (): void {
    $garden = demo();
    $round = saladRound($garden);
    $batch = collect($this->getJson(at($garden, 'today'))->assertOk()->json('batches'))->firstWhere('id', $round->id);
    expect(array_column($batch['steps'], 'kind'))->toBe(['mix', 'spray', 'spray', 'leftover', 'clean'])->and($batch['volume'])->toBe('675 mL')
        ->and($batch['steps'][0]['what'])->toBe('Mix 675 mL')->and($batch['steps'][1]['what'])->toStartWith('Spray 12 × Head lettuces: ')->and($batch['steps'][2]['what'])->toStartWith('Spray 14 × Red radicchio: ')
        ->and($batch['steps'][3]['how'])->toContain('none into a drain')->and(array_column($batch['steps'], 'done'))->toBe([false, false, false, false, false])
        ->and(array_column($batch['rounds'], 'recipe'))->toBe(['Gentle soap']);
    // What is sprayed is what is made less the 30 mL that are expected to stay in a hand bottle.
    $ml = array_sum(array_map(static fn (array $step): int => (int) preg_replace('/^.*: (\d+) mL$/', '$1', $step['what']), array_slice($batch['steps'], 1, 2)));
    expect($ml)->toBeGreaterThan(600)->toBeLessThan(675);
});

it('ticks a step off on every device, for today only, and takes it back', function (): void {
    $garden = demo();
    $step = 'mix:'.saladRound($garden)->id;
    $isDone = fn (): bool => collect($this->getJson(at($garden, 'today'))->json('batches.*.steps.*'))->firstWhere('id', $step)['done'];
    $madeAt = fn (): array => collect($this->getJson(at($garden, 'today'))->json('batches'))->where('id', saladRound($garden)->id)->map(static fn (array $one): array => [$one['made_at'], $one['use_by']])->first();
    expect($madeAt())->toBe([null, null]);
    $change = $this->postJson(at($garden, 'ticks'), ['step' => $step, 'done' => true])->assertOk()->json('id');
    $this->postJson(at($garden, 'ticks'), ['step' => $step, 'done' => true])->assertOk();
    // Soap keeps three weeks.
    expect($isDone())->toBeTrue()->and($garden->ticks()->count())->toBe(1)->and($madeAt())->toBe(['2026-05-04T08:20:00Z', '2026-05-25T08:20:00Z']);
    $this->postJson(at($garden, "changes/$change/undo"))->assertOk();
    expect($isDone())->toBeFalse();
    $this->postJson(at($garden, 'ticks'), ['step' => $step, 'done' => true])->assertOk();
    $this->postJson(at($garden, 'ticks'), ['step' => $step, 'done' => false])->assertOk();
    expect($isDone())->toBeFalse();
    $this->postJson(at($garden, 'ticks'), ['step' => $step, 'done' => true])->assertOk();
    $this->travelTo(CarbonImmutable::parse('2026-05-05 08:20:00', 'UTC'));
    expect($isDone())->toBeFalse();
});

it('refuses a step that is none', function (mixed $step): void {
    $garden = demo();
    $this->postJson(at($garden, 'ticks'), ['step' => $step, 'done' => true])->assertUnprocessable()->assertJsonValidationErrors('step');
    expect($garden->ticks()->count())->toBe(0);
})->with([[null], [''], ['dance:x'], ['mix:'], [str_repeat('x', 200)], ["mix:x'; drop table ticks"]]);

it('logs a batch with its plants, weather, rinsing and what was left', function (): void {
    $garden = demo();
    $round = saladRound($garden);
    $this->postJson(at($garden, 'ticks'), ['step' => "mix:$round->id", 'done' => true])->assertOk();
    $this->travelTo(CarbonImmutable::parse('2026-05-04 09:20:00', 'UTC'));
    logSalad($garden, ['volume' => '600 mL', 'left' => '75 mL', 'rinsed' => true, 'by' => 'Bruno', 'note' => 'Windless.'])->assertOk();
    $batch = $garden->batches()->firstOrFail();
    $entry = Application::query()->where('round_id', $round->id)->firstOrFail();
    // Mixed when it was ticked off; soap keeps three weeks.
    expect($batch->volume_ml)->toBe(675.0)->and($batch->left_ml)->toBe(75.0)->and($batch->made_at->format('H:i'))->toBe('08:20')->and($batch->use_by?->format('Y-m-d H:i'))->toBe('2026-05-25 08:20')->and($batch->fills)->toBe(1)
        ->and($entry->batch_id)->toBe($batch->id)->and($entry->volume_ml)->toBe(600.0)->and($entry->rinsed)->toBeTrue()->and($entry->snapshot['weather'])->toHaveKeys(['temperature', 'wind', 'humidity', 'rain'])
        ->and($round->refresh()->status)->toBe(RoundStatus::Done);
    $shown = $this->getJson(at($garden, 'applications'))->json('entries.0');
    expect($shown['batch'])->toBe('675 mL made, 75 mL left over')->and($shown['weather'])->toContain('°C, wind')->and($shown['rinsed'])->toBeTrue();
    // It stays on the day's list until it is gone.
    $left = $this->getJson(at($garden, 'today'))->json('leftovers');
    expect($left)->toHaveCount(1)->and($left[0]['left'])->toBe('75 mL')->and($left[0]['is_over'])->toBeFalse();
    $change = $this->postJson(at($garden, "batches/$batch->id/gone"))->assertOk()->json('id');
    expect($this->getJson(at($garden, 'today'))->json('leftovers'))->toBe([]);
    $this->postJson(at($garden, "changes/$change/undo"))->assertOk();
    $this->travelTo(CarbonImmutable::parse('2026-05-26 09:20:00', 'UTC'));
    expect($this->getJson(at($garden, 'today'))->json('leftovers.0.is_over'))->toBeTrue();
});

it('takes what was mixed out of the bottle, not only what was sprayed', function (): void {
    $garden = demo();
    $soap = fn (): float => (float) $garden->products()->where('ingredient', 'liquid-castile-soap')->sum('left');
    $before = $soap();
    logSalad($garden, ['volume' => '500 mL', 'left' => '500 mL'])->assertOk();
    // 16 mL of 33 % soap in 1016 mL, so 15.75 in a litre.
    expect($before - $soap())->toEqualWithDelta(15.75, 0.02);
});

it('leaves a round planned for what was left out, and for as much as that takes', function (): void {
    $garden = demo();
    $round = saladRound($garden);
    [$lettuce, $radicchio] = [$garden->plantings()->where('name', 'Head lettuces')->firstOrFail(), plantingOf($garden, 'radicchio')];
    logSalad($garden, ['planting_ids' => [$lettuce->id], 'volume' => '300 mL'])->assertOk();
    $round->refresh();
    expect($round->status)->toBe(RoundStatus::Planned)->and($round->done_planting_ids)->toBe([$lettuce->id]);
    $due = collect($this->getJson(at($garden, 'today'))->json('due'))->firstWhere('round.id', $round->id);
    // 14 of 26 plants are left: 14/26 of 675 mL.
    expect($due['plantings'])->toBe('14 × Red radicchio')->and($due['volume'])->toBe('365 mL');
    $why = collect($this->getJson(at($garden, 'replans'))->json('*.moves.*'))->firstWhere('round_id', $round->id);
    expect($why['because'] ?? '')->toBe('Only part was done: Red radicchio still to be sprayed.');
    logSalad($garden)->assertOk();
    expect($round->refresh()->status)->toBe(RoundStatus::Done)->and($round->done_planting_ids)->toBe([])
        ->and(Application::query()->where('round_id', $round->id)->orderBy('id')->get()->map(static fn (Application $one): array => $one->planting_ids)->all())->toBe([[$lettuce->id], [$radicchio->id]]);
});

it('takes the share of the plants that were sprayed where nobody says how much', function (): void {
    $garden = demo();
    $round = saladRound($garden);
    logSalad($garden, ['planting_ids' => [plantingOf($garden, 'radicchio')->id]])->assertOk();
    // 14 of 26 plants: 675 x 14 / 26.
    expect($round->application()->firstOrFail()->volume_ml)->toEqualWithDelta(363.46, 0.01);
});

it('undoes a batch with everything in it', function (): void {
    $garden = demo();
    $round = saladRound($garden);
    $left = $garden->products()->sum('left');
    $change = logSalad($garden, ['left' => '50 mL', 'planting_ids' => [plantingOf($garden, 'radicchio')->id]])->assertOk()->json('id');
    $this->postJson(at($garden, "changes/$change/undo"))->assertOk();
    expect(Batch::query()->where('left_ml', '>', 0)->exists())->toBeFalse()->and($round->refresh()->done_planting_ids)->toBe([])->and($garden->products()->sum('left'))->toBe($left)
        ->and($round->application()->exists())->toBeFalse();
});

it('makes one batch for two rounds that take the same, and logs both from it', function (): void {
    $garden = demo();
    $first = saladRound($garden);
    $course = $this->postJson(at($garden, 'courses'), [
        'recipe_id' => $first->course->recipe_id, 'sprayer_id' => $first->course->sprayer_id, 'planting_ids' => [plantingOf($garden, 'fuchsia')->id], 'target' => 'aphid', 'volume' => '400 mL', 'every_days' => 5, 'times' => 1, 'starts_on' => '2026-05-04',
    ])->assertCreated()->json('course');
    $second = Round::query()->findOrFail($course['rounds'][0]['id']);
    $batch = collect($this->getJson(at($garden, 'today'))->json('batches'))->first(static fn (array $one): bool => count($one['rounds']) === 2);
    // 675 and 400 less the 15 mL that stay in the hand bottle either time: two fills.
    expect($batch['fills'])->toStartWith('in 2 fills of ')->and(array_column($batch['steps'], 'kind'))->toBe(['mix', 'spray', 'spray', 'spray', 'rinse', 'leftover', 'clean'])
        ->and(collect($batch['steps'])->firstWhere('kind', 'rinse')['what'])->toContain('plain water after 15 minutes');
    $seen = [['id' => $first->id, 'version' => 1], ['id' => $second->id, 'version' => 1]];
    $this->postJson(at($garden, 'batches'), ['rounds' => $seen, 'volume' => '1075 mL'])->assertOk();
    $volumes = Application::query()->whereIn('round_id', [$first->id, $second->id])->pluck('volume_ml', 'round_id');
    expect($volumes[$first->id])->toEqualWithDelta(675.0, 0.01)->and($volumes[$second->id])->toEqualWithDelta(400.0, 0.01)
        ->and(Application::query()->whereIn('round_id', [$first->id, $second->id])->distinct()->count('batch_id'))->toBe(1);
});

it('names what of a batch cannot be, and writes nothing', function (array $but, string $field): void {
    $garden = demo();
    $batches = $garden->batches()->count();
    $other = $garden->rounds()->where('status', 'planned')->whereKeyNot(saladRound($garden)->id)->firstOrFail();
    $round = saladRound($garden);
    if (($but['rounds'] ?? null) === 'of two kinds') {
        $but['rounds'] = [['id' => $round->id, 'version' => 1], ['id' => $other->id, 'version' => 1]];
    }
    logSalad($garden, $but)->assertUnprocessable()->assertJsonValidationErrors($field);
    expect($garden->batches()->count())->toBe($batches)->and($round->refresh()->status)->toBe(RoundStatus::Planned);
})->with([
    'no round' => [['rounds' => []], 'rounds'],
    'a round that is none' => [['rounds' => [['id' => 'nobody', 'version' => 1]]], 'rounds'],
    'different mixes' => [['rounds' => 'of two kinds'], 'rounds'],
    'nothing chosen' => [['planting_ids' => []], 'planting_ids'],
    'a volume that is none' => [['volume' => 'plenty'], 'volume'],
    'a rest that is none' => [['left' => 'some'], 'left'],
    'a time that is none' => [['applied_at' => 'yesterday'], 'applied_at'],
]);

it('refuses a stale hand at a batch', function (): void {
    $garden = demo();
    $round = saladRound($garden);
    $this->postJson(at($garden, 'batches'), ['rounds' => [['id' => $round->id, 'version' => 7]]])->assertConflict()->assertJsonPath('theirs.id', $round->id);
    expect($round->refresh()->status)->toBe(RoundStatus::Planned);
});

it('writes no made-up weather into the log of a real garden', function (): void {
    $garden = demo();
    $garden->update(['is_demo' => false]);
    logSalad($garden)->assertOk();
    expect(Application::query()->where('round_id', saladRoundDone($garden))->firstOrFail()->snapshot['weather'])->toBeNull()->and($this->getJson(at($garden, 'today'))->json('weather'))->toBeNull();
});

function saladRoundDone(Garden $garden): string
{
    return $garden->applications()->latest('created_at')->latest('id')->firstOrFail()->round_id ?? '';
}

it('says what each day would mean before a round is moved', function (): void {
    $garden = demo();
    $round = saladRound($garden);
    $days = $this->getJson(at($garden, "rounds/$round->id/days"))->assertOk()->json();
    expect($days)->toHaveCount(42)->and($days[0]['day'])->toBe('2026-05-04')->and(array_filter($days, static fn (array $one): bool => $one['is_best']))->not->toBeEmpty();
    foreach ($days as $day) {
        expect($day['hour'] === null)->toBe($day['word'] === 'no');
        if ($day['word'] === 'no') {
            expect($day['severity'])->toBe('stop');
        }
    }
    // Beyond the forecast only the usual time of day is known; far out it is too late for the course.
    expect($days[30]['word'])->toBe('unknown')->and(implode(' ', array_column($days[30]['consequences'], 'said')))->toContain('lets some through');
    $garden->update(['latitude' => null]);
    $this->getJson(at($garden, "rounds/$round->id/days"))->assertOk()->assertExactJson([]);
});

it('moves a round to the best of the next days in one tap, and back', function (): void {
    $garden = demo();
    $round = saladRound($garden);
    $before = $round->due_on->toDateString();
    $days = collect($this->getJson(at($garden, "rounds/$round->id/days"))->json())->where('day', '>', '2026-05-04')->whereNotNull('hour');
    $answer = $this->postJson(at($garden, "rounds/$round->id/later"), ['version' => $round->version, 'reason' => 'not today'])->assertOk()->json();
    $round->refresh();
    expect($round->due_on->toDateString())->toBeGreaterThan('2026-05-04')->toBeLessThan('2026-05-10')->and($days->pluck('day'))->toContain($round->due_on->toDateString())->and($round->due_hour)->not->toBeNull()
        ->and($answer['change']['label'])->toStartWith('Moved to ');
    $this->postJson(at($garden, "rounds/$round->id/later"), ['version' => 1])->assertConflict();
    $this->postJson(at($garden, "changes/{$answer['change']['id']}/undo"))->assertOk();
    expect($round->refresh()->due_on->toDateString())->toBe($before)->and($round->due_hour)->toBeNull();
});

it('shows windows, looks and steeps beside the rounds', function (): void {
    $garden = demo();
    $lanes = $this->getJson(at($garden, 'lanes'))->assertOk()->json();
    $round = saladRound($garden);
    $looks = collect($lanes['marks'])->where('course_id', $round->course_id)->where('kind', 'look')->pluck('day')->all();
    $days = $garden->rounds()->where('course_id', $round->course_id)->where('status', 'planned')->get()->map(static fn (Round $one): string => $one->due_on->addDays(2)->toDateString())->all();
    // Soap is looked at after 48 hours, and these rounds have no hour: six in the evening two days later.
    expect($looks)->toBe($days)->and(collect($lanes['windows'])->firstWhere('course_id', $round->course_id)['days'])->toHaveCount(10)
        ->and(collect($lanes['marks'])->where('kind', 'start')->pluck('what')->implode(' '))->toContain('Garlic');
    $garden->update(['is_demo' => false]);
    expect(collect($this->getJson(at($garden, 'lanes'))->json('windows'))->pluck('days')->flatten()->all())->toBe([]);
});

it('says how a course ends', function (): void {
    $garden = demo();
    $course = collect($this->getJson(at($garden, 'courses'))->json())->firstWhere('target', 'soft scale');
    // Counted two days ago, after the first round: 22 of 120 are left.
    expect($course['ending']['word'])->toBe('open')->and($course['ending']['said'])->toContain('two clean looks');
    $trouble = $garden->troubles()->where('target', 'soft-scale')->where('status', 'open')->firstOrFail();
    foreach (['2026-05-03', '2026-05-04'] as $n => $day) {
        $trouble->counts()->create(['garden_id' => $garden->id, 'measure' => 'per-leaf', 'counts' => [0], 'leaves_per_plant' => 10, 'enemies' => 'none', 'counted_at' => CarbonImmutable::parse($day)->addDays($n)]);
    }
    expect(collect($this->getJson(at($garden, 'courses'))->json())->firstWhere('target', 'soft scale')['ending']['word'])->toBe('over');
    // A new count changes what is to come: nothing is moved any more, and it is said why.
    $news = collect($this->getJson(at($garden, 'replans'))->json())->firstWhere('course_id', $course['id']);
    expect($news['news'])->toStartWith('Two clean looks')->and($news['moves'])->toBe([]);
});

it('says what to mind at the step where it matters', function (): void {
    $garden = demo();
    $steps = collect($this->getJson(at($garden, 'today'))->json('batches'))->firstWhere('recipe', 'Gentle soap')['steps'];
    expect($steps[1]['how'])->toContain('bees')->and($steps[2]['how'])->toBeNull();
    $this->travelTo(CarbonImmutable::parse('2026-05-07 08:20:00', 'UTC'));
    $hot = collect($this->getJson(at($garden, 'today'))->json('batches'))->firstWhere('recipe', 'Garlic and pepper from the jar')['steps'];
    // Hot pepper is in it: eyes, skin and lungs, before it is mixed.
    expect($hot[0]['how'])->toContain('mask');
});
