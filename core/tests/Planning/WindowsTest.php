<?php

declare(strict_types=1);

use Nebbia\Core\Judgement\Hour\SprayWindow;
use Nebbia\Core\Judgement\Hour\SprayWindows;
use Nebbia\Core\Planning\Course\PlantConditions;
use Nebbia\Core\Planning\Hour\HourWord;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Weather\Forecast;

/** @return list<string> */
function windowsFor(string $remedy, bool $onBareWood = false): array
{
    return array_map(static fn (SprayWindow $one): string => $one->id, Cases::get(SprayWindows::class)->for(courseOf(['recipe' => $remedy])->mixes[0], $onBareWood));
}

it('goes by the rows that name what is in it, and by the strictest where none does', function (string $remedy, bool $bare, array $windows): void {
    expect(windowsFor($remedy, $bare))->toBe($windows);
})->with([
    'soap' => ['soap', false, ['soap']],
    'what nobody has a row for' => ['frass', false, ['unlisted']],
    'plain water goes out when it likes' => ['water', false, []],
    'winter oil in leaf is oil' => ['winter', false, ['oil']],
    'and on bare wood its own' => ['winter', true, ['winter-oil']],
    'what nobody has a row for, on bare wood' => ['frass', true, ['winter-oil']],
    'soap on bare wood stays soap' => ['soap', true, ['soap']],
]);

it('has for every use on green a window, whatever is in it', function (): void {
    foreach (['foliar', 'dip', 'weed'] as $use) {
        foreach (['insect-frass', 'epsom-salt', 'copper-fungicide', 'compost-tea', 'kaolin', 'sugar'] as $id) {
            $mix = Cases::mix(Cases::body('1 L', [[$id, '5 g']], 'final', $use, 'metric'));
            expect(Cases::get(SprayWindows::class)->for($mix))->not->toBe([], "$use $id");
        }
    }
    expect(Cases::get(SprayWindows::class)->for(Cases::mix(Cases::body('1 L', [['insect-frass', '5 g']], 'final', 'drench', 'metric'))))->toBe([], 'what is poured is no spray');
});

it('is nowhere milder for what nothing is known of than for what harms', function (): void {
    $all = [];
    foreach (Cases::get(SprayWindows::class)->all as $window) {
        $all[$window->id] = $window;
    }
    $strict = $all['unlisted'];
    $sun = ['wanted' => 0, 'any' => 0, 'avoid' => 1, 'never' => 2];
    foreach ($all as $id => $window) {
        if ($window->uses === ['weed'] || $window->isForBareWood || in_array($id, ['ash', 'milk'], true)) {
            continue;
        }
        expect($strict->temperature[0])->toBeGreaterThanOrEqual($window->temperature[0], $id)
            ->and($strict->temperature[1])->toBeLessThanOrEqual($window->temperature[1], $id)
            ->and($strict->wind ?? INF)->toBeLessThanOrEqual($window->wind ?? INF, $id)
            ->and($strict->dryHours ?? 0.0)->toBeGreaterThanOrEqual($window->dryHours ?? 0.0, $id)
            ->and($sun[$strict->sun])->toBeGreaterThanOrEqual($sun[$window->sun], $id);
    }
});

it('keeps oil from plants that freeze soon after', function (string $remedy, bool $bare, float $temp, int $hours, HourWord $word): void {
    $at = romeTime('2026-05-04 21:00');
    $judge = judgeAt(mildFrom($at, 60, [0 => ['temp' => $temp], $hours => ['temp' => -0.5]]));
    $kept = $bare ? PlantConditions::of(courseOf(['recipe' => $remedy, 'plant' => 'apple', 'stage' => 'dormant'])) : PlantConditions::plainly();
    $hour = $judge->judge($judge->windowsOf(courseOf(['recipe' => $remedy])->mixes[0], $bare), $kept, $at);
    expect($hour->word)->toBe($word);
})->with([
    'oil, frost before morning' => ['oil', false, 15.0, 8, HourWord::No],
    'a day and an hour later' => ['oil', false, 15.0, 25, HourWord::Fine],
    'soap does not mind' => ['soap', false, 15.0, 8, HourWord::Fine],
    'winter oil from four degrees' => ['winter', true, 4.0, 40, HourWord::Fine],
    'not below' => ['winter', true, 3.9, 40, HourWord::No],
    'and not before a frost' => ['winter', true, 5.0, 8, HourWord::No],
    'the same oil in leaf wants seven' => ['winter', false, 6.9, 40, HourWord::No],
]);

it('calls no hour dry of which nobody knows', function (string $remedy, int $known, bool $indoors, HourWord $word): void {
    $at = romeTime('2026-05-04 21:00');
    $judge = judgeAt(mildFrom($at, $known));
    expect($judge->judge($judge->windowsOf(courseOf(['recipe' => $remedy])->mixes[0]), PlantConditions::plainly($indoors), $at)->word)->toBe($word);
})->with([
    'one hour of forecast' => ['soap', 1, false, HourWord::Unknown],
    'three of four' => ['soap', 3, false, HourWord::Unknown],
    'four' => ['soap', 4, false, HourWord::Fine],
    'oil wants twelve' => ['oil', 11, false, HourWord::Unknown],
    'twelve' => ['oil', 12, false, HourWord::Fine],
    'indoors it does not rain' => ['oil', 1, true, HourWord::Fine],
]);

it('holds by the clock what holds by the clock, whether a forecast reaches or not', function (string $remedy): void {
    $place = judgeAt();
    for ($hour = 0; $hour < 24; $hour++) {
        $at = romeTime('2026-05-04 00:00') + $hour * 3600;
        foreach ([[false, false], [false, true], [true, false], [true, true]] as $way) {
            $known = judgeAt(mildFrom($at, 60, array_fill(0, 60, ['cloud' => 0.0])));
            $windows = $place->windowsOf(courseOf(['recipe' => $remedy])->mixes[0]);
            $is = static fn (array $said): array => array_intersect_key($said, array_flip(['sun', 'sun-never', 'no-sun', 'bees', 'time']));
            $then = $is(objectionsTo($known->judge($windows, PlantConditions::plainly(...$way), $at)));
            $beyond = $is(objectionsTo($place->judge($windows, PlantConditions::plainly(...$way), $at)));
            ksort($then);
            ksort($beyond);
            // In a room neither is of matter.
            expect($beyond)->toBe($then, "$hour h ".json_encode($way));
        }
    }
})->with(['soap', 'oil', 'bicarbonate', 'milk', 'alcohol', 'garlic', 'frass', 'winter']);

it('knows how far it reaches, over gaps', function (): void {
    $from = romeTime('2026-05-04 21:00');
    $hours = mildFrom($from, 10, [3 => ['temp' => -1.0]]);
    unset($hours[6]);
    $forecast = Forecast::of($hours);
    expect($forecast->knownUntil($from))->toBe($from + 6 * 3600)->and($forecast->knownUntil($from + 1800))->toBe($from + 6 * 3600)
        ->and($forecast->knownUntil($from + 6 * 3600))->toBe($from + 6 * 3600)->and($forecast->knownUntil($from + 7 * 3600))->toBe($from + 10 * 3600)
        ->and($forecast->frostIn($from))->toBe(3.0)->and($forecast->frostIn($from + 3 * 3600))->toBe(0.0)->and($forecast->frostIn($from + 4 * 3600))->toBeNull();
});
