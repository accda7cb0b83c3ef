<?php

declare(strict_types=1);

use Nebbia\Core\Judgement\Hour\SprayWindows;
use Nebbia\Core\Planning\Course\Rhythm;
use Nebbia\Core\Planning\Hour\HourJudge;
use Nebbia\Core\Planning\Hour\WashOff;
use Nebbia\Core\Planning\Round\Move;
use Nebbia\Core\Planning\Round\OpenRound;
use Nebbia\Core\Planning\Round\Replanner;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\WeatherHour;

/** @return list<array{int, string, string, string}> round, from, to, why */
function moved(array $case, array $open, ?string $last, bool $washed, string $now): array
{
    $course = courseOf($case);
    $rhythm = Rhythm::of($course->target, 18.0);
    $moves = Cases::get(Replanner::class)->replan($course, $rhythm, array_map(static fn (string $day, int $n): OpenRound => new OpenRound($day, $n), $open, array_keys($open)), $last === null ? null : romeTime($last), $washed, skyOf($case), romeTime($now));

    return array_map(static fn (Move $move): array => [$move->round, substr($move->from, 5), substr($move->to, 5), $move->why], $moves);
}

// Soap against aphids at 18 °C: seven days at the most; free from 18 to 22; sprayed on the second at eight.
it('moves what must be moved, and nothing else', function (array $case, array $open, bool $washed, string $now, array $moves): void {
    expect(moved($case, $open, '2026-05-02 20:00', $washed, $now))->toBe($moves);
})->with([
    'no news' => [[], ['2026-05-09', '2026-05-16'], false, '2026-05-04 08:00', []],
    'no news, days closer than they must be' => [[], ['2026-05-07', '2026-05-12'], false, '2026-05-04 08:00', []],
    // Washed off: as soon as it can be, and the rest where it was as long as that is within seven days.
    'washed off in the night' => [[], ['2026-05-09', '2026-05-16'], true, '2026-05-03 08:00', [[0, '05-09', '05-03', 'washed'], [1, '05-16', '05-10', 'follows']]],
    'rain on the day of the next' => [['but' => [['day' => '05-05', 'hours' => 48, 'rain' => 1]]], ['2026-05-06', '2026-05-12'], false, '2026-05-04 08:00', [[0, '05-06', '05-07', 'weather']]],
    'and the one after it is too late then' => [['but' => [['day' => '05-06', 'hours' => 24, 'rain' => 1]]], ['2026-05-06', '2026-05-13'], false, '2026-05-04 08:00', [[0, '05-06', '05-07', 'weather']]],
    'rain that is too far off to be believed' => [['but' => [['day' => '05-09', 'hours' => 24, 'rain' => 1]]], ['2026-05-09', '2026-05-16'], false, '2026-05-04 08:00', []],
    'a round was missed' => [[], ['2026-05-06', '2026-05-12'], false, '2026-05-09 08:00', [[0, '05-06', '05-09', 'missed']]],
    'missed in the rain' => [['but' => [['day' => '05-09', 'hours' => 40, 'rain' => 1]]], ['2026-05-06', '2026-05-13'], false, '2026-05-09 08:00', [[0, '05-06', '05-10', 'missed']]],
    // It stays where it is, and that is said.
    'it rains for weeks: nothing is to be had' => [['rain' => 1], ['2026-05-05'], false, '2026-05-04 08:00', [[0, '05-05', '05-05', 'weather']]],
    // Soap kills bees, and the free hours are all by day.
    'it came into flower' => [['stage' => 'flowering', 'free' => [[], 10, 17]], ['2026-05-05'], false, '2026-05-04 08:00', [[0, '05-05', '05-05', 'weather']]],
    'it came into flower, and there are hours after sunset' => [['stage' => 'flowering'], ['2026-05-05'], false, '2026-05-04 08:00', []],
]);

// Rain at five and six in the afternoon of the fifth. Leaves are wet until eight, which is dusk there: the round of six goes to eight, the one of nine stays.
it('moves a round to another hour of its day', function (?int $hour, array $moves): void {
    $case = ['but' => [['day' => '05-05', 'at' => 17, 'hours' => 2, 'rain' => 1]]];
    $course = courseOf($case);
    $found = Cases::get(Replanner::class)->replan($course, Rhythm::of($course->target, 18.0) ?? Rhythm::written(7, 3), [new OpenRound('2026-05-05', 0, $hour), new OpenRound('2026-05-12', 1, 18)], romeTime('2026-05-01 20:00'), false, skyOf($case), romeTime('2026-05-04 08:00'));
    expect(array_map(static fn (Move $move): array => [$move->from, $move->to, $move->slot?->from, $move->against?->objections[0][0]->id], $found))->toBe($moves);
})->with([
    [18, fn () => [['2026-05-05', '2026-05-05', romeTime('2026-05-05 20:00'), 'rain']]],
    [21, []],
    [null, []],
]);

// Ten in the evening is no hour for milk in the cold, which wants 15 degrees; soap is content with 10. Milk comes second; where that round was skipped it is soap's turn again.
it('judges each round by the remedy whose turn it is', function (int $turn, array $moves): void {
    $case = ['recipe' => ['soap', 'milk'], 'temp' => 12];
    $course = courseOf($case);
    $found = Cases::get(Replanner::class)->replan($course, Rhythm::written(7, 3), [new OpenRound('2026-05-05', $turn)], romeTime('2026-05-01 20:00'), false, skyOf($case), romeTime('2026-05-04 08:00'));
    expect(array_map(static fn (Move $move): array => [$move->why, $move->slot, $move->against?->objections[0][0]->id], $found))->toBe($moves);
})->with([[0, []], [1, [['weather', null, 'too-cold']]], [2, []]]);

it('changes nothing a second time', function (): void {
    $case = ['but' => [['day' => '05-05', 'hours' => 48, 'rain' => 1]]];
    $once = moved($case, ['2026-05-06', '2026-05-12'], '2026-05-02 20:00', false, '2026-05-04 08:00');
    expect($once)->not->toBe([])->and(moved($case, ['2026-'.$once[0][2], '2026-05-12'], '2026-05-02 20:00', false, '2026-05-04 08:00'))->toBe([]);
});

/** @param  array<int, float>  $rain  hours after the spray => mm */
function washed(string $remedy, array $rain, int $hours = 96, bool $indoors = false): WashOff
{
    $course = courseOf(['recipe' => $remedy]);
    $sprayed = romeTime('2026-05-02 20:00');
    $sky = [];
    for ($n = 0; $n < $hours; $n++) {
        $sky[] = new WeatherHour($sprayed + $n * 3600, 18.0, $rain[$n] ?? 0.0, 5.0, 60.0, 50.0);
    }
    $forecast = Forecast::of($sky);

    return WashOff::of((new HourJudge(Cases::get(SprayWindows::class), $course->place, $forecast))->windowsOf($course->mixes[0]), $forecast, $sprayed, $sprayed + $hours * 3600, $indoors);
}

it('says what rain took', function (string $remedy, array $rain, string $lost): void {
    expect(washed($remedy, $rain)->lost)->toBe($lost);
})->with([
    'soap, dry for long' => ['soap', [], 'none'],
    // Four dry hours are enough: then nothing is left to be washed.
    'soap, two hours after' => ['soap', [2 => 1.0], 'all'],
    'soap, six hours after' => ['soap', [6 => 20.0], 'none'],
    'soap, a drizzle of nothing' => ['soap', [2 => 0.05], 'none'],
    // Washed off by two to five millimetres, and twenty-four dry hours.
    'bicarbonate, two days after, a little' => ['bicarbonate', [48 => 1.0], 'none'],
    'bicarbonate, two days after' => ['bicarbonate', [48 => 1.5, 49 => 1.5], 'partly'],
    'bicarbonate, much' => ['bicarbonate', [48 => 3.0, 60 => 2.5], 'all'],
    'bicarbonate, soon and little' => ['bicarbonate', [10 => 0.5], 'partly'],
    // Five to ten millimetres.
    'garlic, two days after' => ['garlic', [48 => 4.0], 'none'],
    'garlic, a shower' => ['garlic', [48 => 7.0], 'partly'],
    'garlic, a storm' => ['garlic', [48 => 12.0], 'all'],
]);

it('loses nothing indoors, and no less with more rain', function (): void {
    expect(washed('bicarbonate', [2 => 30.0], indoors: true)->lost)->toBe('none');
    $rank = ['none' => 0, 'partly' => 1, 'all' => 2];
    foreach (['soap', 'garlic', 'bicarbonate', 'milk', 'oil'] as $remedy) {
        $before = 0;
        foreach ([0.0, 0.2, 1.0, 3.0, 6.0, 15.0] as $rain) {
            $now = $rank[washed($remedy, [3 => $rain])->lost];
            expect($now)->toBeGreaterThanOrEqual($before);
            $before = $now;
        }
    }
});
