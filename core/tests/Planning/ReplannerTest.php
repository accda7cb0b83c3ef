<?php

declare(strict_types=1);

use Nebbia\Core\Judgement\Hour\SprayWindows;
use Nebbia\Core\Planning\Course\Rhythm;
use Nebbia\Core\Planning\Hour\HourJudge;
use Nebbia\Core\Planning\Hour\WashOff;
use Nebbia\Core\Planning\Round\Move;
use Nebbia\Core\Planning\Round\NeighbourRound;
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
    'a round was missed' => [[], ['2026-05-06', '2026-05-12'], false, '2026-05-09 08:00', [[0, '05-06', '05-09', 'missed'], [1, '05-12', '05-16', 'follows']]],
    // The rest goes along; where it is far enough off it stays.
    'a round was missed, and the next is a week off' => [[], ['2026-05-08', '2026-05-15'], false, '2026-05-09 08:00', [[0, '05-08', '05-09', 'missed']]],
    'two were missed: one is made up for, and none beside it' => [[], ['2026-05-06', '2026-05-09', '2026-05-20'], false, '2026-05-11 08:00', [[0, '05-06', '05-11', 'missed'], [1, '05-09', '05-18', 'follows'], [2, '05-20', '05-25', 'follows']]],
    'missed in the rain' => [['but' => [['day' => '05-09', 'hours' => 40, 'rain' => 1]]], ['2026-05-06', '2026-05-13'], false, '2026-05-09 08:00', [[0, '05-06', '05-10', 'missed'], [1, '05-13', '05-17', 'follows']]],
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

it('moves no round onto a day on which the same plants have another', function (): void {
    $course = courseOf([]);
    $rhythm = Rhythm::written(7, 3);
    $other = static fn (bool $same): array => [new NeighbourRound('Milk', romeTime('2026-05-09 20:00'), romeTime('2026-05-09 21:00'), false, 0.0, $same)];
    $days = static fn (array $neighbours): array => array_map(static fn (Move $one): string => substr($one->to, 5), Cases::get(Replanner::class)->replan($course, $rhythm, [new OpenRound('2026-05-06', 0)], romeTime('2026-05-02 20:00'), false, skyOf([]), romeTime('2026-05-09 08:00'), $neighbours));
    expect($days($other(false)))->toBe(['05-09'])->and($days($other(true)))->toBe(['05-10']);
});

it('changes nothing where there is no news, as often as it is asked', function (string $target, int $late): void {
    $case = ['target' => $target];
    $course = courseOf($case);
    $rhythm = Rhythm::of($course->target, 18.0) ?? Rhythm::written(7, 3);
    $now = (new DateTimeImmutable('2026-05-04 08:00', new DateTimeZone('Europe/Rome')))->modify("+$late days");
    $open = [];
    for ($n = 0; $n < 4; $n++) {
        $open[] = new OpenRound($now->modify('+'.(int) floor($n * $rhythm->days).' days')->format('Y-m-d'), $n);
    }
    // Two of them missed at first; what comes of it is news no more.
    $open[0] = new OpenRound($now->modify('-3 days')->format('Y-m-d'), 0);
    $open[1] = new OpenRound($now->modify('-1 day')->format('Y-m-d'), 1);
    $last = $now->modify('-20 days')->getTimestamp();
    $ask = static fn (array $open): array => Cases::get(Replanner::class)->replan($course, $rhythm, $open, $last, false, skyOf(['start' => '2026-05-01'] + $case), $now->getTimestamp());
    $moves = $ask($open);
    expect($moves)->not->toBe([]);
    foreach ($moves as $move) {
        $open[$move->round] = new OpenRound($move->to, $move->round, (int) (new DateTimeImmutable('@'.$move->slot->from))->setTimezone(new DateTimeZone('Europe/Rome'))->format('G'));
    }
    $days = array_map(static fn (OpenRound $one): string => $one->day, $open);
    for ($n = 1; $n < 4; $n++) {
        $gap = (strtotime($days[$n]) - strtotime($days[$n - 1])) / 86400;
        expect($gap)->toBeGreaterThanOrEqual(min(3.0, $rhythm->days) - 0.01)->and(abs($gap - $rhythm->days))->toBeLessThanOrEqual(1.0, implode(' ', $days)." at $rhythm->days");
    }
    expect($ask($open))->toEqual([]);
})->with(['aphid', 'spider-mite', 'whitefly', 'mealybug', 'powdery-mildew', 'thrips'])->with([0, 3, 9]);
