<?php

declare(strict_types=1);

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Planning\Course\Purpose;
use Nebbia\Core\Plant\Stage;
use Nebbia\Core\Tests\Cases;

it('reads a course with all that may be said', function (): void {
    $course = readCourse(courseBody(['id' => 'north bed', 'purpose' => 'prevention', 'sprayer' => ['name' => 'Pump'], 'free_hours' => [['days' => ['mon', 'sat'], 'from' => '7:00', 'to' => '9:00'], ['from' => '19:00', 'to' => '21:00']]]));
    expect($course->id)->toBe('north bed')->and($course->target->id)->toBe('whitefly')->and($course->purpose)->toBe(Purpose::Prevention)->and($course->start)->toBe('2026-06-01')
        ->and([$course->place->latitude, $course->place->longitude, $course->place->altitude, $course->place->zone->getName()])->toBe([-37.8, 145.0, 30.0, 'Australia/Melbourne'])
        ->and($course->sprayer)->toBe('Pump')->and($course->mixes)->toHaveCount(1)->and($course->plantings)->toHaveCount(2);
    [$tomato, $basil] = $course->plantings;
    expect($tomato->number)->toBe(8)->and($tomato->stage)->toBe(Stage::Flowering)->and($tomato->inFlower)->toBeTrue()->and($tomato->heightCm)->toBe(120.0)->and($tomato->harvest)->toBe('2026-07-01')
        ->and($basil->number)->toBe(1)->and($basil->indoors)->toBeTrue()->and($basil->inFlower)->toBeFalse()->and($basil->stage)->toBe(Stage::Growing);
    // Monday at seven and at seven in the evening; Tuesday only then.
    expect([$course->free->has(1, 7), $course->free->has(1, 9), $course->free->has(1, 19), $course->free->has(2, 7), $course->free->has(2, 20), $course->free->has(2, 21)])->toBe([true, false, true, false, true, false]);
});

it('takes what is left out as is usual', function (): void {
    $course = readCourse(courseBody());
    expect($course->id)->toBe('whitefly')->and($course->purpose)->toBe(Purpose::Outbreak)->and($course->sprayer)->toBeNull()->and($course->hours)->toBe(1)
        ->and([$course->free->has(3, 4), $course->free->has(3, 5), $course->free->has(3, 21), $course->free->has(3, 22)])->toBe([false, true, true, false])
        ->and(readCourse(courseBody(['sprayer' => '2 L']))->sprayer)->toBe('2 L')->and(readCourse(courseBody(), '2026-06-20')->start)->toBe('2026-06-20');
});

it('is indoors only where all of it is, and in flower where any is', function (array $plantings, bool $indoors, bool $inFlower): void {
    $course = readCourse(courseBody(['plantings' => $plantings]));
    expect($course->isIndoors())->toBe($indoors)->and($course->isInFlower())->toBe($inFlower);
})->with([
    'nothing' => [[], false, false],
    'one inside' => [[['plant' => 'basil', 'indoors' => true]], true, false],
    'one in and one out' => [[['plant' => 'basil', 'indoors' => true], ['plant' => 'tomato']], false, false],
    'one in flower' => [[['plant' => 'basil'], ['plant' => 'tomato', 'in_flower' => true]], false, true],
    'by its stage' => [[['plant' => 'rose', 'stage' => 'flowering']], false, true],
]);

it('lets two recipes take turns', function (): void {
    $two = array_diff_key(courseBody(['recipes' => [['name' => 'a'] + courseBody()['recipe'], ['name' => 'b'] + courseBody()['recipe']]]), ['recipe' => 1]);
    $course = readCourse($two);
    expect(array_map(static fn (int $round): string => $course->mixOf($round)->recipe->name, [0, 1, 2, 3]))->toBe(['a', 'b', 'a', 'b']);
});

it('names the field of a course that cannot be', function (mixed $data, string $field, string $mend): void {
    try {
        readCourse($data);
    } catch (BadInput $e) {
        expect($e->field())->toBe($field)->and(Cases::english()->say($e->said))->toContain($mend);

        return;
    }
    throw new RuntimeException('nothing was refused');
})->with([
    'a list' => [[], 'format', 'nebbia.course/1'],
    'text' => ['course', 'format', 'nebbia.course/1'],
    'no target' => [array_diff_key(courseBody(), ['target' => 1]), 'target', 'missing'],
    'a misspelt target' => [courseBody(['target' => 'whitefyl']), 'target', 'whitefly'],
    'another purpose' => [courseBody(['purpose' => 'revenge']), 'purpose', 'outbreak, prevention'],
    'no start' => [array_diff_key(courseBody(), ['start' => 1]), 'start', 'missing'],
    'a start in words' => [courseBody(['start' => 'Monday']), 'start', '2026-05-02'],
    'no place' => [array_diff_key(courseBody(), ['place' => 1]), 'place', 'missing'],
    'a place in words' => [courseBody(['place' => 'here']), 'place', 'named values'],
    'no longitude' => [courseBody(['place' => ['lat' => 1, 'time_zone' => 'UTC']]), 'place.lon', '-180 to 180'],
    'too high' => [courseBody(['place' => ['lat' => 1, 'lon' => 1, 'time_zone' => 'UTC', 'altitude_m' => 9000]]), 'place.altitude_m', '412 m'],
    'a zone that is none' => [courseBody(['place' => ['lat' => 1, 'lon' => 1, 'time_zone' => 'Rome']]), 'place.time_zone', 'Europe/Rome'],
    'plantings that are none' => [courseBody(['plantings' => ['tomato']]), 'plantings.0', 'named values'],
    'no plant' => [courseBody(['plantings' => [['number' => 2]]]), 'plantings.0.plant', 'missing'],
    'another stage' => [courseBody(['plantings' => [['plant' => 'rose', 'stage' => 'tall']]]), 'plantings.0.stage', 'seedling'],
    'a harvest in words' => [courseBody(['plantings' => [['plant' => 'rose', 'harvest' => 'soon']]]), 'plantings.0.harvest', '2026-05-02'],
    'a height of nothing' => [courseBody(['plantings' => [['plant' => 'rose', 'height_cm' => 0]]]), 'plantings.0.height_cm', 'number'],
    'no recipe' => [array_diff_key(courseBody(), ['recipe' => 1]), 'recipe', 'missing'],
    'no recipes in the list' => [array_diff_key(courseBody(['recipes' => []]), ['recipe' => 1]), 'recipe', 'two that take turns'],
    'an ingredient of nothing' => [courseBody(['recipe' => Cases::body('1 L', [['moonlight', '1 mL']])]), 'recipe.ingredients.0.ingredient', ''],
    'half hours' => [courseBody(['free_hours' => [['from' => '18:30', 'to' => '20:00']]]), 'free_hours.0', 'full hours'],
    'another day of the week' => [courseBody(['free_hours' => [['days' => ['Monday'], 'from' => '18:00', 'to' => '20:00']]]), 'free_hours.0.days', 'mon'],
    'a sprayer that is a number' => [courseBody(['sprayer' => 2]), 'sprayer', 'named values'],
]);

it('reads how its plants are watered and fed, and how long its sprayer takes', function (): void {
    $course = readCourse(courseBody([
        'plantings' => [['plant' => 'tomato', 'care' => ['water_days' => ['thu', 'mon', 'mon'], 'water_at' => '21:00', 'from_above' => true, 'feed_days' => ['sun']]], ['plant' => 'basil']],
        // A litre in two fills of half a litre at 15 mL a minute: 30 and 67 minutes.
        'sprayer' => ['name' => 'Hand', 'capacity_ml' => 500, 'ml_per_minute' => 15],
    ]));
    $care = $course->plantings[0]->care;
    expect($course->hours)->toBe(2)->and($course->sprayer)->toBe('Hand')->and($course->plantings[1]->care)->toBeNull()
        ->and([$care?->waterDays, $care?->waterHour, $care?->fromAbove, $care?->feedDays])->toBe([[1, 4], 21, true, [7]])
        ->and([$care?->wetsLeaves(1, 21), $care?->wetsLeaves(1, 20), $care?->wetsLeaves(2, 21)])->toBe([true, false, false])
        // Fed on Sunday: that day and Monday.
        ->and(array_map(static fn (int $day): ?bool => $care?->justFed($day), [1, 2, 3, 4, 5, 6, 7]))->toBe([true, false, false, false, false, false, true]);
});

it('names what of care and sprayer cannot be', function (array $change, string $field): void {
    try {
        readCourse(courseBody($change));
        $this->fail('It was read.');
    } catch (BadInput $e) {
        expect($e->field())->toBe($field);
    }
})->with([
    'no care at all' => [['plantings' => [['plant' => 'tomato', 'care' => 'daily']]], 'plantings.0.care'],
    'a day that is none' => [['plantings' => [['plant' => 'tomato', 'care' => ['water_days' => ['noon']]]]], 'plantings.0.care.water_days'],
    'days that are no list' => [['plantings' => [['plant' => 'tomato', 'care' => ['feed_days' => 'sun']]]], 'plantings.0.care.feed_days'],
    'half an hour' => [['plantings' => [['plant' => 'tomato', 'care' => ['water_at' => '07:30']]]], 'plantings.0.care.water_at'],
    'a sprayer of a thimble' => [['sprayer' => ['name' => 'x', 'capacity_ml' => 5]], 'sprayer.capacity_ml'],
    'more than full' => [['sprayer' => ['name' => 'x', 'capacity_ml' => 500, 'usable_fraction' => 1.2]], 'sprayer.usable_fraction'],
    'a drip' => [['sprayer' => ['name' => 'x', 'capacity_ml' => 500, 'ml_per_minute' => 0]], 'sprayer.ml_per_minute'],
]);
