<?php

declare(strict_types=1);

use App\Models\Garden;
use App\Models\RoundStatus;
use Carbon\Carbon;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;

beforeEach(function (): void {
    CarbonImmutable::setTestNow('2026-05-14 05:30:00', 'UTC');
    Carbon::setTestNow('2026-05-14 05:30:00');
});

/** @return list<array<string, mixed>> */
function jobsOf(Garden $garden, ?string $kind = null): array
{
    $jobs = test()->getJson(at($garden, 'today'))->assertOk()->json('jobs');

    return array_values(array_filter($jobs, static fn (array $job): bool => $kind === null || $job['kind'] === $kind));
}

it('answers a look in a word: it is asked no more, stands in the story, and can be taken back', function (): void {
    $garden = demo();
    $asked = jobsOf($garden, 'look');
    $mildew = array_values(array_filter($asked, static fn (array $job): bool => str_contains($job['look']['name'], 'Zucchini')))[0]['look'];
    expect(array_column($mildew['words'], 'word'))->toBe(['gone', 'fewer', 'same', 'more', 'burnt'])->and($mildew['words'][3]['said'])->toBe('Spreading');
    $saved = $this->postJson(at($garden, 'glances'), ['word' => 'fewer', 'trouble_id' => $mildew['trouble_id'], 'count' => '12,5'])->assertCreated()->json();
    expect(count(jobsOf($garden, 'look')))->toBe(count($asked) - 1);
    $page = $this->getJson(at($garden, "troubles/{$mildew['trouble_id']}"))->json();
    expect($page['look']['trouble_id'])->toBe($mildew['trouble_id'])->and(array_column($page['look']['words'], 'said'))->toContain('Spreading')
        ->and(end($page['done']))->toMatchArray(['kind' => 'glance', 'what' => 'Less'])
        ->and(end($page['counts'])['mean']['likely'])->toBe(12.5);
    $this->postJson(at($garden, "changes/{$saved['change']['id']}/undo"))->assertOk();
    expect(count(jobsOf($garden, 'look')))->toBe(count($asked))
        ->and($this->getJson(at($garden, "troubles/{$mildew['trouble_id']}"))->json('counts'))->toHaveCount(count($page['counts']) - 1);
    $this->postJson(at($garden, 'glances'), ['word' => 'vanished', 'trouble_id' => $mildew['trouble_id']])->assertJsonValidationErrors('word');
    $this->postJson(at($garden, 'glances'), ['word' => 'gone'])->assertJsonValidationErrors('planting_id');
});

it('asks after what was sprayed on a path, on tools and on a ledge, each in its own words', function (): void {
    $garden = demo();
    $say = fn (string $use, string $ingredient): string => $this->postJson(at($garden, 'recipes'), ['body' => ['format' => 'nebbia.recipe/1', 'name' => "For $use", 'use' => $use, 'units' => 'metric', 'base' => ['amount' => '1 L', 'basis' => 'added', 'liquid' => 'water'], 'ingredients' => [['ingredient' => $ingredient, 'amount' => '200 mL']]]])->assertCreated()->json('recipe.id');
    foreach ([['weed', 'white-vinegar', 'the path', 'Dead'], ['disinfect', 'isopropyl-alcohol', 'the secateurs', 'As it was'], ['foliar', 'liquid-castile-soap', 'the window ledge', 'Well again']] as [$use, $ingredient, $on, $word]) {
        $this->postJson(at($garden, 'sprayed'), ['recipe_id' => $say($use, $ingredient), 'planting_ids' => [], 'on' => $on, 'applied_at' => '2026-05-11T09:00'])->assertCreated();
        $job = array_values(array_filter(jobsOf($garden, 'look'), static fn (array $job): bool => $job['look']['name'] === $on));
        expect($job)->toHaveCount(1)->and($job[0]['look']['words'][0]['said'])->toBe($word);
        $this->postJson(at($garden, 'glances'), ['word' => $job[0]['look']['words'][0]['word'], 'application_id' => $job[0]['look']['application_id']])->assertCreated();
        expect(array_filter(jobsOf($garden, 'look'), static fn (array $job): bool => $job['look']['name'] === $on))->toBe([]);
    }
});

it('keeps a photo with any note, and shows it in the story', function (): void {
    Storage::fake('photos');
    $garden = demo();
    $trouble = array_values(array_filter(jobsOf($garden, 'look'), static fn (array $job): bool => $job['look']['trouble_id'] !== null))[0]['look']['trouble_id'];
    $id = $this->postJson(at($garden, 'glances'), ['word' => 'same', 'trouble_id' => $trouble])->json('id');
    $headers = ['Accept' => 'application/json', 'Content-Type' => 'multipart/form-data'];
    $this->post(at($garden, 'photos'), ['of' => 'glance', 'of_id' => $id, 'photo' => UploadedFile::fake()->createWithContent('x.jpg', jpegOf(400))], $headers)->assertCreated();
    $photo = collect($this->getJson(at($garden, "troubles/$trouble"))->json('done'))->firstWhere('id', $id)['photos'][0];
    $this->get(at($garden, "photos/$photo"))->assertOk()->assertHeader('Content-Type', 'image/jpeg');
    $this->post(at($garden, 'photos'), ['of' => 'garden', 'of_id' => $id, 'photo' => UploadedFile::fake()->createWithContent('x.jpg', jpegOf(40))], $headers)->assertJsonValidationErrors('of');
    $this->post(at($garden, 'photos'), ['of' => 'count', 'of_id' => $id, 'photo' => UploadedFile::fake()->createWithContent('x.jpg', jpegOf(40))], $headers)->assertNotFound();
});

it('never has a plant due twice on a day, whatever was missed', function (): void {
    $garden = demo();
    mt_srand(20);
    for ($run = 0; $run < 25; $run++) {
        $today = CarbonImmutable::parse('2026-05-14');
        foreach ($garden->rounds()->where('status', RoundStatus::Planned)->get() as $round) {
            $round->update(['due_on' => $today->addDays(mt_rand(-9, 3))->toDateString(), 'due_hour' => mt_rand(0, 2) === 0 ? mt_rand(5, 21) : null]);
        }
        $shown = $this->getJson(at($garden, 'today'))->assertOk()->json();
        $on = [];
        foreach ($shown['batches'] as $batch) {
            $sprays = array_filter($batch['steps'], static fn (array $step): bool => $step['kind'] === 'spray');
            array_push($on, ...array_filter(array_column($sprays, 'planting_id')));
        }
        expect(array_unique($on))->toBe($on, "run $run");
        // What is due and not shown waits, and says for what; nothing is lost.
        $due = $garden->rounds()->where('status', RoundStatus::Planned)->where('due_on', '<=', '2026-05-14')->pluck('id')->all();
        $told = [...array_column(array_column($shown['due'], 'round'), 'id'), ...array_column(array_column(array_column($shown['waiting'], 'due'), 'round'), 'id')];
        sort($due);
        sort($told);
        expect($told)->toBe($due, "run $run");
    }
});

it('says when each spray can go out, and puts first what can be done for the shortest time', function (): void {
    $sprays = jobsOf(demo(), 'spray');
    expect($sprays)->not->toBe([]);
    foreach ($sprays as $job) {
        expect($job['state'])->toBeIn(['now', 'later', 'poor', 'wait', 'any'])->and($job['when'])->not->toBe('');
    }
    expect(array_column($sprays, 'when'))->toBe(['Now, until 08:00', 'Now, until 16:00']);
});

it('shows the hours of the next round where the one that was asked after has been done meanwhile', function (): void {
    $garden = demo();
    $round = $garden->rounds()->where('status', 'planned')->firstOrFail();
    $this->postJson(at($garden, 'batches'), ['rounds' => [['id' => $round->id, 'version' => $round->version]]])->assertOk();
    expect($this->getJson(at($garden, "ribbon?round=$round->id"))->assertOk()->json('round_id'))->not->toBe($round->id);
    $this->getJson(at($garden, 'ribbon?round=nobody'))->assertNotFound();
});

it('reads how often in words, and refuses what it cannot read at its field', function (): void {
    $garden = demo();
    $ask = fn (array $body) => $this->postJson(at($garden, 'often'), $body + ['starts_on' => '2026-05-14']);
    expect($ask(['often' => 'every Monday and Thursday', 'until' => '4 times'])->json('days'))->toBe(['2026-05-14', '2026-05-18', '2026-05-21', '2026-05-25'])
        ->and($ask(['often' => 'twice a week', 'until' => 'until it is gone', 'usual' => 2])->json())->toMatchArray(['until' => 'gone', 'times' => 2, 'every_days' => 3.5]);
    // By the lake frost usually comes in late autumn.
    $frost = $ask(['often' => 'every 2 weeks until the first frost'])->json();
    expect($frost['until'])->toBe('frost')->and(end($frost['days']) > '2026-10-01' && end($frost['days']) < '2026-12-31')->toBeTrue(end($frost['days']));
    $ask(['often' => 'now and then'])->assertJsonValidationErrors('often');
    $ask(['often' => 'weekly', 'until' => 'until the cows come home'])->assertJsonValidationErrors('until');
});

it('goes on until it is gone: a round more while there is some, and its end offered once two looks find nothing', function (): void {
    $garden = demo();
    $plant = plantingOf($garden, 'potato');
    $trouble = $this->postJson(at($garden, 'scoutings'), ['planting_id' => $plant->id, 'present' => [], 'absent' => [], 'weather' => [], 'note' => 'lice', 'as' => 'trouble', 'target' => 'aphid'])->assertCreated()->json('trouble_id');
    $course = $this->postJson(at($garden, 'courses'), ['recipe_id' => recipeNamed($garden, 'Evening soap')->id, 'planting_ids' => [$plant->id], 'target' => 'aphid', 'trouble_id' => $trouble, 'every_days' => 4, 'times' => 1, 'until' => 'gone', 'starts_on' => '2026-05-14', 'all_the_same' => true])->assertCreated()->json('course');
    $round = $course['rounds'][0];
    $this->postJson(at($garden, 'batches'), ['rounds' => [['id' => $round['id'], 'version' => 1]]])->assertOk();
    $next = $garden->courses()->findOrFail($course['id'])->rounds()->where('status', 'planned')->get();
    expect($next)->toHaveCount(1)->and($next[0]->due_on->toDateString())->toBe('2026-05-18')->and($next[0]->number)->toBe(2);
    $ends = fn (): array => array_values(array_filter(jobsOf($garden, 'ending'), static fn (array $job): bool => $job['id'] === $course['id']));
    foreach (['2026-05-16', '2026-05-17'] as $day) {
        expect($ends())->toBe([]);
        $this->travelTo(CarbonImmutable::parse("$day 08:00", 'Europe/Rome')->utc());
        $garden->update(['clock_offset_s' => 0]);
        $this->postJson(at($garden, 'glances'), ['word' => 'gone', 'trouble_id' => $trouble])->assertCreated();
    }
    expect($ends())->toBe([]);
    $this->travelTo(CarbonImmutable::parse('2026-05-18 09:00', 'Europe/Rome')->utc());
    $this->postJson(at($garden, 'glances'), ['word' => 'gone', 'trouble_id' => $trouble])->assertCreated();
    expect($ends())->toHaveCount(1)->and($ends()[0]['said'])->toContain('two looks found nothing');
    $this->deleteJson(at($garden, "courses/{$course['id']}"))->assertOk();
    expect($ends())->toBe([]);
});

it('keeps jobs of the calendar: by days from when they were done, by weekday and month as the calendar has it', function (string $often, string $first, ?string $then): void {
    $garden = demo();
    $plant = plantingOf($garden, 'rose');
    $chore = $this->postJson(at($garden, 'chores'), ['kind' => 'feed', 'what' => 'Nettle feed', 'planting_id' => $plant->id, 'often' => $often])->assertCreated()->json('chore');
    expect($chore['next_on'])->toBe($first)->and($chore['said'])->toBe("Nettle feed: $plant->name");
    $due = array_filter(jobsOf($garden, 'chore'), static fn (array $job): bool => $job['id'] === $chore['id']);
    expect($due !== [])->toBe($first === '2026-05-14');
    $done = $this->postJson(at($garden, "chores/{$chore['id']}/done"), ['version' => 1])->assertOk()->json();
    expect($done['chore']['next_on'])->toBe($then);
    $this->postJson(at($garden, "chores/{$chore['id']}/done"), ['version' => 1])->assertConflict();
    $this->postJson(at($garden, "changes/{$done['change']['id']}/undo"))->assertOk();
    expect(collect($this->getJson(at($garden, 'chores'))->json())->firstWhere('id', $chore['id'])['next_on'])->toBe($first);
})->with([
    // Thursday 14 May 2026.
    ['every 2 weeks', '2026-05-14', '2026-05-28'],
    ['fortnightly', '2026-05-14', '2026-05-28'],
    ['monthly', '2026-05-14', '2026-06-14'],
    ['every Monday', '2026-05-18', '2026-05-25'],
    ['every Thursday until 20 May', '2026-05-14', null],
]);

it('refuses a job that cannot be, at its field', function (): void {
    $garden = demo();
    $add = fn (array $body) => $this->postJson(at($garden, 'chores'), $body + ['kind' => 'feed', 'often' => 'weekly']);
    $add(['often' => 'when I think of it'])->assertJsonValidationErrors('often');
    $add(['kind' => 'sing'])->assertJsonValidationErrors('kind');
    $add(['kind' => 'other'])->assertJsonValidationErrors('what');
    $add(['planting_id' => 'nobody'])->assertJsonValidationErrors('planting_id');
});

it('keeps a spray clear of feeding and watering by the calendar', function (): void {
    $garden = demo();
    $round = $garden->rounds()->where('status', 'planned')->whereHas('course.plantings', static fn ($some) => $some->where('plant', 'lettuce'))->firstOrFail();
    $plant = $round->course->plantings->firstWhere('plant', 'lettuce');
    $whys = fn (): string => json_encode($this->getJson(at($garden, "ribbon?round=$round->id"))->assertOk()->json('hours.*.why')) ?: '';
    expect($whys())->not->toContain('fed');
    $this->postJson(at($garden, 'chores'), ['kind' => 'feed', 'planting_id' => $plant->id, 'often' => 'every 2 weeks', 'starts_on' => '2026-05-15'])->assertCreated();
    expect($whys())->toContain('fed');
    $this->postJson(at($garden, 'chores'), ['kind' => 'water', 'planting_id' => $plant->id, 'often' => 'every 3 days', 'starts_on' => '2026-05-15', 'from_above' => true])->assertCreated();
    expect($whys())->toContain('water');
});

it('tells of sprays before it was noticed, and from any way of logging, in the story', function (): void {
    $garden = demo();
    $plant = plantingOf($garden, 'potato');
    $soap = recipeNamed($garden, 'Evening soap');
    $this->postJson(at($garden, 'sprayed'), ['recipe_id' => $soap->id, 'planting_ids' => [$plant->id], 'applied_at' => '2026-05-10T19:00'])->assertCreated();
    $trouble = $this->postJson(at($garden, 'scoutings'), ['planting_id' => $plant->id, 'present' => [], 'absent' => [], 'weather' => [], 'note' => 'lice', 'as' => 'trouble', 'target' => 'aphid'])->assertCreated()->json('trouble_id');
    $this->postJson(at($garden, 'sprayed'), ['recipe_id' => $soap->id, 'planting_ids' => [$plant->id], 'target' => 'aphid'])->assertCreated();
    $done = $this->getJson(at($garden, "troubles/$trouble"))->json('done');
    expect(array_column($done, 'what'))->toBe(['Evening soap', 'Evening soap'])
        ->and(array_column($done, 'beside'))->toBe(['before it was noticed', null]);
});

it('finds all kinds of things, and everything found is there', function (): void {
    $garden = demo();
    $found = fn (string $typed): array => $this->getJson(at($garden, 'find?'.http_build_query(['typed' => $typed])))->assertOk()->json();
    $seen = [];
    foreach (['rose', 'roses', 'SOAP', 'bicarb', 'aphid', 'garlic', 'nettle', 'bees', 'settings', 'poison', 'neem', 'lemon', 'castile', 'whitefly', 'mild soap', ''] as $typed) {
        foreach ($found($typed) as $one) {
            $seen[$one['kind']] = true;
            $with = $one['with'];
            $there = match (true) {
                isset($with['planting']) => $garden->plantings()->whereKey($with['planting'])->exists(),
                isset($with['recipe']) => $this->getJson(at($garden, "recipes/{$with['recipe']}"))->status() === 200,
                isset($with['trouble']) => $this->getJson(at($garden, "troubles/{$with['trouble']}"))->status() === 200,
                isset($with['product']) => $garden->products()->whereKey($with['product'])->exists(),
                isset($with['preparation']) => $this->getJson(at($garden, "preparations/{$with['preparation']}"))->status() === 200,
                isset($with['rule']) => in_array($with['rule'], array_column($this->getJson('/api/grounds')->json(), 'id'), true),
                isset($with['starter']) => in_array($with['starter'], array_column($this->getJson(at($garden, 'starters'))->json(), 'id'), true),
                default => $one['kind'] === 'view',
            };
            expect($there)->toBeTrue("$typed: {$one['title']}");
        }
    }
    $kinds = array_keys($seen);
    sort($kinds);
    expect($kinds)->toBe(['bottle', 'jar', 'planting', 'recipe', 'rule', 'starter', 'trouble', 'view'])
        ->and($found('qwertzuiop'))->toBe([])
        ->and($found("x' or 1=1 --"))->toBe([]);
});

it('reads what was done from the box, as it would be written down', function (): void {
    $garden = demo();
    $act = fn (string $typed): ?array => $this->getJson(at($garden, 'find?'.http_build_query(['typed' => $typed])))->assertOk()->json('0');
    $rain = $act('it rained 12 mm');
    expect($rain['act'])->toMatchArray(['kind' => 'rain', 'mm' => '12'])->and($rain['title'])->toBe('Write down: it rained 12 mm');
    $this->postJson(at($garden, 'rain'), ['mm' => $rain['act']['mm'], 'began_at' => $rain['act']['began_at'], 'hours' => 1])->assertOk();
    $spray = $act('sprayed soap on roses')['act'];
    expect($spray['recipe_id'])->toBe(recipeNamed($garden, 'Gentle soap')->id)->and(count($spray['planting_ids']))->toBe($garden->standing()->where('plant', 'rose')->count());
    expect($act('sprayed vinegar on the path')['act'])->toMatchArray(['on' => 'path', 'planting_ids' => []]);
    // A thing that plants stand in is no plant: pots are no potatoes.
    expect($act('drenched the pots with soap')['act'])->toMatchArray(['on' => 'pots', 'planting_ids' => []])
        ->and($act('wiped the pruners with alcohol')['act']['recipe_id'])->toBe('tools-alcohol');
    // What it was against says on which plants it was.
    expect($act('sprayed the aphids with soap')['title'])->toContain('Broad beans, late row');
    $chore = $act('feed the roses every 2 weeks with nettle feed')['act'];
    expect($chore)->toMatchArray(['kind' => 'chore', 'job' => 'feed', 'what' => 'nettle feed', 'often' => 'every 2 weeks']);
    expect(count($chore['planting_ids']))->toBe($garden->standing()->where('plant', 'rose')->count());
    $this->postJson(at($garden, 'chores'), ['kind' => $chore['job'], 'what' => $chore['what'], 'planting_ids' => $chore['planting_ids'], 'often' => $chore['often']])->assertCreated();
    // By whatever it is called, several of it too.
    foreach (['tomatoes' => 'tomato', 'silver beet' => 'chard', 'courgettes' => 'zucchini', 'capsicums' => 'pepper', 'aubergines' => 'eggplant', 'spuds' => 'potato'] as $called => $plant) {
        $there = $garden->standing()->where('plant', $plant)->pluck('id')->all();
        $found = $act("water the $called 2x a week")['act'];
        expect($found['often'])->toBe('2x a week')->and(array_diff($there, $found['planting_ids']))->toBe([], $called)->and($there === [] || $found['what'] === 'Water')->toBeTrue($called);
    }
    $garden->update(['units' => 'us']);
    expect($act('it rained 0.5')['act']['mm'])->toBe('12.7')->and($act('it rained 0.5')['title'])->toContain('0.5');
});

it('has one job for several plants: one line today, done and taken back together', function (): void {
    $garden = demo();
    $roses = $garden->standing()->where('plant', 'rose')->orderBy('name')->pluck('name', 'id')->all();
    expect(count($roses))->toBeGreaterThan(2);
    $before = $garden->chores()->count();
    $add = ['kind' => 'feed', 'what' => 'Nettle feed', 'often' => 'every 2 weeks', 'planting_ids' => array_keys($roses)];
    $this->postJson(at($garden, 'chores'), ['planting_ids' => [...array_keys($roses), str_repeat('0', 26)]] + $add)->assertJsonValidationErrors('planting_ids');
    expect($garden->chores()->count())->toBe($before);
    $added = $this->postJson(at($garden, 'chores'), $add)->assertCreated()->json();
    expect($garden->chores()->count())->toBe($before + count($roses));
    $line = fn (): array => array_values(array_filter(jobsOf($garden, 'chore'), static fn (array $job): bool => str_starts_with($job['said'], 'Nettle feed: ')));
    expect($line())->toHaveCount(1)->and(count($line()[0]['also']))->toBe(count($roses) - 1);
    foreach ($roses as $name) {
        expect($line()[0]['said'])->toContain($name);
    }
    // One of them is done by somebody else first: it is not done twice, and is no longer of the line.
    $job = $line()[0];
    $other = $garden->chores()->findOrFail($job['also'][0]);
    $this->postJson(at($garden, "chores/$other->id/done"), ['version' => 1])->assertOk();
    expect(count($line()[0]['also']))->toBe(count($roses) - 2);
    $done = $this->postJson(at($garden, "chores/{$job['id']}/done"), ['version' => 1, 'also' => $job['also']])->assertOk()->json();
    expect($line())->toBe([])->and($garden->chores()->where('what', 'Nettle feed')->pluck('next_on')->map->toDateString()->unique()->all())->toBe(['2026-05-28'])
        ->and($other->refresh()->version)->toBe(2);
    $this->postJson(at($garden, "changes/{$done['change']['id']}/undo"))->assertOk();
    expect(count($line()[0]['also']))->toBe(count($roses) - 2);
    $this->postJson(at($garden, "changes/{$added['change']['id']}/undo"));
});

it('goes by days of the month, and by the summer of where the garden is', function (): void {
    $garden = demo();
    $ask = fn (array $body): array => $this->postJson(at($garden, 'often'), $body + ['starts_on' => '2026-05-14'])->assertOk()->json();
    // June 2026 begins on a Monday; northern summer is over with August.
    expect($ask(['often' => 'first Monday of the month', 'until' => 'all summer'])['days'])->toBe(['2026-06-01', '2026-07-06', '2026-08-03']);
    $chore = $this->postJson(at($garden, 'chores'), ['kind' => 'feed', 'what' => 'Comfrey', 'often' => 'on the first Monday of each month', 'planting_ids' => [plantingOf($garden, 'rose')->id]])->assertCreated()->json();
    $row = $garden->chores()->where('what', 'Comfrey')->firstOrFail();
    expect($row->next_on?->toDateString())->toBe('2026-06-01');
    $this->travelTo(CarbonImmutable::parse('2026-06-02 09:00:00', 'UTC'));
    $this->postJson(at($garden, "chores/$row->id/done"), ['version' => 1])->assertOk();
    expect($row->refresh()->next_on?->toDateString())->toBe('2026-07-06');
    $garden->update(['latitude' => -32.0]);
    $this->travelBack();
    expect($ask(['often' => 'quarterly', 'until' => 'all summer'])['days'])->toBe(['2026-05-14', '2026-08-14', '2026-11-14', '2027-02-14']);
});
