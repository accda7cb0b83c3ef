<?php

declare(strict_types=1);

use Nebbia\Core\Judgement\Hour\SprayWindow;
use Nebbia\Core\Making\StockBatch;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Measure\Vessel\Vessel;
use Nebbia\Core\Planning\Course\Ending;
use Nebbia\Core\Planning\Course\FreeHours;
use Nebbia\Core\Planning\Course\PlantCare;
use Nebbia\Core\Planning\Course\PlantConditions;
use Nebbia\Core\Planning\Course\Purpose;
use Nebbia\Core\Planning\Course\Rhythm;
use Nebbia\Core\Planning\Hour\HourWord;
use Nebbia\Core\Planning\Hour\SprayTime;
use Nebbia\Core\Planning\Hour\WashOff;
use Nebbia\Core\Planning\Round\MakeAhead;
use Nebbia\Core\Planning\Round\NeighbourRound;
use Nebbia\Core\Planning\Round\OpenRound;
use Nebbia\Core\Planning\Round\Planner;
use Nebbia\Core\Planning\Round\Replanner;
use Nebbia\Core\Planning\Round\RoundPlacer;
use Nebbia\Core\Planning\Round\RoundWords;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Tests\Chance;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\PartOfDay;
use Nebbia\Core\Weather\WeatherUnits;

// What survived when faults were put into the planning one by one.

function utc(string $text): int
{
    return (new DateTimeImmutable($text, new DateTimeZone('UTC')))->getTimestamp();
}

it('keeps apart what is kept otherwise, and together what is kept alike', function (): void {
    $care = static fn (array $water, int $hour, bool $above, array $feed): PlantCare => PlantCare::of($water, $hour, $above, $feed);
    $keys = array_map(static fn (PlantCare $one): string => $one->key(), [
        $care([], 7, true, []), $care([1], 7, true, []), $care([2], 7, true, []), $care([1, 2], 7, true, []), $care([1], 8, true, []), $care([1, 2], 8, true, []), $care([], 7, true, [1]), $care([], 7, true, [2]),
        $care([1], 7, true, [1]), $care([1], 7, true, [2]), $care([2], 7, true, [1]), $care([1], 17, true, []), $care([1, 1, 7], 7, true, []), $care([], 7, false, [1, 2]), $care([3], 7, true, [1, 2]),
    ]);
    expect(array_unique($keys))->toHaveCount(count($keys))
        // At the root it matters to no spray; in whatever order it is written.
        ->and($care([1, 3], 7, false, [])->key())->toBe('')->and($care([], 9, false, [])->key())->toBe('')->and($care([3, 1, 3], 7, true, [5, 2])->key())->toBe($care([1, 3], 7, true, [2, 5])->key())
        ->and($care([1], 7, false, [4])->key())->toBe($care([], 9, true, [4])->key());

    $courses = [
        [], ['indoors' => true], ['stage' => 'flowering'], ['indoors' => true, 'stage' => 'flowering'], ['plant' => 'moth-orchid'], ['plant' => 'moth-orchid', 'indoors' => true], ['target' => 'slug'], ['moved' => '2026-05-01'], ['moved' => '2026-05-02'],
        ['care' => ['water_days' => ['sat'], 'from_above' => true]], ['care' => ['feed_days' => ['sat']]], ['care' => ['feed_days' => ['sun']]], ['care' => ['feed_days' => ['sun']], 'target' => 'slug'], ['care' => ['feed_days' => ['sun']], 'moved' => '2026-05-01'],
    ];
    $kept = array_map(static fn (array $case): string => PlantConditions::of(courseOf($case))->key(), $courses);
    expect(array_unique($kept))->toHaveCount(count($kept))->and(PlantConditions::of(courseOf([]))->key())->toBe(PlantConditions::plainly()->key())->and(PlantConditions::of(courseOf(['indoors' => true]))->key())->toBe(PlantConditions::plainly(true)->key())
        ->and(PlantConditions::plainly(false, true)->key())->not->toBe(PlantConditions::plainly(true)->key())->and(PlantConditions::plainly()->nightBreathing)->toBeFalse()
        // What matters to no spray is as if it were not there.
        ->and(PlantConditions::of(courseOf(['care' => ['water_days' => ['sat']]]))->isPlain())->toBeTrue()->and(PlantConditions::of(courseOf(['care' => ['feed_days' => ['sat']]]))->isPlain())->toBeFalse()
        ->and(PlantConditions::of(courseOf(['target' => 'slug']))->isPlain())->toBeFalse()->and(PlantConditions::of(courseOf(['moved' => '2026-05-01']))->isPlain())->toBeFalse();
});

it('keeps apart free hours that are others', function (): void {
    $keys = array_map(static fn (array $spans): string => FreeHours::of($spans)->key(), [
        [], [[[], 5, 21]], [[[], 6, 22]], [[[1], 5, 22]], [[[2], 5, 22]], [[[1, 2], 5, 22]], [[[1], 5, 22], [[2], 5, 22]], [[[1], 5, 9]], [[[1], 18, 22]], [[[1], 5, 9], [[1], 18, 22]],
    ]);
    expect(array_unique($keys))->toHaveCount(count($keys))->and(FreeHours::of([])->key())->toBe(FreeHours::of([[[], 5, 22]])->key())->and(FreeHours::of([[[1], 5, 9]])->key())->toBe(FreeHours::of([[[1], 5, 9]])->key());
});

it('says at which hour and how plants are watered as it was read', function (array $row, array $kept): void {
    expect(PlantCare::read($row, 'care')?->toArray())->toBe($kept + ['water_days' => [], 'water_at' => '07:00', 'from_above' => false, 'feed_days' => []]);
})->with([
    [['water_days' => ['mon'], 'water_at' => '9:00', 'from_above' => true], ['water_days' => ['mon'], 'water_at' => '09:00', 'from_above' => true]],
    [['water_at' => '21:00', 'from_above' => 'true'], ['water_days' => [], 'water_at' => '21:00', 'from_above' => true]], [['from_above' => 0], []], [['from_above' => 1], ['water_days' => [], 'water_at' => '07:00', 'from_above' => true]], [[], []],
]);

it('judges each way of keeping by itself, whichever was asked for first', function (): void {
    // Ten in the morning, wind and bees: out for leaves outdoors, the worse in flower, and neither matters inside.
    $at = romeTime('2026-05-04 10:00');
    $hours = mildFrom($at - 7200, 60, [2 => ['wind' => 40.0]]);
    $ways = [[false, false], [true, false], [false, true], [true, true]];
    $expected = [['time' => false, 'windy' => true], [], ['bees' => true, 'time' => false, 'windy' => true], []];
    foreach ([[0, 1, 2, 3], [3, 2, 1, 0], [1, 0, 3, 2], [2, 3, 0, 1]] as $order) {
        $judge = judgeAt($hours);
        $windows = $judge->windowsOf(courseOf([])->mixes[0]);
        foreach ($order as $n) {
            $said = objectionsTo($judge->judge($windows, PlantConditions::plainly(...$ways[$n]), $at + 1500));
            ksort($said);
            expect($said)->toBe($expected[$n], "way $n");
        }
    }
});

it('puts the gravest objection first, and forbids where any does', function (): void {
    $chance = new Chance(33);
    for ($try = 0; $try < 60; $try++) {
        $weather = ['temp' => $chance->between(-2.0, 36.0), 'wind' => $chance->between(0.0, 30.0), 'humidity' => $chance->between(20.0, 100.0), 'rain' => $chance->whole(0, 2) === 0 ? 1.0 : 0.0, 'cloud' => $chance->between(0.0, 100.0)];
        $hour = hourOf(['soap', 'oil', 'milk', 'bicarbonate'][$try % 4], sprintf('2026-05-04 %02d:00', $chance->whole(0, 23)), $weather, [], false, $try % 3 === 0);
        $weights = array_map(static fn (array $one): int => $one[0]->weight, $hour->objections);
        $sorted = $weights;
        rsort($sorted);
        expect($weights)->toBe($sorted)->and($hour->word)->toBe($weights === [] ? HourWord::Fine : (in_array(true, objectionsTo($hour), true) ? HourWord::No : HourWord::Poor));
    }
});

it('tells by the clock of the sun which part of a day it is', function (float $latitude, float $longitude, string $at, PartOfDay $part): void {
    expect(judgeAt([], $latitude, $longitude)->part(utc($at)))->toBe($part);
})->with([
    // At 7.5° east the middle of an hour that begins at nine in Greenwich is ten by the sun; midday is ten to two.
    [45.0, 7.5, '2026-05-04 08:00', PartOfDay::Morning], [45.0, 7.5, '2026-05-04 09:00', PartOfDay::Midday], [45.0, 7.5, '2026-05-04 12:00', PartOfDay::Midday], [45.0, 7.5, '2026-05-04 13:00', PartOfDay::Afternoon],
    [45.0, -7.5, '2026-05-04 09:00', PartOfDay::Morning], [45.0, -7.5, '2026-05-04 10:00', PartOfDay::Midday], [45.0, -7.5, '2026-05-04 13:00', PartOfDay::Midday], [45.0, -7.5, '2026-05-04 14:00', PartOfDay::Afternoon],
    // In the far north in December it is dawn until noon and dusk from then on: the sun stands 4.6 degrees high at the most.
    [62.0, 7.5, '2026-12-21 10:00', PartOfDay::Dawn], [62.0, 7.5, '2026-12-21 11:00', PartOfDay::Dusk],
]);

it('feels the sun on a leaf in its hour and within two, where clouds let it through', function (int $before, float $cloud, bool $isSun): void {
    // The first hour of the fourth of May in whose middle the sun stands 15 degrees high or more.
    $judge = judgeAt();
    for ($first = romeTime('2026-05-04 05:00'); $judge->height($first) < 15.0; $first += 3600) {
    }
    $at = $first - $before * 3600;
    $hours = mildFrom($at - 7200, 60, [$before + 2 => ['cloud' => $cloud]]);
    $judge = judgeAt($hours);
    expect(array_key_exists('sun', objectionsTo($judge->judge($judge->windowsOf(courseOf([])->mixes[0]), PlantConditions::plainly(), $at))))->toBe($isSun);
})->with([[0, 0.0, true], [1, 0.0, true], [2, 0.0, true], [3, 0.0, false], [2, 60.0, true], [2, 61.0, false], [0, 100.0, false]]);

it('knows the sun, the bees and the time of day where no forecast reaches', function (string $recipe, string $at, array $way, array $expected): void {
    $judge = judgeAt();
    $hour = $judge->judge($judge->windowsOf(courseOf(['recipe' => $recipe])->mixes[0]), PlantConditions::plainly(...$way), romeTime($at));
    $said = objectionsTo($hour);
    ksort($said);
    // Bees fly by the clock, and what must not stand in the sun must not there either: weather is not asked for that.
    $forbids = ['bees' => true, 'sun-never' => true];
    expect($said)->toBe(array_map(static fn (string $id): bool => $forbids[$id] ?? false, array_combine($expected, $expected)))
        ->and($hour->word)->toBe($expected === [] ? (($way[0] ?? false) ? HourWord::Fine : HourWord::Unknown) : (array_intersect_key($forbids, $said) === [] ? HourWord::Poor : HourWord::No));
    foreach ($hour->objections as [$objection, $window]) {
        expect($objection->better)->toBe($objection->id === 'time' ? $window->best[0] : '');
    }
})->with([
    ['soap', '2026-05-04 13:00', [], ['sun', 'time']], ['soap', '2026-05-04 21:00', [], []], ['soap', '2026-05-04 13:00', [false, true], ['bees', 'sun', 'time']], ['soap', '2026-05-04 13:00', [true, true], []],
    ['soap', '2026-05-04 22:00', [false, true], []], ['bicarbonate', '2026-05-04 08:00', [false, true], []], ['bicarbonate', '2026-05-04 13:00', [], ['time']], ['garlic', '2026-05-04 10:00', [], ['sun', 'time']],
]);

it('says in how many hours it is watered, and what is only unwelcome it does not forbid', function (): void {
    $in = static function (string $at): ?float {
        foreach (keptHour(['care' => ['water_days' => ['sat'], 'water_at' => '21:00', 'from_above' => true]], $at)->objections as [$objection]) {
            if ($objection->id === 'watered') {
                return $objection->params['in'];
            }
        }

        return null;
    };
    // Soap wants four dry hours.
    expect(array_map($in, ['2026-05-02 17:00', '2026-05-02 18:00', '2026-05-02 20:00', '2026-05-02 21:00', '2026-05-02 22:00', '2026-05-02 23:00']))->toBe([null, 3.0, 1.0, 0.0, 0.0, null]);
    $slug = keptHour(['target' => 'slug'], '2026-05-02 15:00');
    $hidden = array_values(array_filter($slug->objections, static fn (array $one): bool => $one[0]->id === 'hidden'))[0];
    expect($hidden[0]->forbids)->toBeFalse()->and($hidden[0]->better)->toBe(Cases::target('slug')->outAt[0]->value)->and($hidden[1])->toBeInstanceOf(SprayWindow::class);
    // Planted on the first: it settles for some days, and is then as any other.
    expect(objectionsTo(keptHour(['moved' => '2026-05-01'], '2026-05-02 21:00')))->toBe(['settling' => false])->and(objectionsTo(keptHour(['moved' => '2026-04-01'], '2026-05-02 21:00')))->toBe([]);
});

// 2026-05-02 is day 0; leaves dry in four hours from soap, garlic is washed off partly by 5 mm and wholly by 10.
it('tells what rain took of a spray', function (string $remedy, array $rain, string $lost, float $fell, ?float $after): void {
    $sprayed = romeTime('2026-05-02 20:20');
    $hours = mildFrom(romeTime('2026-05-02 18:00'), 96, array_map(static fn (float $mm): array => ['rain' => $mm], $rain));
    $forecast = Forecast::of($hours);
    $judge = judgeAt($hours);
    $found = WashOff::of($judge->windowsOf(courseOf(['recipe' => $remedy])->mixes[0]), $forecast, $sprayed, $sprayed + 72 * 3600);
    expect($found->lost)->toBe($lost)->and($found->rain)->toEqualWithDelta($fell, 1e-9)->and($found->window?->id)->toBe($lost === 'none' ? null : ($remedy === 'soap' ? 'soap' : 'extract'));
    $after === null ? expect($found->after)->toBeNull() : expect($found->after)->toEqualWithDelta($after, 1e-9);
})->with([
    // Hours since six in the evening; the hour of the spray, eight, is over before it is known to be wet.
    'none' => ['soap', [], 'none', 0.0, null], 'in the hour itself' => ['soap', [2 => 3.0], 'none', 0.0, null],
    'within four hours' => ['soap', [5 => 1.0], 'all', 1.0, 8 / 3], 'just within' => ['soap', [6 => 1.0], 'all', 1.0, 11 / 3], 'after four' => ['soap', [7 => 9.0], 'none', 9.0, 14 / 3],
    'garlic, 4.9 mm late' => ['garlic', [30 => 4.9], 'none', 4.9, 83 / 3], 'garlic, 5 mm late' => ['garlic', [30 => 5.0], 'partly', 5.0, 83 / 3], 'garlic, 9.9 in two showers' => ['garlic', [30 => 5.0, 40 => 4.9], 'partly', 9.9, 83 / 3],
    'garlic, 10 mm' => ['garlic', [30 => 5.0, 40 => 5.0], 'all', 10.0, 83 / 3], 'garlic, a little early' => ['garlic', [5 => 1.0], 'partly', 1.0, 8 / 3], 'garlic, much early' => ['garlic', [5 => 12.0], 'all', 12.0, 8 / 3],
]);

it('loses nothing indoors, nor before it was sprayed', function (): void {
    $sprayed = romeTime('2026-05-02 20:00');
    $hours = mildFrom($sprayed, 48, [1 => ['rain' => 9.0]]);
    $windows = judgeAt($hours)->windowsOf(courseOf([])->mixes[0]);
    expect(WashOff::of($windows, Forecast::of($hours), $sprayed, $sprayed + 86400, true)->lost)->toBe('none')->and(WashOff::of($windows, Forecast::of($hours), $sprayed, $sprayed)->lost)->toBe('none')
        ->and(WashOff::of([], Forecast::of($hours), $sprayed, $sprayed + 86400)->lost)->toBe('none')->and(WashOff::of($windows, Forecast::of($hours), $sprayed, $sprayed + 86400)->lost)->toBe('all');
});

it('says what a rhythm rests on in its own figures', function (): void {
    $of = static fn (string $target, ?float $mean, Purpose $purpose = Purpose::Outbreak): Rhythm => Rhythm::of(Cases::target($target), $mean, $purpose) ?? throw new LogicException('No rhythm.');
    expect($of('powdery-mildew', 15.0)->because->params)->toBe(['name' => 'powdery mildew', 'low' => 10.0, 'high' => 11.0, 'mean' => 15.0, 'guessed' => 'no', 'days' => 10.0, 'n' => 4])
        ->and($of('spider-mite', 9.0)->because->params)->toBe(['name' => 'spider mite', 'low' => 3.0, 'high' => 7.0, 'days' => 7.0, 'n' => 3, 'still' => 'yes'])
        ->and($of('spider-mite', 20.0, Purpose::Prevention)->because->params)->toBe(['name' => 'spider mite', 'low' => 3.0, 'high' => 7.0, 'days' => 6.0, 'n' => 3, 'still' => 'no'])
        ->and($of('spider-mite', null)->because->params['still'])->toBe('no')
        ->and(Rhythm::written(9, 5)->because->params)->toBe(['days' => 9.0, 'n' => 5]);
    foreach ([$of('powdery-mildew', 15.0), $of('spider-mite', 9.0), Rhythm::written(9, 5)] as $one) {
        expect($one->protectedDays)->toBe(0.0)->and($one->openDays)->toBeNull();
    }
    // Mites at 20.5 °C, ten degrees over their threshold: eggs 6 days, 8.5 to be hit; 0.8 of that is 6.8.
    expect($of('spider-mite', 20.5)->because->params)->toMatchArray(['name' => 'spider mite', 'mean' => 20.5, 'hides' => 'yes', 'capped' => 'no', 'n' => 3]);
    $capped = 0;
    foreach (['aphid', 'spider-mite', 'whitefly', 'mealybug', 'soft-scale', 'thrips', 'fungus-gnat', 'cabbage-white'] as $target) {
        for ($mean = 8.0; $mean <= 34.0; $mean += 0.5) {
            $one = Rhythm::of(Cases::target($target), $mean);
            if ($one?->openDays === null) {
                continue;
            }
            $longest = Cases::target($target)->everyDays?->high ?? INF;
            expect($one->because->params['hides'])->toBe($one->protectedDays > 0.0 ? 'yes' : 'no')->and($one->because->params['capped'])->toBe($longest < 0.8 * $one->openDays ? 'yes' : 'no')
                ->and($one->days)->toEqualWithDelta(min($longest, 0.8 * $one->openDays), 1e-9)->and($one->openDays)->toBeLessThanOrEqual(100.0);
            $capped += $longest < 0.8 * $one->openDays ? 1 : 0;
        }
    }
    expect($capped)->toBeGreaterThan(10);
});

it('goes round a cycle from its longest sheltered stage', function (array $stages, float $protected, float $open): void {
    expect((new ReflectionMethod(Rhythm::class, 'longestProtected'))->invoke(null, $stages))->toBe([$protected, $open]);
})->with([
    'two that are reached follow it' => [[[false, 10.0], [true, 3.0], [true, 2.0], [false, 4.0]], 10.0, 5.0], 'one before and one after' => [[[true, 2.0], [false, 10.0], [true, 3.0]], 10.0, 5.0],
    'the longest is the last' => [[[true, 2.0], [false, 3.0], [true, 4.0], [false, 10.0]], 10.0, 2.0], 'the first of two as long' => [[[false, 5.0], [true, 3.0], [false, 5.0], [true, 4.0]], 5.0, 3.0],
    'nothing that is reached follows' => [[[false, 10.0], [false, 2.0], [true, 3.0], [false, 1.0], [true, 0.4]], 10.0, 3.0], 'half a day is something' => [[[false, 10.0], [true, 0.5], [false, 1.0], [true, 6.0]], 10.0, 0.5],
    'all is reached' => [[[true, 2.0], [true, 3.0]], 0.0, 5.0], 'nothing is' => [[[false, 2.0], [false, 3.0]], 3.0, 0.0],
]);

it('says of a good hour how warm, how still and for how long dry', function (array $case, string $said): void {
    $sky = skyOf($case);
    $plan = Cases::get(Planner::class)->plan([courseOf($case)], $sky)['one'];
    $words = new RoundWords(Cases::english(), WeatherUnits::of(UnitSystem::Metric));
    expect($words->because($plan->rounds[0], $plan->rhythm, $sky))->toContain($said);
})->with([
    // The one free hour is eight in the evening.
    'rain at two in the night' => [['free' => [[], 20, 21], 'temp' => 17, 'wind' => 7, 'but' => [['day' => '05-03', 'at' => 2, 'hours' => 3, 'rain' => 2]]], '17 °C, wind 7 km/h, dry for 6 hours'],
    'no rain in sight' => [['free' => [[], 20, 21]], '18 °C, wind 6 km/h, dry for 240 hours'],
]);

it('says of a late round how late it is and why', function (): void {
    // It rains for nine days after the first round: the second comes three days late.
    $case = ['free' => [[], 20, 21], 'but' => [['day' => '05-03', 'hours' => 9 * 24, 'rain' => 1]]];
    $sky = skyOf($case);
    $plan = Cases::get(Planner::class)->plan([courseOf($case)], $sky)['one'];
    $late = array_values(array_filter($plan->rounds, static fn ($round): bool => $round->isLate))[0];
    $said = (new RoundWords(Cases::english(), WeatherUnits::of(UnitSystem::Metric)))->because($late, $plan->rhythm, $sky);
    expect($late->gap)->toEqualWithDelta(10.0, 0.01)->and($said)->toContain('10 days are more than')->toContain('rain');
});

it('finds every day worth what its hour, its gaps and its consequences come to', function (array $case, array $neighbours): void {
    [$before, $after] = [romeTime('2026-05-02 21:00'), romeTime('2026-05-16 21:00')];
    foreach (outlook($case, $neighbours) as $day) {
        $at = $day->slot->from ?? romeTime("$day->day 18:00");
        $worth = $day->slot->worth ?? -10.0;
        $worth -= RoundPlacer::penalty(($at - $before) / 86400.0, Rhythm::written(7, 3)) + RoundPlacer::penalty(($after - $at) / 86400.0, Rhythm::written(7, 3));
        foreach ($day->consequences as $one) {
            $worth -= ['stop' => 10.0, 'caution' => 1.0][$one->severity->value] ?? 0.0;
        }
        expect($day->score)->toEqualWithDelta($worth, 0.02, $day->day);
    }
})->with([
    'fair' => [[], []], 'rain' => [['but' => [['day' => '05-08', 'hours' => 48, 'rain' => 1]]], []], 'warm' => [['temp' => 27], []],
    'others' => [['free' => [[], 18, 22], 'harvest' => '2026-05-07'], fn (): array => [new NeighbourRound('Sulfur', romeTime('2026-05-09 20:00'), romeTime('2026-05-09 21:00'), true, 3.0)]],
]);

it('says by how much a day is too soon or too late, and beside what', function (): void {
    $params = static function (string $day, string $id, array $neighbours = [], array $case = []): array {
        foreach (outlook($case, $neighbours)[$day]->consequences as $one) {
            if ($one->id === $id) {
                return $one->said->params;
            }
        }

        return [];
    };
    // A day after the round before; thirteen before the next; seven at the most, three at the least.
    expect($params('05-03', 'too-soon'))->toBe(['which' => 'before', 'gap' => 1.0, 'days' => 7.0, 'least' => 3.0])->and($params('05-03', 'too-late'))->toBe(['which' => 'after', 'gap' => 13.0, 'days' => 7.0, 'least' => 3.0])
        ->and($params('05-17', 'order'))->toBe(['which' => 'after', 'gap' => -1.0, 'days' => 7.0, 'least' => 3.0]);
    $other = static fn (string $at, bool $sprayer, float $apart): array => [new NeighbourRound('Sulfur', romeTime("$at:00"), romeTime("$at:00") + 3600, $sprayer, $apart)];
    $free = ['free' => [[], 20, 22]];
    expect($params('05-11', 'clash', $other('2026-05-09 21', false, 3.0)))->toBe(['name' => 'Sulfur', 'days' => 3.0])->and($params('05-09', 'sprayer', $other('2026-05-09 12', true, 0.0), $free))->toBe(['name' => 'Sulfur'])
        // Half a day from it the sprayer is clean again.
        ->and($params('05-09', 'sprayer', $other('2026-05-09 06', true, 0.0), $free))->toBe([])->and($params('05-10', 'sprayer', $other('2026-05-09 21', true, 0.0), $free))->toBe([])
        // Half a day apart is a clash for an hour, none for a day.
        ->and($params('05-10', 'clash', $other('2026-05-09 21', false, 0.5)))->toBe([])->and($params('05-09', 'clash', $other('2026-05-09 20', false, 0.5)))->toBe(['name' => 'Sulfur', 'days' => 0.5]);
});

it('waits after a wash-out or a missed round for what leaves bear, and no longer', function (bool $washed, string $planned, string $now, string $to): void {
    $course = courseOf(['free' => [[], 18, 22]]);
    $moves = Cases::get(Replanner::class)->replan($course, Rhythm::written(7, 3), [new OpenRound($planned, 0)], romeTime('2026-05-02 20:00'), $washed, skyOf([]), romeTime($now));
    expect($moves)->toHaveCount(1)->and($moves[0]->to)->toBe($to)->and($moves[0]->slot?->from)->toBeGreaterThanOrEqual(romeTime($now));
})->with([
    // A day after what was washed off, three after what was not.
    'washed off at once' => [true, '2026-05-09', '2026-05-02 23:00', '2026-05-03'], 'washed off, seen late' => [true, '2026-05-09', '2026-05-05 08:00', '2026-05-05'],
    'missed' => [false, '2026-05-04', '2026-05-06 08:00', '2026-05-06'], 'missed, and too soon after the last' => [false, '2026-05-03', '2026-05-04 08:00', '2026-05-05'],
]);

it('leaves what follows a moved round where it is as long as that is borne', function (string $next, bool $stays): void {
    // The first was missed and goes to the ninth; seven days from there, or six: what comes sooner would stand beside it.
    $course = courseOf(['free' => [[], 18, 22]]);
    $moves = Cases::get(Replanner::class)->replan($course, Rhythm::written(7, 3), [new OpenRound('2026-05-06', 0), new OpenRound($next, 1)], romeTime('2026-05-02 20:00'), false, skyOf([]), romeTime('2026-05-09 08:00'));
    expect($moves[0]->to)->toBe('2026-05-09')->and(count($moves) === 1)->toBe($stays);
})->with([['2026-05-11', false], ['2026-05-12', false], ['2026-05-14', false], ['2026-05-15', true], ['2026-05-16', true], ['2026-05-17', false], ['2026-05-20', false]]);

it('ends with what it has counted', function (): void {
    $of = static fn (array $sprayed, array $counts): Ending => Ending::of(3, array_map(static fn (int $day): int => $day * 86400, $sprayed), array_map(static fn (array $one): array => [$one[0] * 86400, $one[1]], $counts));
    expect($of([1, 6, 11], [[0, 40.0], [13, 21.0]])->said->params)->toBe(['n' => 3, 'first' => 40.0, 'last' => 21.0])->and($of([], [[0, 40.0]])->said->params)->toBe(['n' => 3])->and($of([1], [[0, 40.0], [3, 7.0]])->said->params)->toBe(['n' => 3])
        // The last of several counts before it is the one it is held against; one on the day itself, before the spray, is one of them.
        ->and($of([2, 6, 11], [[0, 90.0], [2, 40.0], [13, 21.0]])->said->params['first'] ?? null)->toBe(40.0)
        ->and($of([1, 6, 11], [[0, 0.5], [13, 0.4]])->word)->toBe('give-up');
});

it('takes what is on the edge of what may be, and nothing beyond', function (array $change, ?string $field): void {
    try {
        readCourse(courseBody($change));
        expect($field)->toBeNull();
    } catch (Nebbia\Core\Data\BadInput $e) {
        expect($e->field())->toBe($field);
    }
})->with(array_merge(...array_map(static fn (array $case): array => [[$case[0], null], [$case[1], $case[2]]], [
    [['place' => ['lat' => 90, 'lon' => 0, 'time_zone' => 'UTC']], ['place' => ['lat' => 90.1, 'lon' => 0, 'time_zone' => 'UTC']], 'place.lat'],
    [['place' => ['lat' => -90, 'lon' => 0, 'time_zone' => 'UTC']], ['place' => ['lat' => -90.1, 'lon' => 0, 'time_zone' => 'UTC']], 'place.lat'],
    [['place' => ['lat' => 0, 'lon' => 180, 'time_zone' => 'UTC']], ['place' => ['lat' => 0, 'lon' => 180.1, 'time_zone' => 'UTC']], 'place.lon'],
    [['place' => ['lat' => '0', 'lon' => '1.5', 'time_zone' => 'UTC', 'altitude_m' => 6000]], ['place' => ['lat' => 0, 'lon' => 0, 'time_zone' => 'UTC', 'altitude_m' => 6000.5]], 'place.altitude_m'],
    [['plantings' => [['plant' => 'basil', 'number' => 1]]], ['plantings' => [['plant' => 'basil', 'number' => 0.5]]], 'plantings.0.number'],
    [['plantings' => [['plant' => 'basil', 'number' => 100000]]], ['plantings' => [['plant' => 'basil', 'number' => 100000.5]]], 'plantings.0.number'],
    [['plantings' => [['plant' => 'basil', 'height_cm' => 1]]], ['plantings' => [['plant' => 'basil', 'height_cm' => 0.5]]], 'plantings.0.height_cm'],
    [['plantings' => [['plant' => 'basil', 'height_cm' => 5000]]], ['plantings' => [['plant' => 'basil', 'height_cm' => 5000.5]]], 'plantings.0.height_cm'],
    [['sprayer' => ['name' => 'Pump', 'capacity_ml' => 50]], ['sprayer' => ['name' => 'Pump', 'capacity_ml' => 49.5]], 'sprayer.capacity_ml'],
    [['sprayer' => ['name' => 'Pump', 'capacity_ml' => 1e6]], ['sprayer' => ['name' => 'Pump', 'capacity_ml' => 1000000.5]], 'sprayer.capacity_ml'],
    [['sprayer' => ['name' => 'Pump', 'capacity_ml' => 2000, 'usable_fraction' => 0.1]], ['sprayer' => ['name' => 'Pump', 'capacity_ml' => 2000, 'usable_fraction' => 0.05]], 'sprayer.usable_fraction'],
    [['sprayer' => ['name' => 'Pump', 'capacity_ml' => 2000, 'usable_fraction' => 1]], ['sprayer' => ['name' => 'Pump', 'capacity_ml' => 2000, 'usable_fraction' => 1.5]], 'sprayer.usable_fraction'],
    [['sprayer' => ['name' => 'Pump', 'capacity_ml' => 2000, 'ml_per_minute' => 1]], ['sprayer' => ['name' => 'Pump', 'capacity_ml' => 2000, 'ml_per_minute' => 0.5]], 'sprayer.ml_per_minute'],
    [['sprayer' => ['name' => 'Pump', 'capacity_ml' => 2000, 'ml_per_minute' => 1e5]], ['sprayer' => ['name' => 'Pump', 'capacity_ml' => 2000, 'ml_per_minute' => 100000.5]], 'sprayer.ml_per_minute'],
])));

it('reads numbers of a course as numbers, whatever they stand as', function (): void {
    $course = readCourse(courseBody(['place' => ['lat' => '45.5', 'lon' => '9', 'time_zone' => 'UTC'], 'plantings' => [['plant' => 'basil', 'number' => '3', 'height_cm' => '25']]]));
    expect([$course->place->latitude, $course->place->longitude, $course->place->altitude])->toBe([45.5, 9.0, 0.0])->and($course->plantings[0]->number)->toBe(3)->and($course->plantings[0]->heightCm)->toBe(25.0);
});

it('takes as long as filling and spraying take, to the minute', function (float $ml, ?Vessel $vessel, ?float $flow, int $hours): void {
    expect(SprayTime::hours($ml, $vessel, $flow))->toBe($hours);
})->with([
    // A quarter of an hour to fill once, then 60 mL a minute by hand: 2700 mL are 45 minutes, an hour in all.
    [2700.0, null, null, 1], [2701.0, null, null, 2], [6300.0, null, null, 2], [6301.0, null, null, 3],
    // From a litre and a half on there is a pump, 300 mL a minute: fifteen minutes a fill, so three fills of 1500 are 45 and 15.
    [4500.0, fn () => Vessel::of('pump', 1500.0, 1.0), null, 1], [4800.0, fn () => Vessel::of('pump', 1500.0, 1.0), null, 2], [1400.0, fn () => Vessel::of('hand', 1400.0, 1.0), null, 1], [2700.0, fn () => Vessel::of('hand', 1400.0, 1.0), null, 2],
    [1.0, null, null, 1],
]);

it('makes ahead what is poured as well as what is added, soonest first, and nothing where a jar is named', function (): void {
    $now = new DateTimeImmutable('2026-05-01T08:00:00+02:00');
    $ahead = static fn (array $case): array => Cases::get(MakeAhead::class)->of(Cases::get(Planner::class)->plan([courseOf($case)], skyOf($case))['one'], $now);
    $batches = $ahead(['recipe' => ['garlic', 'soap'], 'free' => [[], 20, 21]]);
    $starts = array_map(static fn (StockBatch $one): int => $one->startAt->getTimestamp(), $batches);
    $sorted = $starts;
    sort($sorted);
    // In turn with soap: the first and the third round take garlic.
    expect($starts)->toBe($sorted)->and($batches)->toHaveCount(2)->and($ahead(['recipe' => 'soap']))->toBe([])->and($ahead(['recipe' => 'oil']))->toBe([]);
});
