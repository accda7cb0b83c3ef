<?php

declare(strict_types=1);

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Planning\Course\Course;
use Nebbia\Core\Planning\Course\CourseJudge;
use Nebbia\Core\Planning\Course\Purpose;
use Nebbia\Core\Planning\Round\Planner;
use Nebbia\Core\Planning\Round\RhythmJudge;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Weather\Forecast;

/**
 * @param  array<string, mixed>  $course
 * @return list<string> what does not go together
 */
function clashes(array $course, array $lines, float $days, int $number): array
{
    $one = courseOf($course);
    $mix = Cases::mix(Cases::body('1 L', $lines, 'final', units: 'metric'));

    return array_map(
        static fn (Finding $finding): string => substr($finding->what->key, strlen('course.by-hand.'), -strlen('.what')),
        Cases::get(RhythmJudge::class)->of([$mix], $one->plantings, ($course['target'] ?? '') === '' ? null : $one->target, $days, $number),
    );
}

it('says what of rounds set by hand does not go together', function (array $course, array $lines, float $days, int $number, array $said): void {
    expect(clashes($course, $lines, $days, $number))->toBe($said);
})->with([
    // Leaves bear a round every three days; soap three in a row, aphids are treated two or three times.
    'soap once a week, thrice' => [['target' => 'aphid'], [['liquid-castile-soap', '15 mL', '33 %']], 7, 3, []],
    'soap every other day' => [['target' => 'aphid'], [['liquid-castile-soap', '15 mL', '33 %']], 2, 3, ['leaves']],
    'soap ten times' => [['target' => 'aphid'], [['liquid-castile-soap', '15 mL', '33 %']], 7, 10, ['in-a-row']],
    'six against mealybug are its own course' => [['target' => 'mealybug'], [['liquid-castile-soap', '15 mL', '33 %']], 7, 6, []],
    'seven are not' => [['target' => 'mealybug'], [['liquid-castile-soap', '15 mL', '33 %']], 7, 7, ['in-a-row']],
    'once a fortnight is no row' => [['target' => 'aphid'], [['liquid-castile-soap', '15 mL', '33 %']], 14, 10, []],
    'what is done once is in no rhythm' => [['target' => 'aphid'], [['liquid-castile-soap', '15 mL', '33 %']], 1, 1, []],
    // 10 g NaHCO3 a litre: 0.01 x 0.27367 x 250 mL x 0.45 = 0.3079 g Na/m2 a round; 8.966 g are a point, three are borne: 87 rounds.
    'soda as often as soil bears' => [['target' => 'powdery-mildew'], [['baking-soda', '10 g']], 7, 87, []],
    'once more' => [['target' => 'powdery-mildew'], [['baking-soda', '10 g']], 7, 88, ['soil']],
    'indoors no bed is salted' => [['target' => 'powdery-mildew', 'indoors' => true], [['baking-soda', '10 g']], 7, 88, []],
    // A ferment waits 14 days.
    'weekly feeding of lettuce that is picked' => [['plant' => 'lettuce'], [['plant-ferment', '5 mL']], 7, 4, ['kitchen']],
    'of tomatoes that fruit' => [['plant' => 'tomato', 'stage' => 'fruiting'], [['plant-ferment', '5 mL']], 7, 4, ['kitchen']],
    'of tomatoes that only grow' => [['plant' => 'tomato'], [['plant-ferment', '5 mL']], 7, 4, []],
    'of a rose' => [['plant' => 'rose'], [['plant-ferment', '5 mL']], 7, 4, []],
    'every two weeks there is one day to pick' => [['plant' => 'lettuce'], [['plant-ferment', '5 mL']], 14, 4, []],
]);

it('keeps nothing away with what is gone once it is dry', function (string|array $recipe, string $target, Purpose $purpose, bool $inVain): void {
    $course = courseOf(['recipe' => $recipe, 'target' => $target, 'purpose' => $purpose->value]);
    $judge = Cases::get(CourseJudge::class);
    expect($judge->isInVain($course))->toBe($inVain);
    $said = array_filter($judge->judge($course), static fn (Finding $one): bool => $one->what->key === 'course.leaves-nothing.what');
    expect($said !== [])->toBe($inVain);
})->with([
    ['soap', 'spider-mite', Purpose::Prevention, true], ['alcohol', 'mealybug', Purpose::Prevention, true], ['soap', 'spider-mite', Purpose::Outbreak, false],
    ['bicarbonate', 'powdery-mildew', Purpose::Prevention, false], ['milk', 'powdery-mildew', Purpose::Prevention, false], ['sulfur', 'powdery-mildew', Purpose::Prevention, false],
    ['garlic', 'aphid', Purpose::Prevention, false],
    // Of two that take turns one protects.
    [['soap', 'bicarbonate'], 'powdery-mildew', Purpose::Prevention, false],
]);

it('keeps what a recipe says of itself, or says that it does not', function (array $repeat, bool $isSaid): void {
    $plain = courseOf(['start' => '2026-05-02']);
    $body = ($repeat === [] ? [] : ['repeat' => $repeat]) + ['name' => 'Own'] + Cases::body('1 L', REMEDIES['soap'], 'final', units: 'metric');
    $course = new Course($plain->id, $plain->target, $plain->purpose, $plain->start, $plain->place, $plain->plantings, [Cases::mix($body)], $plain->free);
    $rhythm = Cases::get(Planner::class)->plan([$course], Forecast::of([]))['one']->rhythm;
    $said = array_filter($rhythm->bounds, static fn ($one): bool => $one->key === 'course.bears.recipe');
    // Aphids at Rome's 16 °C of early May: every seven days at the most, three times and more.
    expect($said !== [])->toBe($isSaid, "{$rhythm->days} $rhythm->number");
})->with([
    'another interval' => [['every_days' => 14, 'times' => 3], true],
    'no interval of its own' => [[], false],
]);
