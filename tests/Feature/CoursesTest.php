<?php

declare(strict_types=1);

use App\Models\Course;
use App\Models\Garden;
use App\Models\Round;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;

beforeEach(function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-05-04 08:20:00', 'UTC'));
});

/** @return array<string, mixed> a course of two remedies on the bay, by the hour */
function courseAsked(Garden $garden, array $but = []): array
{
    return $but + [
        'recipe_id' => recipeNamed($garden, 'Potassium bicarbonate')->id, 'other_recipe_id' => recipeNamed($garden, 'Milk for the zucchini')->id, 'purpose' => 'prevention', 'planting_ids' => [plantingOf($garden, 'zucchini')->id],
        'target' => 'powdery-mildew', 'every_days' => 7, 'times' => 9, 'starts_on' => '2026-05-05',
        'rounds' => [['day' => '2026-05-19', 'hour' => 20], ['day' => '2026-05-05', 'hour' => 9], ['day' => '2026-05-12', 'hour' => null]],
    ];
}

function plannedCourse(Garden $garden, array $but = []): Course
{
    return Course::query()->findOrFail(test()->postJson(at($garden, 'courses'), courseAsked($garden, $but))->assertCreated()->json('course.id'));
}

it('plans two remedies that take turns, each round at its hour', function (): void {
    $garden = demo();
    $answer = $this->postJson(at($garden, 'courses'), courseAsked($garden))->assertCreated()->json('course');
    expect($answer['purpose'])->toBe('prevention')->and($answer['other'])->toBe('Milk for the zucchini')->and($answer['times'])->toBe(3)
        ->and(array_column($answer['rounds'], 'due_on'))->toBe(['2026-05-05', '2026-05-12', '2026-05-19'])
        ->and(array_column($answer['rounds'], 'due_hour'))->toBe([9, null, 20])
        ->and(array_column($answer['rounds'], 'is_other'))->toBe([false, true, false]);
});

it('puts each round into the calendar at its hour and with its own remedy, and reads back the same', function (): void {
    $garden = demo();
    $course = plannedCourse($garden);
    $calendar = Reader::read((string) $this->get(at($garden, 'rounds.ics'))->assertOk()->getContent());
    assert($calendar instanceof VCalendar);
    expect($calendar->validate())->toBe([]);
    $found = [];
    foreach ($calendar->VEVENT as $event) {
        foreach ($course->rounds as $round) {
            if (Str::contains((string) $event->UID, $round->id)) {
                $found[$round->number] = [$event->DTSTART->getDateTime()->setTimezone(new DateTimeZone('Europe/Rome'))->format('Y-m-d H:i'), (string) $event->SUMMARY];
            }
        }
    }
    ksort($found);
    // Where no hour was said, at six in the evening.
    expect($found)->toBe([
        1 => ['2026-05-05 09:00', 'Potassium bicarbonate against powdery mildew'], 2 => ['2026-05-12 18:00', 'Milk for the zucchini against powdery mildew'], 3 => ['2026-05-19 20:00', 'Potassium bicarbonate against powdery mildew'],
    ]);
});

it('mixes, logs and shops for the remedy of the round', function (): void {
    $garden = demo();
    $course = plannedCourse($garden);
    $second = $course->rounds()->where('number', 2)->firstOrFail();
    $this->travelTo(CarbonImmutable::parse('2026-05-12 07:00:00', 'UTC'));
    // Of a course that is behind only the older round is due.
    $first = $course->rounds()->where('number', 1)->firstOrFail();
    expect(array_column(array_column(array_column($this->getJson(at($garden, 'today'))->json('waiting'), 'due'), 'round'), 'id'))->toContain($second->id);
    $this->postJson(at($garden, "rounds/$first->id/skip"), ['version' => $first->version, 'reason' => 'it rained'])->assertOk();
    $due = collect($this->getJson(at($garden, 'today'))->json('due'))->firstWhere('round.id', $second->id);
    expect($due['recipe'])->toBe('Milk for the zucchini')->and(implode(' ', $due['mix']))->toContain('milk');
    $this->postJson(at($garden, "rounds/$second->id/log"), ['version' => 1])->assertOk();
    expect($second->refresh()->application?->snapshot['recipe_name'])->toBe('Milk for the zucchini');
    $costs = collect($this->getJson(at($garden, 'shopping'))->json('courses'))->where('recipe', 'Milk for the zucchini');
    // Only round 2 was milk, and it is done.
    expect($costs)->toBeEmpty();
});

it('refuses a course that cannot be, and stores nothing of it', function (array $but, string $field): void {
    $garden = demo();
    $courses = $garden->courses()->count();
    if (($but['other_recipe_id'] ?? null) === 'the same') {
        $but['other_recipe_id'] = recipeNamed($garden, 'Potassium bicarbonate')->id;
    }
    $this->postJson(at($garden, 'courses'), courseAsked($garden, $but))->assertUnprocessable()->assertJsonValidationErrors($field);
    expect($garden->courses()->count())->toBe($courses);
})->with([
    'one remedy in turn with itself' => [['other_recipe_id' => 'the same'], 'other_recipe_id'],
    'a purpose that nobody knows' => [['purpose' => 'revenge'], 'purpose'],
    'an hour that is none' => [['rounds' => [['day' => '2026-05-05', 'hour' => 24]]], 'rounds.0.hour'],
    'a day that is none' => [['rounds' => [['day' => '2026-02-30', 'hour' => 9]]], 'rounds.0.day'],
    'two rounds on one day' => [['rounds' => [['day' => '2026-05-05'], ['day' => '2026-05-05']]], 'rounds.0.day'],
]);

it('keeps rounds within the hours in which there is time', function (): void {
    $garden = demo();
    $asked = ['recipe_id' => recipeNamed($garden, 'Evening soap')->id, 'planting_ids' => [plantingOf($garden, 'broad-bean')->id], 'target' => 'aphid', 'starts_on' => '2026-05-05'];
    $garden->update(['free_hours' => [['days' => ['sun'], 'from' => '06:00', 'to' => '09:00']]]);
    $rounds = $this->postJson(at($garden, 'rounds/suggest'), $asked)->assertOk()->json('rounds');
    expect($rounds)->not->toBeEmpty();
    foreach ($rounds as $round) {
        expect(CarbonImmutable::parse($round['day'])->isSunday())->toBeTrue()->and($round['hour'])->toBeGreaterThanOrEqual(6)->toBeLessThan(9);
    }
});

it('suggests fewer words of the life cycle where it is to prevent', function (): void {
    $garden = demo();
    $asked = ['recipe_id' => recipeNamed($garden, 'Evening soap')->id, 'planting_ids' => [plantingOf($garden, 'broad-bean')->id], 'target' => 'aphid', 'starts_on' => '2026-05-05', 'other_recipe_id' => recipeNamed($garden, 'Garlic and pepper')->id];
    $prevention = $this->postJson(at($garden, 'rounds/suggest'), ['purpose' => 'prevention'] + $asked)->assertOk()->json();
    // What is usual: every five days, three times.
    expect($prevention['interval_days'])->toEqual(5)->and($prevention['number'])->toBe(3)
        ->and(array_column($prevention['rounds'], 'recipe'))->toBe(['Evening soap', 'Garlic and pepper', 'Evening soap']);
});

it('takes free hours and refuses what is no time', function (): void {
    $garden = demo();
    $settings = ['name' => 'Fontegrigia', 'units' => 'metric', 'language' => 'en', 'time_zone' => 'Europe/Rome', 'latitude' => 45.9, 'longitude' => 9.3, 'hardness_mg_l' => 150, 'alkalinity_mg_l' => 120, 'theme' => 'light'];
    $hours = [['days' => ['mon', 'fri'], 'from' => '18:00', 'to' => '21:00']];
    $this->patchJson(at($garden), ['version' => $garden->version, 'free_hours' => $hours] + $settings)->assertOk()->assertJsonPath('garden.free_hours', $hours);
    foreach ([[['days' => ['mon'], 'from' => '21:00', 'to' => '18:00']], [['days' => ['someday'], 'from' => '18:00', 'to' => '21:00']], [['days' => [], 'from' => '18:30', 'to' => '21:00']], 'evenings'] as $wrong) {
        $this->patchJson(at($garden), ['version' => $garden->refresh()->version, 'free_hours' => $wrong] + $settings)->assertUnprocessable()->assertJsonValidationErrors('free_hours');
    }
    expect($garden->refresh()->free_hours)->toBe($hours);
    // No days are every day.
    $this->patchJson(at($garden), ['version' => $garden->version, 'free_hours' => [['from' => '6:00', 'to' => '08:00']]] + $settings)->assertOk()->assertJsonPath('garden.free_hours', [['days' => [], 'from' => '06:00', 'to' => '08:00']]);
});

it('keeps watering and feeding with a planting, and rounds clear of it', function (): void {
    $garden = demo();
    $bean = plantingOf($garden, 'broad-bean');
    $body = ['version' => $bean->version, 'plant' => 'broad bean', 'number' => 3, 'stage' => 'growing'];
    $care = ['water_days' => ['mon', 'tue', 'wed', 'thu', 'fri', 'sat'], 'water_at' => '21:00', 'from_above' => true, 'feed_days' => []];
    $this->putJson(at($garden, "plantings/$bean->id"), ['care' => ['water_days' => ['mon'], 'water_at' => 'noon']] + $body)->assertUnprocessable()->assertJsonValidationErrors('care');
    $this->putJson(at($garden, "plantings/$bean->id"), ['care' => $care] + $body)->assertOk()->assertJsonPath('planting.care', $care);
    $asked = ['recipe_id' => recipeNamed($garden, 'Evening soap')->id, 'planting_ids' => [$bean->id], 'target' => 'aphid', 'starts_on' => '2026-05-05'];
    foreach ($this->postJson(at($garden, 'rounds/suggest'), $asked)->assertOk()->json('rounds') as $round) {
        $isSunday = CarbonImmutable::parse($round['day'])->isSunday();
        // Soap wants four dry hours: five in the afternoon is the last full hour that leaves them.
        expect($isSunday || $round['hour'] <= 17)->toBeTrue();
    }
    // A file of plantings says nothing of it, so it stays.
    $csv = (string) $this->get(at($garden, 'plantings.csv'))->assertOk()->getContent();
    expect($bean->refresh()->care)->toBe($care)->and($csv)->toContain('broad-bean');
});

it('gives a round its evening where no hour was said', function (): void {
    $garden = demo();
    $round = new Round(['due_on' => '2026-10-25', 'number' => 1, 'status' => 'planned']);
    // The day on which the clocks go back: six in the evening is an hour later by the sun.
    expect($round->dueAt('Europe/Rome')->utc()->format('H:i'))->toBe('17:00');
    $round->due_on = CarbonImmutable::parse('2026-10-24');
    $round->due_hour = 20;
    expect($round->dueAt('Europe/Rome')->utc()->format('H:i'))->toBe('18:00')->and($garden->exists)->toBeTrue();
});

it('asks whether rain took the remedy that was sprayed last, not the one whose turn is next', function (array $order, ?string $news): void {
    $garden = demo();
    // Bicarbonate is washed away by 2 to 5 mm whenever they fall; soap only before it is dry, which takes four hours.
    $body = ['recipe_id' => recipeNamed($garden, $order[0])->id, 'other_recipe_id' => recipeNamed($garden, $order[1])->id, 'rounds' => [['day' => '2026-05-04', 'hour' => 9], ['day' => '2026-05-12', 'hour' => 9]]];
    $course = plannedCourse($garden, $body);
    $this->postJson(at($garden, "rounds/{$course->rounds()->firstOrFail()->id}/log"), ['version' => 1, 'applied_at' => '2026-05-04T09:00'])->assertOk();
    $garden->update(['is_demo' => false]);
    $garden->weatherNotes()->delete();
    $this->postJson(at($garden, 'rain'), ['mm' => '8', 'began_at' => '2026-05-05T06:00', 'hours' => 2])->assertOk();
    $this->travelTo(CarbonImmutable::parse('2026-05-05 08:20:00', 'UTC'));
    $said = collect($this->getJson(at($garden, 'replans'))->assertOk()->json())->firstWhere('course_id', $course->id)['news'] ?? null;
    expect($news === null ? $said : str_contains((string) $said, $news))->toBe($news === null ? null : true);
})->with([
    'bicarbonate was sprayed, soap is next' => [['Potassium bicarbonate', 'Gentle soap'], 'washed off'],
    'soap was sprayed, milk is next' => [['Gentle soap', 'Milk for the zucchini'], null],
]);
