<?php

declare(strict_types=1);

use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Judgement\Soil\SodiumLoad;
use Nebbia\Core\Planning\Course\Course;
use Nebbia\Core\Planning\Course\CourseReader;
use Nebbia\Core\Planning\Course\Rhythm;
use Nebbia\Core\Planning\Round\Bearing;
use Nebbia\Core\Tests\Cases;

/** @param  list<list<array{0: string, 1: string, 2?: string}>>  $recipes */
function bearingCourse(array $recipes, string $use = 'foliar', bool $indoors = false): Course
{
    return Cases::get(CourseReader::class)->read([
        'format' => 'nebbia.course/1', 'target' => 'aphid', 'start' => '2026-05-02', 'place' => ['lat' => 45.9, 'lon' => 9.3, 'time_zone' => 'Europe/Rome'],
        'plantings' => [['plant' => 'rose', 'indoors' => $indoors]], 'recipes' => array_map(static fn (array $lines): array => Cases::body('1 L', $lines, 'final', $use, 'metric'), $recipes),
    ]);
}

/** @return array{float, int, list<string>} days, number, what was said */
function bounded(Course $course, int|float $days, int $number): array
{
    $rhythm = Rhythm::written(7, $number)->within((float) $days, $number, []);
    $bound = Cases::get(Bearing::class)->bound($course, $rhythm);

    return [$bound->days, $bound->number, array_map(static fn (Message $one): string => $one->key, $bound->bounds)];
}

// 5 g of baking soda in a litre: 0.5 % x 0.27367 = 1.36835 mg of sodium a mL; 250 mL/m² of which 0.45 reach the soil are 0.15394 g/m².
// One point of a loam is 8.966 g/m²: 0.017169 points a round. Three points are 174 rounds.
it('counts the sodium of a round', function (): void {
    $load = Cases::get(SodiumLoad::class);
    $mix = bearingCourse([[['baking-soda', '5 g']]])->mixes[0];
    expect($load->grams($mix))->toEqualWithDelta(0.15394, 0.15394 * 0.005)->and($load->rise(8.966))->toEqualWithDelta(1.0, 0.001)->and($load->rise($load->grams($mix)))->toEqualWithDelta(0.017169, 0.0001)
        ->and($load->grams(bearingCourse([[['potassium-bicarbonate', '5 g']]])->mixes[0]))->toBe(0.0);
});

it('plans no more rounds than the soil bears', function (array $recipes, string $use, int $wanted, int $number): void {
    [, $found, $said] = bounded(bearingCourse($recipes, $use), 7, $wanted);
    expect($found)->toBe($number)->and(in_array('course.bears.soil', $said, true))->toBe($number < $wanted);
})->with([
    'a little soda on leaves' => [[[['baking-soda', '5 g']]], 'foliar', 6, 6],
    '174 rounds of it' => [[[['baking-soda', '5 g']]], 'foliar', 200, 174],
    // As a drench 15 L/m² and all of it: 20.525 g/m², 2.289 points: one round.
    'a drench of it' => [[[['baking-soda', '5 g']]], 'drench', 3, 1],
    // In turn with something that has none, each counts half: 1.145 points, so two.
    'a drench in turn with soap' => [[[['baking-soda', '5 g']], [['liquid-castile-soap', '30 mL', '33 %']]], 'drench', 3, 2],
    'without any' => [[[['potassium-bicarbonate', '5 g']]], 'drench', 9, 9],
]);

it('sets no round nearer than leaves bear', function (float $days, float $found): void {
    [$bound, , $said] = bounded(bearingCourse([[['potassium-bicarbonate', '5 g']]]), $days, 3);
    expect($bound)->toBe($found)->and($said)->toBe($days < 3.0 ? ['course.bears.leaves'] : []);
})->with([[2.4, 3.0], [3.0, 3.0], [7.0, 7.0]]);

it('asks for a look after three of soap or oil in a row', function (array $recipes, int $number, bool $asked): void {
    expect(in_array('course.bears.in-a-row', bounded(bearingCourse($recipes), 7, $number)[2], true))->toBe($asked);
})->with([
    'three of soap' => [[[['liquid-castile-soap', '30 mL', '33 %']]], 3, false],
    'four of soap' => [[[['liquid-castile-soap', '30 mL', '33 %']]], 4, true],
    'soap and oil in turn are in a row' => [[[['liquid-castile-soap', '30 mL', '33 %']], [['vegetable-oil', '10 mL']]], 4, true],
    'soap and bicarbonate in turn are not' => [[[['liquid-castile-soap', '30 mL', '33 %']], [['potassium-bicarbonate', '5 g']]], 4, false],
]);

it('leaves alone what is borne', function (): void {
    $rhythm = Rhythm::written(7, 3);
    expect(Cases::get(Bearing::class)->bound(bearingCourse([[['liquid-castile-soap', '30 mL', '33 %']]]), $rhythm))->toBe($rhythm);
});
