<?php

declare(strict_types=1);

use Nebbia\Core\Judgement\Hour\Objection;
use Nebbia\Core\Judgement\Hour\SprayWindow;
use Nebbia\Core\Judgement\Hour\SprayWindows;
use Nebbia\Core\Planning\Course\Course;
use Nebbia\Core\Planning\Course\CourseReader;
use Nebbia\Core\Planning\Course\PlantConditions;
use Nebbia\Core\Planning\Course\Rhythm;
use Nebbia\Core\Planning\Hour\HourJudge;
use Nebbia\Core\Planning\Hour\JudgedHour;
use Nebbia\Core\Planning\Round\DayOutlook;
use Nebbia\Core\Planning\Round\Outlook;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\Place;
use Nebbia\Core\Weather\WeatherHour;

// Short ways to a course and a sky, for all tests that are about rounds.

const REMEDIES = [
    'soap' => [['liquid-castile-soap', '30 mL', '33 %']], 'garlic' => [['garlic-extract', '200 mL']], 'bicarbonate' => [['potassium-bicarbonate', '5 g']], 'milk' => [['milk', '150 mL']],
    'oil' => [['vegetable-oil', '10 mL']], 'sulfur' => [['sulfur', '3 g']], 'aspirin' => [['aspirin-tablet', '0.3 g']],
    'frass' => [['insect-frass', '20 g']], 'winter' => [['winter-oil', '25 mL']], 'water' => [], 'alcohol' => [['isopropyl-alcohol', '100 mL', '70 % v/v']],
];

/** @param  array<string, mixed>  $case */
function courseOf(array $case, string $id = 'one'): Course
{
    [$latitude, $longitude, $zone] = $case['place'] ?? [45.9, 9.3, 'Europe/Rome'];
    $free = $case['free'] ?? [[], 18, 22];
    $body = static fn (string $remedy): array => ['name' => $remedy] + Cases::body('1 L', REMEDIES[$remedy], 'final', units: 'metric');
    $recipes = (array) ($case['recipe'] ?? 'soap');

    return Cases::get(CourseReader::class)->read([
        'format' => 'nebbia.course/1', 'id' => $id, 'target' => $case['target'] ?? 'aphid', 'purpose' => $case['purpose'] ?? 'outbreak', 'start' => $case['start'] ?? '2026-05-02',
        'place' => ['lat' => $latitude, 'lon' => $longitude, 'time_zone' => $zone],
        'plantings' => [['id' => $case['planting'] ?? $id, 'plant' => $case['plant'] ?? 'broad-bean', 'number' => 6, 'stage' => $case['stage'] ?? 'growing', 'indoors' => $case['indoors'] ?? false] + (isset($case['harvest']) ? ['harvest' => $case['harvest']] : []) + array_intersect_key($case, ['care' => 1, 'moved' => 1])],
        'recipes' => array_map($body, $recipes), 'free_hours' => [['days' => $free[0], 'from' => "$free[1]:00", 'to' => "$free[2]:00"]],
    ] + (isset($case['sprayer']) ? ['sprayer' => $case['sprayer']] : []));
}

/** @param  array<string, mixed>  $case */
function skyOf(array $case): Forecast
{
    $zone = new DateTimeZone(($case['place'] ?? [0, 0, 'Europe/Rome'])[2]);
    $start = new DateTimeImmutable(($case['start'] ?? '2026-05-02').' 00:00', $zone);
    $of = static fn (array $now, int $at): WeatherHour => new WeatherHour($at, $now['temp'] ?? 18.0, (float) ($now['rain'] ?? 0.0), (float) ($now['wind'] ?? 6.0), (float) ($now['humidity'] ?? 65.0), (float) ($now['cloud'] ?? 100.0));
    $plain = array_intersect_key($case, array_flip(['temp', 'rain', 'wind', 'humidity', 'cloud']));
    $hours = [];
    for ($n = 0; $n < 24 * 60; $n++) {
        $hours[] = $of($plain, $start->getTimestamp() + $n * 3600);
    }
    foreach ($case['but'] ?? [] as $spell) {
        $from = (new DateTimeImmutable($start->format('Y').'-'.$spell['day'], $zone))->setTime($spell['at'] ?? 0, 0)->getTimestamp();
        for ($n = 0; $n < $spell['hours']; $n++) {
            $hours[] = $of($spell + $plain, $from + $n * 3600);
        }
    }

    return Forecast::of($hours);
}

function romeTime(string $text): int
{
    return (new DateTimeImmutable($text, new DateTimeZone('Europe/Rome')))->getTimestamp();
}

/** @param  array<string, float>  $weather  of that hour; every other is mild, dry and overcast */
function hourOf(string $remedy, string $at, array $weather = [], array $later = [], bool $indoors = false, bool $inFlower = false): JudgedHour
{
    $zone = new DateTimeZone('Europe/Rome');
    $from = (new DateTimeImmutable($at, $zone))->getTimestamp();
    $hours = [];
    for ($n = -2; $n < 48; $n++) {
        $now = ($n === 0 ? $weather : []) + ($later[$n] ?? []) + ['temp' => 18.0, 'rain' => 0.0, 'wind' => 6.0, 'humidity' => 65.0, 'cloud' => 100.0];
        $hours[] = new WeatherHour($from + $n * 3600, (float) $now['temp'], (float) $now['rain'], (float) $now['wind'], (float) $now['humidity'], (float) $now['cloud']);
    }
    $judge = new HourJudge(Cases::get(SprayWindows::class), new Place(45.9, 9.3, $zone), Forecast::of($hours));

    return $judge->judge($judge->windowsOf(courseOf(['recipe' => $remedy])->mixes[0]), PlantConditions::plainly($indoors, $inFlower), $from);
}

/** @return list<string> */
function against(JudgedHour $hour): array
{
    return array_map(static fn (array $one): string => $one[0] instanceof Objection ? $one[0]->id : '', $hour->objections);
}

/** @param  list<WeatherHour>  $hours */
function judgeAt(array $hours = [], float $latitude = 45.9, float $longitude = 9.3): HourJudge
{
    return new HourJudge(Cases::get(SprayWindows::class), new Place($latitude, $longitude, new DateTimeZone('Europe/Rome')), Forecast::of($hours));
}

/** @return list<WeatherHour> hours from then on, mild, dry and overcast but for what is told of some */
function mildFrom(int $from, int $number, array $but = []): array
{
    $hours = [];
    for ($n = 0; $n < $number; $n++) {
        $now = ($but[$n] ?? []) + ['temp' => 18.0, 'rain' => 0.0, 'wind' => 6.0, 'humidity' => 65.0, 'cloud' => 100.0];
        $hours[] = new WeatherHour($from + $n * 3600, (float) $now['temp'], (float) $now['rain'], (float) $now['wind'], (float) $now['humidity'], (float) $now['cloud']);
    }

    return $hours;
}

/** @return array<string, bool> objection => whether it forbids */
function objectionsTo(JudgedHour $hour): array
{
    $said = [];
    foreach ($hour->objections as [$objection, $window]) {
        expect($objection)->toBeInstanceOf(Objection::class)->and($window)->toBeInstanceOf(SprayWindow::class);
        $said[$objection->id] = $objection->forbids;
    }

    return $said;
}

/**
 * Soap against aphids at 18 °C, every 7 days: the round before was on the second of May at nine in the evening, the next is to be on the sixteenth.
 *
 * @return array<string, DayOutlook> the days from the third on
 */
function outlook(array $case = [], array $neighbours = [], ?string $ready = null, ?string $before = '2026-05-02 21:00', ?string $after = '2026-05-16 21:00', string $now = '2026-05-03 08:00'): array
{
    $course = courseOf($case + ['start' => '2026-05-03', 'free' => [[], 21, 22]]);
    $sky = skyOf(['start' => '2026-05-01'] + $case);
    $days = Cases::get(Outlook::class)->days($course, Rhythm::written(7, 3), $before === null ? null : romeTime($before), $after === null ? null : romeTime($after), $neighbours, $ready === null ? null : romeTime($ready), $sky, romeTime($now), 15);

    return array_combine(array_map(static fn (DayOutlook $one): string => substr($one->day, 5), $days), $days);
}

/** The word of an hour for a course whose plants are kept in some way; the second of May 2026 is a Saturday. */
function keptHour(array $course, string $at): JudgedHour
{
    $zone = new DateTimeZone('Europe/Rome');
    $from = (new DateTimeImmutable('2026-05-01 00:00', $zone))->getTimestamp();
    $hours = [];
    for ($n = 0; $n < 96; $n++) {
        $hours[] = new WeatherHour($from + $n * 3600, 18.0, 0.0, 6.0, 65.0, 100.0);
    }
    $judge = new HourJudge(Cases::get(SprayWindows::class), new Place(45.9, 9.3, $zone), Forecast::of($hours));
    $one = courseOf($course);

    return $judge->judge($judge->windowsOf($one->mixes[0]), PlantConditions::of($one), (new DateTimeImmutable($at, $zone))->getTimestamp());
}

/** @param  array<string, mixed>  $change */
function courseBody(array $change = []): array
{
    return $change + [
        'format' => 'nebbia.course/1', 'target' => 'whitefly', 'start' => '2026-06-01',
        'place' => ['lat' => -37.8, 'lon' => 145, 'time_zone' => 'Australia/Melbourne', 'altitude_m' => 30],
        'plantings' => [['plant' => 'tomato', 'number' => 8, 'stage' => 'flowering', 'height_cm' => 120, 'harvest' => '2026-07-01'], ['plant' => 'basil', 'indoors' => true]],
        'recipe' => Cases::body('1 L', [['liquid-castile-soap', '30 mL', '33 %']], units: 'metric'),
    ];
}

function readCourse(mixed $data, ?string $start = null): Course
{
    return Cases::get(CourseReader::class)->read($data, $start);
}
