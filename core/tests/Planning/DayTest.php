<?php

declare(strict_types=1);

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Measure\Vessel\Vessel;
use Nebbia\Core\Mixing\Keeping\KeepingTimes;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Mixing\Need\NeedEstimator;
use Nebbia\Core\Mixing\Recipe\RecipeReader;
use Nebbia\Core\Planning\Day\Batch;
use Nebbia\Core\Planning\Day\Day;
use Nebbia\Core\Planning\Day\DayTask;
use Nebbia\Core\Planning\Day\DueSpray;
use Nebbia\Core\Planning\Day\DueStand;
use Nebbia\Core\Planning\Day\Portion;
use Nebbia\Core\Planning\Day\Rinse;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Tests\Chance;

const DAY_REMEDIES = [
    'soap' => [[['liquid-castile-soap', '30 mL', '33 %']], 'foliar'], 'bicarbonate' => [[['potassium-bicarbonate', '5 g']], 'foliar'], 'weeds' => [[['salt', '20 g']], 'weed'], 'drench' => [[['liquid-castile-soap', '30 mL', '33 %']], 'drench'],
];

function dayMix(string $remedy, float $ml): Mix
{
    [$lines, $use] = DAY_REMEDIES[$remedy];

    return Cases::get(Mixer::class)->mix(Cases::get(RecipeReader::class)->read(Cases::body('1 L', $lines, 'final', $use, 'metric')), $ml);
}

/** A pump bottle of 2 L: 1.7 L usable, 30 mL stay in it. */
function dayPump(): Vessel
{
    return Vessel::of('pump', 2000.0, 0.85, Interval::of(20.0, 30.0, 40.0));
}

/** @param  list<array{string, string, int, float|null, bool, bool}>  $stands  name, plant, number, mL, troubled, kept apart */
function daySpray(string $round, float $ml, array $stands, string $remedy = 'soap', int $at = 0, ?string $same = null, ?Vessel $vessel = null): DueSpray
{
    return new DueSpray($round, $same ?? $remedy, dayMix($remedy, $ml), $vessel ?? dayPump(), $at, array_map(
        static fn (array $one): DueStand => new DueStand($one[0], $one[0], Cases::plant($one[1]), $one[2], $one[3] ?? null, $one[4] ?? false, $one[5] ?? false), $stands,
    ));
}

/** @param  list<DueSpray>  $sprays */
function dayOf(array $sprays): Day
{
    return Day::of($sprays, Cases::get(Mixer::class), Cases::get(KeepingTimes::class), Cases::get(Rinse::class));
}

it('mixes once for rounds that take the same, and counts what stays in the sprayer once', function (): void {
    $day = dayOf([daySpray('b', 500, [['beans', 'broad-bean', 6, 300.0]]), daySpray('a', 700, [['roses', 'rose', 3, 600.0]])]);
    expect($day->batches)->toHaveCount(1);
    $batch = $day->batches[0];
    // 700 + 500 less the 30 mL that both had counted: 1170 mL, of which 1140 come out, shared 1 to 2.
    expect($batch->volumeMl)->toEqualWithDelta(1170.0, 0.01)->and($batch->fills)->toBe(1)->and($batch->mix->finalVolume->likely)->toEqualWithDelta(1170.0, 0.01)
        ->and(array_map(static fn (Portion $one): array => [$one->stand->name, round($one->ml, 1)], $batch->portions))->toBe([['beans', 380.0], ['roses', 760.0]])
        ->and($batch->overMl)->toEqualWithDelta(270.0, 0.01);
    // The same strength as each round by itself: 30 mL of 33 % in a litre are 9.9 mL.
    expect($batch->mix->strengthOf('potassium-soap')?->percentWv->likely)->toEqualWithDelta(dayMix('soap', 500)->strengthOf('potassium-soap')?->percentWv->likely ?? 0.0, 1e-6);
});

it('fills equally as often as it takes', function (): void {
    $stands = [['beans', 'broad-bean', 6]];
    // 4500 less twice 30: 4440 in three fills of 1480.
    $batch = dayOf([daySpray('a', 1500, $stands), daySpray('b', 1500, $stands), daySpray('c', 1500, $stands)])->batches[0];
    expect($batch->fills)->toBe(3)->and($batch->eachMl)->toEqualWithDelta(1480.0, 0.01)->and($batch->volumeMl)->toEqualWithDelta(4440.0, 0.01)
        ->and(array_sum(array_map(static fn (Portion $one): float => $one->ml, $batch->portions)))->toEqualWithDelta(4410.0, 0.01)
        ->and($batch->overMl)->toBeNull();
});

it('leaves a round by itself at the volume that was planned', function (float $ml): void {
    $batch = dayOf([daySpray('a', $ml, [['beans', 'broad-bean', 6]])])->batches[0];
    expect($batch->volumeMl)->toEqualWithDelta($ml, 0.01);
})->with([[100.0], [675.0], [1700.0], [3000.0]]);

it('shares by the number of plants where nobody knows what they take', function (): void {
    $batch = dayOf([daySpray('a', 1030, [['few', 'broad-bean', 2], ['many', 'rose', 8, 500.0]])])->batches[0];
    expect(array_map(static fn (Portion $one): float => round($one->ml, 1), $batch->portions))->toBe([200.0, 800.0]);
});

it('sprays sound plants first and those kept apart last', function (): void {
    $batch = dayOf([daySpray('a', 1000, [['new', 'rose', 1, 100.0, false, true], ['ill', 'rose', 1, 100.0, true], ['sound', 'rose', 1, 100.0], ['also sound', 'rose', 1, 100.0]])])->batches[0];
    expect(array_map(static fn (Portion $one): string => $one->stand->name, $batch->portions))->toBe(['also sound', 'sound', 'ill', 'new']);
});

it('keeps apart what is not the same, the earlier first and weeds last', function (): void {
    $day = dayOf([
        daySpray('weeds', 1000, [], 'weeds', 6), daySpray('late', 1000, [['beans', 'broad-bean', 6]], 'soap', 20, 'soap in the pump'), daySpray('early', 1000, [['beans', 'broad-bean', 6]], 'bicarbonate', 7),
        daySpray('other sprayer', 1000, [['beans', 'broad-bean', 6]], 'soap', 9, 'soap in the hand bottle'),
    ]);
    expect(array_map(static fn (Batch $one): string => $one->id(), $day->batches))->toBe(['early', 'other sprayer', 'late', 'weeds']);
});

it('does not depend on the order in which rounds are given', function (): void {
    $sprays = [daySpray('c', 400, [['x', 'rose', 1]], 'soap', 3), daySpray('a', 500, [['y', 'rose', 2]], 'soap', 3), daySpray('b', 600, [['z', 'rose', 3]], 'bicarbonate', 1)];
    $said = static fn (Day $day): array => array_map(static fn (Batch $one): array => array_map(static fn (DayTask $step): string => $step->id, Day::steps($one)), $day->batches);
    expect($said(dayOf(array_reverse($sprays))))->toBe($said(dayOf($sprays)));
});

// Fuchsias stand in the list of what soap hurts, beans in none; bicarbonate is to stay on the leaf.
it('rinses the delicate after a quarter of an hour', function (string $remedy, string $plant, ?float $minutes): void {
    expect(dayOf([daySpray('a', 1000, [['it', $plant, 1]], $remedy)])->batches[0]->portions[0]->rinseAfter)->toBe($minutes);
})->with([['soap', 'fuchsia', 15.0], ['soap', 'broad-bean', null], ['bicarbonate', 'fuchsia', null], ['drench', 'fuchsia', null]]);

it('says what there is to do in its order', function (): void {
    $batch = dayOf([daySpray('a', 1000, [['fuchsia', 'fuchsia', 1], ['beans', 'broad-bean', 6]])])->batches[0];
    expect(array_map(static fn (DayTask $one): string => $one->id, Day::steps($batch)))->toBe(['mix:a', 'spray:a:beans', 'spray:a:fuchsia', 'rinse:a:fuchsia', 'leftover:a', 'clean:a'])
        ->and(array_map(static fn (DayTask $one): string => $one->id, Day::steps(dayOf([daySpray('w', 1000, [], 'weeds')])->batches[0])))->toBe(['mix:w', 'spray:w:', 'leftover:w', 'clean:w']);
});

it('keeps as long as the shortest of what is in it', function (): void {
    // Bicarbonate 36 hours, soap three weeks: rows of storage.yaml.
    expect(dayOf([daySpray('a', 1000, [], 'bicarbonate')])->batches[0]->keeps?->hours->likely)->toBe(36.0)
        ->and(dayOf([daySpray('a', 1000, [], 'soap')])->batches[0]->keeps?->hours->likely)->toBe(504.0);
});

/** @return list<DueSpray> of chance: one to five rounds of one mix, each with up to four stands */
function chanceRounds(Chance $chance, ?Vessel $vessel): array
{
    $plants = ['rose', 'broad-bean', 'tomato', 'lemon'];
    $sprays = [];
    for ($n = $chance->whole(1, 5); $n > 0; $n--) {
        $stands = [];
        for ($k = $chance->whole(1, 4); $k > 0; $k--) {
            $stands[] = ["stand $n.$k", $plants[$k - 1], $chance->whole(1, 30), $chance->between(20.0, 900.0), $chance->whole(0, 1) === 1, $chance->whole(0, 4) === 0];
        }
        $sprays[] = daySpray("round $n", $chance->between(100.0, 4000.0), $stands, vessel: $vessel);
    }

    return $sprays;
}

it('neither loses nor makes a drop, whatever the rounds', function (): void {
    $chance = new Chance(7);
    for ($try = 0; $try < 60; $try++) {
        $vessel = dayPump();
        $sprays = chanceRounds($chance, $vessel);
        $batch = dayOf($sprays)->batches[0];
        $planned = array_sum(array_map(static fn (DueSpray $one): float => $one->mix->finalVolume->likely, $sprays));
        $portions = array_sum(array_map(static fn (Portion $one): float => $one->ml, $batch->portions));
        // What is made is what was planned, less what was counted more than once for the sprayer; never less than it takes to spray at all.
        expect($batch->volumeMl)->toEqualWithDelta(max($planned - 30.0 * (count($sprays) - 1), 40.0), 0.01)
            ->and($portions)->toEqualWithDelta($batch->volumeMl - 30.0, 0.01)
            ->and($batch->fills * $batch->eachMl)->toEqualWithDelta($batch->volumeMl, 0.01)
            ->and($batch->eachMl)->toBeLessThanOrEqual($vessel->usableMl() + 1e-6)
            // One fill fewer would not hold it.
            ->and(($batch->fills - 1) * $vessel->usableMl())->toBeLessThan($batch->volumeMl);
        expect(count(Day::steps($batch)))->toBe(3 + count($batch->portions) + count(array_filter($batch->portions, static fn (Portion $one): bool => $one->rinseAfter !== null)));
    }
});

it('shares in proportion, and keeps the sound before the ill before those apart', function (): void {
    $chance = new Chance(11);
    for ($try = 0; $try < 40; $try++) {
        $portions = dayOf(chanceRounds($chance, null))->batches[0]->portions;
        $ratios = array_map(static fn (Portion $one): float => $one->ml / ($one->stand->needMl ?? 1.0), $portions);
        expect(max($ratios) - min($ratios))->toBeLessThan(1e-6);
        $ranks = array_map(static fn (Portion $one): int => ($one->stand->quarantined ? 2 : 0) + ($one->stand->troubled ? 1 : 0), $portions);
        $sorted = $ranks;
        sort($sorted);
        expect($ranks)->toBe($sorted);
    }
});

it('gives every plant more where more is made', function (): void {
    $stands = [['a', 'rose', 3, 300.0], ['b', 'tomato', 5, 500.0]];
    $before = [0.0, 0.0];
    foreach ([200.0, 600.0, 1200.0, 2400.0, 5000.0] as $ml) {
        $now = array_map(static fn (Portion $one): float => $one->ml, dayOf([daySpray('a', $ml, $stands)])->batches[0]->portions);
        expect($now[0])->toBeGreaterThan($before[0])->and($now[1])->toBeGreaterThan($before[1]);
        $before = $now;
    }
});

it('knows what spreads the drops', function (string $remedy, bool $spreads): void {
    expect(Cases::get(NeedEstimator::class)->spreads(dayMix($remedy, 500.0)))->toBe($spreads);
})->with([['soap', true], ['bicarbonate', false], ['weeds', false]]);
