<?php

declare(strict_types=1);

use Nebbia\Core\Judgement\Hour\Room;
use Nebbia\Core\Judgement\Hour\SprayWindows;
use Nebbia\Core\Planning\Course\Course;
use Nebbia\Core\Planning\Course\CoursePlanting;
use Nebbia\Core\Planning\Course\PlantConditions;
use Nebbia\Core\Planning\Hour\HourJudge;
use Nebbia\Core\Planning\Hour\HourWord;
use Nebbia\Core\Planning\Round\OpenRound;
use Nebbia\Core\Planning\Round\Planner;
use Nebbia\Core\Planning\Round\Replanner;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\Place;

// A room is 21 °C by day and 18 by night (FACTS.md, Q): 19.5 on the mean, in every season. Worked out from the life cycles at that:
// aphid 130/15.5 = 8.39, of which 0.8 are 6.7; mite eggs 60/9 = 6.7, open 9.4; whitefly eggs 115/11.2 = 10.3; mealybug eggs 110/9.5 = 11.6;
// thrips pupae 66/10 = 6.6; gnat pupae 63/10 = 6.3; soft scale 180/8.5 = 21.2.
const INDOORS = ['aphid' => [6.71, 3], 'spider-mite' => [7.0, 3], 'whitefly' => [7.0, 4], 'mealybug' => [10.0, 4], 'thrips' => [5.0, 4], 'fungus-gnat' => [7.0, 3], 'soft-scale' => [10.0, 5]];

/** @return array{float, int, list<int>} interval, number, when */
function planIndoors(string $target, string $start, Forecast $sky): array
{
    $plan = Cases::get(Planner::class)->plan([courseOf(['target' => $target, 'indoors' => true, 'start' => $start, 'plant' => 'monstera'])], $sky)['one'];

    return [$plan->rhythm->days, $plan->rhythm->number, array_map(static fn ($round): int => $round->slot->from, $plan->rounds)];
}

it('plans in a room by the warmth of a room, in winter as in summer', function (string $target, string $start): void {
    [$days, $number, $rounds] = planIndoors($target, $start, Forecast::of([]));
    expect($days)->toEqualWithDelta(INDOORS[$target][0], 0.02)->and($number)->toBe(INDOORS[$target][1])->and($rounds)->toHaveCount($number);
})->with(array_keys(INDOORS))->with(['2026-01-10', '2026-04-10', '2026-07-10', '2026-10-10']);

it('never lets the weather outside change a round in a room', function (string $target, string $start): void {
    $plain = planIndoors($target, $start, Forecast::of([]));
    foreach ([['temp' => -15], ['temp' => 38], ['rain' => 3], ['wind' => 60], ['humidity' => 98], ['cloud' => 0, 'temp' => 30], ['but' => [['day' => substr($start, 5), 'hours' => 200, 'temp' => -8, 'rain' => 2]]]] as $sky) {
        expect(planIndoors($target, $start, skyOf(['start' => $start] + $sky)))->toBe($plain, json_encode($sky));
    }
    // Nor does it move one.
    $course = courseOf(['target' => $target, 'indoors' => true, 'start' => $start]);
    $now = romeTime("$start 08:00");
    $open = [new OpenRound($start, 0, 19)];
    expect(Cases::get(Replanner::class)->replan($course, Cases::get(Planner::class)->plan([$course], Forecast::of([]))['one']->rhythm, $open, null, false, skyOf(['start' => $start, 'temp' => -20, 'rain' => 1, 'wind' => 50]), $now))->toBe([]);
})->with(array_keys(INDOORS))->with(['2026-01-10', '2026-07-10']);

it('calls an evening in a room a good hour, whatever is foretold', function (string $remedy, string $at, HourWord $word): void {
    $hour = hourOf($remedy, $at, ['temp' => -10.0, 'wind' => 50.0, 'rain' => 4.0, 'humidity' => 99.0], indoors: true, inFlower: true);
    expect($hour->word)->toBe($word, implode(', ', against($hour)));
})->with([
    ['soap', '2026-01-15 20:00', HourWord::Fine], ['oil', '2026-01-15 20:00', HourWord::Fine], ['bicarbonate', '2026-06-15 08:00', HourWord::Fine], ['alcohol', '2026-01-15 20:00', HourWord::Fine],
    // Milk wants the sun, which a room has not.
    ['milk', '2026-06-15 09:00', HourWord::Poor],
]);

it('goes by the warmth that was measured in the room', function (): void {
    // 25 °C by day and 23 by night: 24 on the mean. Aphid 130/20 = 6.5, of which 0.8 are 5.2 (against 6.7 at 19.5).
    $plain = courseOf(['target' => 'aphid', 'indoors' => true, 'start' => '2026-01-10', 'plant' => 'monstera']);
    $in = static fn (?Room $room): float => Cases::get(Planner::class)->plan([new Course($plain->id, $plain->target, $plain->purpose, $plain->start, $plain->place, $plain->plantings, $plain->mixes, $plain->free, null, 1, $room)], Forecast::of([]))['one']->rhythm->days;
    expect($in(null))->toEqualWithDelta(6.71, 0.02)->and($in(new Room(25.0, 23.0, 40.0)))->toEqualWithDelta(5.2, 0.03);
});

it('keeps clear of the sun that comes through a window, from two hours before ten until four', function (string $at, bool $isClear): void {
    $zone = new DateTimeZone('Europe/Rome');
    $judge = new HourJudge(Cases::get(SprayWindows::class), new Place(45.9, 9.3, $zone), Forecast::of([]));
    $plain = courseOf(['recipe' => 'oil', 'indoors' => true, 'plant' => 'monstera']);
    $one = $plain->plantings[0];
    $inWindow = new Course($plain->id, $plain->target, $plain->purpose, $plain->start, $plain->place, [new CoursePlanting($one->id, $one->plant, 1, $one->stage, indoors: true, inWindow: true)], $plain->mixes, $plain->free);
    $at = (new DateTimeImmutable($at, $zone))->getTimestamp();
    $hour = $judge->judge($judge->windowsOf($plain->mixes[0]), PlantConditions::of($inWindow), $at);
    expect(in_array('sun', against($hour), true))->toBe(! $isClear, implode(', ', against($hour)));
    // Away from the window no hour has sun.
    expect(against($judge->judge($judge->windowsOf($plain->mixes[0]), PlantConditions::of($plain), $at)))->not->toContain('sun');
})->with([['2026-01-15 07:00', true], ['2026-01-15 08:00', false], ['2026-01-15 12:00', false], ['2026-01-15 15:00', false], ['2026-01-15 16:00', true], ['2026-07-15 20:00', true]]);
