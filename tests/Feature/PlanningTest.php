<?php

declare(strict_types=1);

use App\Console\SchemaCheck;
use App\Models\Course;
use App\Models\Round;
use Carbon\CarbonImmutable;
use Nebbia\Core\Weather\Given\WeatherCsv;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;

/** @param  array<string, mixed>  $more */
function aphidCourse(array $more = []): array
{
    return $more + [
        'format' => 'nebbia.course/1', 'target' => 'aphid', 'purpose' => 'outbreak', 'start' => '2026-05-02', 'place' => ['lat' => 45.9, 'lon' => 9.3, 'time_zone' => 'Europe/Rome'],
        'plantings' => [['plant' => 'broad-bean', 'number' => 12, 'stage' => 'growing', 'height_cm' => 70]],
        'recipe' => ['format' => 'nebbia.recipe/1', 'name' => 'Soap', 'units' => 'metric', 'base' => ['amount' => '1 L', 'basis' => 'added'], 'ingredients' => [['ingredient' => 'liquid-castile-soap', 'amount' => '30 mL', 'strength' => '33 %']]],
    ];
}

/** So many days of one weather from the second of May on, as CSV; rain all day on some. */
function weatherFile(int $days, float $temperature, array $wet = []): string
{
    $lines = ['time,temp_c,rain_mm,wind_ms,humidity,cloud'];
    $at = CarbonImmutable::parse('2026-05-02T00:00+02:00');
    for ($n = 0; $n < $days * 24; $n++) {
        $hour = $at->addHours($n);
        $lines[] = $hour->format('Y-m-d\TH:iP').",$temperature,".(in_array($hour->format('m-d'), $wet, true) ? 1 : 0).',1.5,65,100';
    }
    $file = tempnam(sys_get_temp_dir(), 'weather');
    file_put_contents($file, implode("\n", $lines));

    return $file;
}

it('plans a course on the command line, round the rain', function (): void {
    $file = weatherFile(40, 20.0, ['05-08']);
    [$exit, $out, $err] = outside((string) json_encode(aphidCourse(['free_hours' => [['from' => '18:00', 'to' => '22:00']]])), 'nebbia:plan', '-', "--weather=$file", '--json');
    unlink($file);
    $plan = json_decode($out, true);
    // 0.8 of 130 / (20 - 4) days
    expect($exit)->toBe(0, $err)->and((new SchemaCheck)->firstError($plan, 'nebbia.plan-1')?->message())->toBeNull()->and($plan['interval_days'])->toEqualWithDelta(6.5, 0.001)->and($plan['number'])->toBe(3)
        ->and(array_map(static fn (array $round): string => substr($round['from'], 0, 10), $plan['rounds']))->toBe(['2026-05-02', '2026-05-07', '2026-05-13'])
        ->and($plan['rounds'][1]['because'])->toContain('rain')->and($plan['rounds'][0]['from'])->toEndWith('+02:00');
});

it('plans without weather, and from another day', function (): void {
    [$exit, $out] = outside((string) json_encode(aphidCourse()), 'nebbia:plan', '-', '--json', '--from=2026-07-01');
    $plan = json_decode($out, true);
    expect($exit)->toBe(0)->and($plan['rounds'])->toHaveCount(3)->and($plan['rounds'][0]['from'])->toStartWith('2026-07-01')->and($plan['rounds'][0]['because'])->toContain('No forecast');
    [$exit, $page] = outside((string) json_encode(aphidCourse()), 'nebbia:plan', '-');
    expect($exit)->toBe(0)->and($page)->toContain('aphid can be hit for')->toContain('two clean looks');
});

it('says what is to be started before a round', function (): void {
    $recipe = ['format' => 'nebbia.recipe/1', 'name' => 'Garlic', 'units' => 'metric', 'base' => ['amount' => '1 L', 'basis' => 'final'], 'ingredients' => [['ingredient' => 'garlic-extract', 'amount' => '200 mL']]];
    $file = weatherFile(40, 20.0);
    [, $out] = outside((string) json_encode(aphidCourse(['recipe' => $recipe, 'free_hours' => [['from' => '20:00', 'to' => '21:00']]])), 'nebbia:plan', '-', "--weather=$file", '--json');
    unlink($file);
    $first = json_decode($out, true)['preparations'][0];
    // Twelve hours before eight in the evening.
    expect($first)->toMatchArray(['what' => 'Start: Garlic extract', 'start' => '2026-05-02T08:00:00+02:00', 'ready' => '2026-05-02T20:00:00+02:00'])->and($first['because'])->toContain('200 mL');
});

it('says in one line what of a course cannot be read', function (mixed $course, array $options, string $says): void {
    [$exit, $out, $err] = outside(is_string($course) ? $course : (string) json_encode($course), 'nebbia:plan', '-', '--json', ...$options);
    expect($exit)->toBe(1)->and($out)->toBe('')->and(substr_count(trim($err), "\n"))->toBe(0)->and($err)->toContain($says);
})->with([
    'no JSON' => ['{', [], 'JSON'],
    'another format' => [['format' => 'x'], [], 'format'],
    'no target' => [array_diff_key(aphidCourse(), ['target' => 1]), [], 'target'],
    'an unknown target' => [aphidCourse(['target' => 'gremlin']), [], 'target'],
    'a day that is none' => [aphidCourse(['start' => '2026-02-30']), [], 'start'],
    'another first day that is none' => [aphidCourse(), ['--from=soon'], '--from'],
    'beyond the pole' => [aphidCourse(['place' => ['lat' => 99, 'lon' => 9, 'time_zone' => 'UTC']]), [], 'place.lat'],
    'a zone of nowhere' => [aphidCourse(['place' => ['lat' => 45, 'lon' => 9, 'time_zone' => 'Mars/North']]), [], 'place.time_zone'],
    'a plant of a name of two' => [aphidCourse(['plantings' => [['plant' => 'geranium']]]), [], 'plantings.0.plant'],
    'a number of none' => [aphidCourse(['plantings' => [['plant' => 'rose', 'number' => 0]]]), [], 'plantings.0.number'],
    'three recipes' => [array_diff_key(aphidCourse(['recipes' => [[], [], []]]), ['recipe' => 1]), [], 'recipe'],
    'an amount of nothing' => [aphidCourse(['recipe' => ['format' => 'nebbia.recipe/1', 'base' => ['amount' => 'some', 'basis' => 'added'], 'ingredients' => []]]), [], 'recipe.base.amount'],
    'free from late to early' => [aphidCourse(['free_hours' => [['from' => '22:00', 'to' => '18:00']]]), [], 'free_hours.0'],
    'no such weather' => [aphidCourse(), ['--weather=/no/such.csv'], 'such.csv'],
]);

it('writes a calendar that reads back to the same rounds', function (): void {
    [$exit, $ics] = outside((string) json_encode(aphidCourse()), 'nebbia:plan', '-', '--ics');
    [, $out] = outside((string) json_encode(aphidCourse()), 'nebbia:plan', '-', '--json');
    $calendar = Reader::read($ics);
    assert($calendar instanceof VCalendar);
    $events = [];
    foreach ($calendar->select('VEVENT') as $event) {
        $events[] = [$event->DTSTART->getDateTime()->getTimestamp(), $event->DTEND->getDateTime()->getTimestamp()];
    }
    expect($exit)->toBe(0)->and($calendar->validate())->toBe([])
        ->and($events)->toBe(array_map(static fn (array $round): array => [strtotime($round['from']), strtotime($round['to'])], json_decode($out, true)['rounds']));
});

it('shows the next three days for the round that is due first', function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-05-04 08:20:00', 'UTC'));
    $garden = demo();
    $ribbon = $this->getJson(at($garden, 'ribbon'))->assertOk()->json();
    expect($ribbon['hours'])->toHaveCount(72)->and($ribbon['hours'][0]['at'])->toBe('2026-05-04T08:00:00Z')->and($ribbon['for'])->toContain('against')->and($ribbon['source'])->toContain('stand-in')
        ->and($ribbon['hours'][$ribbon['best_hour']]['word'])->not->toBe('no');
    foreach ($ribbon['hours'] as $hour) {
        // What is no good hour says why.
        expect($hour['why'] === '')->toBe($hour['word'] === 'fine');
    }
    // Night has no sun, and the next morning has.
    expect($ribbon['hours'][16]['is_day'])->toBeFalse()->and($ribbon['hours'][24]['is_day'])->toBeTrue();
    $other = $garden->rounds()->where('status', 'planned')->latest('due_on')->firstOrFail();
    $this->getJson(at($garden, "ribbon?round=$other->id"))->assertOk()->assertJsonPath('round_id', $other->id);
    $this->getJson(at($garden, 'ribbon?round=none'))->assertNotFound();
    $garden->update(['latitude' => null]);
    $this->getJson(at($garden, 'ribbon'))->assertOk()->assertJsonPath('hours', [])->assertJsonPath('missing', 'Write down in the settings where the garden lies: without its place there is no weather.');
});

it('revises its forecast from day to day', function (): void {
    $garden = demo();
    $at = function (string $now) use ($garden): float {
        $this->travelTo(CarbonImmutable::parse($now, 'UTC'));

        return collect($this->getJson(at($garden, 'ribbon'))->json('hours'))->firstWhere('at', '2026-05-06T12:00:00Z')['celsius'];
    };
    $before = $at('2026-05-04 08:00:00');
    expect($at('2026-05-04 09:00:00'))->toEqualWithDelta($before, 0.5)->and($at('2026-05-06 11:00:00'))->not->toBe($before);
});

it('suggests rounds by the life cycle, and plans them on their days', function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-05-04 08:20:00', 'UTC'));
    $garden = demo();
    $recipe = recipeNamed($garden, 'Evening soap');
    $planting = plantingOf($garden, 'broad-bean');
    $asked = ['recipe_id' => $recipe->id, 'planting_ids' => [$planting->id], 'target' => 'aphid', 'starts_on' => '2026-05-05'];
    $suggestion = $this->postJson(at($garden, 'rounds/suggest'), $asked)->assertOk()->json();
    expect($suggestion['number'])->toBe(3)->and($suggestion['rounds'])->toHaveCount(3)->and($suggestion['interval_days'])->toBeGreaterThan(4.0)->toBeLessThanOrEqual(7.0)->and($suggestion['because'])->toContain('aphid');
    $days = array_column($suggestion['rounds'], 'day');
    foreach ([1, 2] as $n) {
        $gap = CarbonImmutable::parse($days[$n - 1])->diffInDays(CarbonImmutable::parse($days[$n]));
        expect($gap)->toBeGreaterThanOrEqual(3)->and($gap <= 8 || $suggestion['rounds'][$n]['is_late'])->toBeTrue();
    }
    $planned = $this->postJson(at($garden, 'courses'), $asked + ['every_days' => 6, 'times' => 9, 'rounds' => array_map(static fn (string $day): array => ['day' => $day, 'hour' => 19], array_reverse($days))])->assertCreated()->json('course.id');
    $course = Course::query()->findOrFail($planned);
    expect($course->rounds()->orderBy('number')->get()->map(fn (Round $round): string => $round->due_on->toDateString())->all())->toBe($days)->and($course->times)->toBe(3)->and($course->starts_on->toDateString())->toBe($days[0]);
});

it('names what of a suggestion cannot be', function (array $change, string $field): void {
    $garden = demo();
    $this->postJson(at($garden, 'rounds/suggest'), $change + ['recipe_id' => recipeNamed($garden, 'Evening soap')->id, 'planting_ids' => [], 'target' => 'aphid', 'starts_on' => '2026-05-05'])
        ->assertUnprocessable()->assertJsonValidationErrors([$field]);
})->with([[['target' => 'gremlin'], 'target'], [['target' => ''], 'target'], [['starts_on' => 'soon'], 'starts_on']]);

it('offers its rounds to a calendar', function (): void {
    $garden = demo();
    $answer = $this->get(at($garden, 'rounds.ics'))->assertOk();
    expect($answer->headers->get('Content-Type'))->toStartWith('text/calendar');
    $calendar = Reader::read((string) $answer->getContent());
    assert($calendar instanceof VCalendar);
    $zone = new DateTimeZone('Europe/Rome');
    [$steeps, $events] = collect($calendar->select('VEVENT'))->partition(static fn ($event): bool => str_starts_with((string) $event->UID, 'steep-'));
    $days = $events->map(static fn ($event): string => $event->DTSTART->getDateTime()->setTimezone($zone)->format('Y-m-d H:i'))->values()->all();
    $due = $garden->rounds()->where('status', 'planned')->get()->map(fn (Round $round): string => $round->due_on->toDateString().' 18:00')->all();
    sort($days);
    sort($due);
    expect($calendar->validate())->toBe([])->and($days)->toBe($due)->and(count($days))->toBeGreaterThan(5);
    // What stands for a day is in it on the day before its round.
    expect($steeps->map(static fn ($event): string => (string) $event->SUMMARY)->unique()->values()->all())->toBe(['Start: Garlic and pepper extract']);
    $round = $garden->rounds()->where('status', 'planned')->whereHas('course.recipe', static fn ($recipe) => $recipe->where('name', 'Garlic and pepper from the jar'))->firstOrFail();
    expect($steeps->map(static fn ($event): string => $event->DTSTART->getDateTime()->setTimezone($zone)->format('Y-m-d'))->first())->toBe($round->due_on->subDay()->toDateString());
});

it('is a small forecast service where there is no other', function (): void {
    $csv = (string) $this->get('/api/stand-in/forecast.csv?lat=45.9&lon=9.3&seed=7&days=3&issued=2026-05-02T00:00:00Z')->assertOk()->getContent();
    $forecast = WeatherCsv::read($csv);
    expect($forecast->all())->toHaveCount(72)->and((string) $this->get('/api/stand-in/forecast.csv?lat=45.9&lon=9.3&seed=7&days=3&issued=2026-05-02T00:00:00Z')->getContent())->toBe($csv);
    $this->getJson('/api/stand-in/forecast.csv?lat=100&lon=9')->assertUnprocessable()->assertJsonValidationErrors(['lat']);
});

it('proposes to make up for a round that was missed, moves it when asked, and takes that back', function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-05-04 08:20:00', 'UTC'));
    $garden = demo();
    $replans = $this->getJson(at($garden, 'replans'))->assertOk()->json();
    // The gentle soap on lettuces was due the day before.
    $missed = collect($replans)->first(static fn (array $one): bool => str_contains($one['name'], 'Gentle soap against aphid'));
    $move = $missed['moves'][0];
    expect($move['from'])->toBe('2026-05-03')->and($move['to'])->toBeGreaterThanOrEqual('2026-05-04')->and($move['because'])->toBe('It was due on 3 May.');
    $round = Round::query()->findOrFail($move['round_id']);
    $done = $garden->applications()->count();
    $change = $this->postJson(at($garden, "courses/{$missed['course_id']}/replan"))->assertOk()->json('id');
    expect($round->refresh()->due_on->toDateString())->toBe($move['to'])->and($garden->applications()->count())->toBe($done);
    // What was done about it is no news any more.
    $left = collect($this->getJson(at($garden, 'replans'))->json())->firstWhere('course_id', $missed['course_id']);
    expect(collect($left['moves'] ?? [])->firstWhere('round_id', $round->id))->toBeNull();
    $this->postJson(at($garden, "changes/$change/undo"))->assertOk();
    expect($round->refresh()->due_on->toDateString())->toBe('2026-05-03');
});

it('says where rain took a spray', function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-05-02 08:00:00', 'UTC'));
    $garden = demo();
    // The first evening from the second of May on with rain within three hours.
    $sky = app(App\Weather\StandInForecast::class);
    $from = CarbonImmutable::parse('2026-05-02 17:00:00', 'UTC');
    $wet = null;
    for ($n = 0; $n < 30 && $wet === null; $n++) {
        $at = $from->addDays($n);
        $rain = $sky->happened($garden, $at->getTimestamp() + 3600, $at->getTimestamp() + 4 * 3600);
        $wet = $rain->rainBetween($at->getTimestamp() + 3600, $at->getTimestamp() + 4 * 3600) >= 0.3 ? $at : null;
    }
    expect($wet)->not->toBeNull();
    $this->travelTo($wet);
    $course = $garden->courses()->whereHas('recipe', static fn ($recipe) => $recipe->where('name', 'Gentle soap'))->whereHas('rounds', static fn ($rounds) => $rounds->where('status', 'planned'))->where('target', 'aphid')->latest('starts_on')->firstOrFail();
    $round = $course->rounds()->where('status', 'planned')->orderBy('number')->firstOrFail();
    $this->postJson(at($garden, "rounds/$round->id/log"), ['version' => $round->version])->assertOk();
    $news = fn (): ?string => collect($this->getJson(at($garden, 'replans'))->json())->firstWhere('course_id', $course->id)['news'] ?? null;
    expect($news())->toBeNull();
    $this->travel(5)->hours();
    expect($news())->toContain('washed off');
});

it('takes a gauge\'s rain for true, in a garden that is not made up', function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-05-04 17:00:00', 'UTC'));
    $garden = demo();
    $garden->update(['is_demo' => false]);
    $course = $garden->courses()->whereHas('recipe', static fn ($recipe) => $recipe->where('name', 'Gentle soap'))->where('target', 'aphid')->whereHas('rounds', static fn ($rounds) => $rounds->where('status', 'planned'))->latest('starts_on')->firstOrFail();
    $round = $course->rounds()->where('status', 'planned')->orderBy('number')->firstOrFail();
    $this->postJson(at($garden, "rounds/$round->id/log"), ['version' => $round->version])->assertOk();
    $this->travel(5)->hours();
    $news = fn (): ?string => collect($this->getJson(at($garden, 'replans'))->json())->firstWhere('course_id', $course->id)['news'] ?? null;
    // Made-up rain is no news here.
    expect($news())->toBeNull();
    // 20:30 in Rome is an hour and a half after.
    $change = $this->postJson(at($garden, 'rain'), ['mm' => '3,5', 'began_at' => '2026-05-04T20:30', 'hours' => 2])->assertOk()->json('id');
    expect($news())->toContain('3.5 mm')->toContain('washed off');
    $this->postJson(at($garden, "changes/$change/undo"))->assertOk();
    expect($news())->toBeNull();
});

it('takes an imported forecast in place of the stand-in', function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-05-02 08:00:00', 'UTC'));
    $garden = demo();
    $file = weatherFile(5, 17.0, ['05-03']);
    $this->postJson(at($garden, 'weather'), ['csv' => (string) file_get_contents($file)])->assertOk();
    unlink($file);
    $ribbon = $this->getJson(at($garden, 'ribbon'))->json();
    expect($ribbon['source'])->toContain('you gave')->and(array_unique(array_column($ribbon['hours'], 'celsius')))->toEqual([17.0])
        // All of the third is wet, by the clocks there.
        ->and(collect($ribbon['hours'])->where('rain_mm', '>', 0)->pluck('at')->all())->toHaveCount(24);
});

it('names what of weather cannot be', function (string $path, array $body, string $field): void {
    $garden = demo();
    $before = $garden->weatherNotes()->count();
    $this->postJson(at($garden, $path), $body)->assertUnprocessable()->assertJsonValidationErrors([$field]);
    expect($garden->weatherNotes()->count())->toBe($before);
})->with([
    ['rain', ['mm' => 'much', 'began_at' => '2026-05-04T20:30', 'hours' => 2], 'mm'], ['rain', ['mm' => '3', 'began_at' => 'yesterday', 'hours' => 2], 'began_at'],
    ['rain', ['mm' => '3', 'began_at' => '2026-05-04T20:30', 'hours' => 0], 'hours'], ['weather', [], 'csv'], ['weather', ['csv' => "time,temp_c\n"], 'csv'],
    ['weather', ['csv' => "time,temp_c,rain_mm,wind_ms,humidity,cloud\n2026-05-02T18:00Z,hot,0,1,60,50"], 'csv'],
]);

it('asks what a spray did once it has had time, until somebody has looked', function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-05-04 17:00:00', 'UTC'));
    $garden = demo();
    $round = dueRound($garden);
    $this->postJson(at($garden, "rounds/$round->id/log"), ['version' => $round->version])->assertOk();
    $asked = fn (): array => collect($this->getJson(at($garden, 'today'))->json('inspections'))->where('application_id', $round->application()->value('id'))->pluck('hours')->all();
    // Soap acts at once: two days.
    $this->travel(47)->hours();
    expect($asked())->toBe([]);
    $this->travel(2)->hours();
    expect($asked())->toBe([48]);
    $planting = $round->course->plantings->firstOrFail();
    $this->postJson(at($garden, "plantings/$planting->id/looks"), ['kind' => 'whole', 'recipe_id' => $round->course->recipe_id, 'score' => 0])->assertSuccessful();
    expect($asked())->toBe([]);
});

it('shows rain by days: what fell, and what is foretold', function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-05-04 17:00:00', 'UTC'));
    $garden = demo();
    $days = $this->getJson(at($garden, 'weather'))->assertOk()->json();
    expect($days[0]['day'])->toBe('2026-04-13')->and(collect($days)->last()['day'])->toBe('2026-05-14')->and(collect($days)->firstWhere('day', '2026-05-03')['is_foretold'])->toBeFalse()
        ->and(collect($days)->firstWhere('day', '2026-05-05')['is_foretold'])->toBeTrue()->and(collect($days)->sum('rain_mm'))->toBeGreaterThan(0.0);
    // In a garden that is not made up only what was written down counts.
    $garden->update(['is_demo' => false]);
    $garden->weatherNotes()->delete();
    expect($this->getJson(at($garden, 'weather'))->json())->toBe([]);
    $this->postJson(at($garden, 'rain'), ['mm' => '12', 'began_at' => '2026-05-03T10:00', 'hours' => 4])->assertOk();
    $days = $this->getJson(at($garden, 'weather'))->json();
    expect(array_column($days, 'rain_mm', 'day'))->toEqual(['2026-05-03' => 12.0]);
});

it('plans no real garden by made-up weather', function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-05-04 08:20:00', 'UTC'));
    $garden = demo();
    $garden->update(['is_demo' => false]);
    $asked = ['recipe_id' => recipeNamed($garden, 'Evening soap')->id, 'planting_ids' => [plantingOf($garden, 'broad-bean')->id], 'target' => 'aphid', 'starts_on' => '2026-05-05'];
    $suggestion = $this->postJson(at($garden, 'rounds/suggest'), $asked)->assertOk()->json();
    expect(array_unique(array_column($suggestion['rounds'], 'word')))->toBe(['unknown'])->and($suggestion['source'])->toContain('no forecast')
        ->and($suggestion['rounds'][0]['because'])->toContain('No forecast')->and($suggestion['rounds'])->toHaveCount($suggestion['number']);
    // Once a forecast is imported, that is what counts.
    $file = weatherFile(20, 17.0);
    $this->postJson(at($garden, 'weather'), ['csv' => (string) file_get_contents($file)])->assertOk();
    unlink($file);
    $suggestion = $this->postJson(at($garden, 'rounds/suggest'), $asked)->assertOk()->json();
    expect($suggestion['source'])->toContain('you gave')->and($suggestion['rounds'][0]['word'])->toBe('fine')
        // 0.8 of 130 / (17 - 4) is 8 days: no more than seven are usual.
        ->and($suggestion['interval_days'])->toEqual(7.0);
});

it('plans anew when a plant came into flower, and says why', function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-05-04 08:20:00', 'UTC'));
    $garden = demo();
    $garden->update(['free_hours' => [['days' => [], 'from' => '11:00', 'to' => '16:00']]]);
    $bean = plantingOf($garden, 'broad-bean');
    $bean->update(['in_flower' => false, 'stage' => 'growing']);
    $course = $this->postJson(at($garden, 'courses'), ['recipe_id' => recipeNamed($garden, 'Evening soap')->id, 'planting_ids' => [$bean->id], 'target' => 'aphid', 'every_days' => 6, 'times' => 1, 'starts_on' => '2026-05-06'])->assertCreated()->json('course.id');
    $news = fn (): ?array => collect($this->getJson(at($garden, 'replans'))->assertOk()->json())->firstWhere('course_id', $course);
    // An import that is mild, dry, still and overcast: nothing is against it but the flowers.
    $csv = "time,temp_c,rain_mm,wind_ms,humidity,cloud\n";
    for ($hour = 0; $hour < 24 * 12; $hour++) {
        $csv .= CarbonImmutable::parse('2026-05-04 00:00', 'UTC')->addHours($hour)->format('Y-m-d\TH:i:sP').",18,0,1.5,60,100\n";
    }
    $this->postJson(at($garden, 'weather'), ['csv' => $csv])->assertOk();
    expect($news())->toBeNull();
    $bean->update(['in_flower' => true]);
    // At noon bees are at the flowers, foretold or not: whoever has time then only is told so.
    expect($news()['moves'])->toBe([])->and($news()['news'])->toContain('bees at the flowers');
    $garden->update(['free_hours' => [['days' => [], 'from' => '11:00', 'to' => '22:00']]]);
    // With an evening to do it in the day stands.
    expect($news())->toBeNull();
});

/** @param  list<array<string, string>>  $ingredients */
function courseWith(string $target, string $plant, array $ingredients, string $use = 'foliar'): array
{
    return aphidCourse([
        'target' => $target, 'plantings' => [['plant' => $plant, 'number' => 4, 'stage' => 'growing', 'height_cm' => 60]],
        'recipe' => ['format' => 'nebbia.recipe/1', 'name' => 'Tried', 'use' => $use, 'units' => 'metric', 'base' => ['amount' => '1 L', 'basis' => 'final'], 'ingredients' => $ingredients],
    ]);
}

it('plans no round of what it would stop at the bench', function (array $course): void {
    [$exit, $out] = outside((string) json_encode($course), 'nebbia:plan', '-', '--json', '--strict');
    $plan = json_decode($out, true);
    expect($exit)->toBe(3)->and((new SchemaCheck)->firstError($plan, 'nebbia.plan-1')?->message())->toBeNull()
        ->and($plan['rounds'])->toBe([])->and($plan['preparations'])->toBe([])->and($plan['findings'][0]['severity'])->toBe('stop')
        ->and($plan['findings'][0]['because'])->not->toBe('')->and($plan['findings'][0]['instead'])->not->toBe('');
    [$exit, $out] = outside((string) json_encode($course), 'nebbia:plan', '-', '--json');
    expect($exit)->toBe(0)->and(json_decode($out, true)['rounds'])->toBe([]);
    [, $page] = outside((string) json_encode($course), 'nebbia:plan', '-');
    expect($page)->toContain('[stop]')->toContain('Nothing is planned')->not->toContain('hit for');
    [, $calendar] = outside((string) json_encode($course), 'nebbia:plan', '-', '--ics');
    expect($calendar)->not->toContain('VEVENT');
})->with([
    'weed vinegar on tomatoes' => [courseWith('aphid', 'tomato', [['ingredient' => 'vinegar', 'amount' => '1 L', 'strength' => '10 %']])],
    'salt on beans' => [courseWith('aphid', 'broad-bean', [['ingredient' => 'table-salt', 'amount' => '100 g']])],
    'bleach, with vinegar' => [courseWith('aphid', 'tomato', [['ingredient' => 'bleach', 'amount' => '100 mL', 'strength' => '5 %'], ['ingredient' => 'vinegar', 'amount' => '50 mL', 'strength' => '5 %']])],
    'a disinfectant is no course' => [courseWith('aphid', 'tomato', [['ingredient' => 'isopropyl-alcohol', 'amount' => '1 L', 'strength' => '70 %']], 'disinfect')],
]);

it('plans no spray where none helps, but says what does', function (string $target, string $plant): void {
    [$exit, $out] = outside((string) json_encode(courseWith($target, $plant, [['ingredient' => 'liquid-castile-soap', 'amount' => '30 mL', 'strength' => '33 %']])), 'nebbia:plan', '-', '--json', '--strict');
    $plan = json_decode($out, true);
    expect($exit)->toBe(0)->and($plan['rounds'])->toBe([])->and($plan['tactics'])->not->toBe([])->and($plan['looks'] ?? [])->not->toBe([])
        ->and(array_column($plan['findings'], 'rule'))->toContain('course');
})->with([['virus', 'tomato'], ['blossom-end-rot', 'tomato']]);

it('says beside a plan that goes on what there is to mind', function (): void {
    [$exit, $out] = outside((string) json_encode(aphidCourse()), 'nebbia:plan', '-', '--json', '--strict');
    $plan = json_decode($out, true);
    // 30 mL of 33 % in 1.03 L is 0.97 %: what a broad bean bears.
    expect($exit)->toBe(0)->and($plan['rounds'])->toHaveCount(3)->and(array_column($plan['findings'], 'severity'))->not->toContain('stop');
});
