<?php

declare(strict_types=1);

use Nebbia\Core\Judgement\Hour\SprayWindows;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Planning\Hour\HourWord;
use Nebbia\Core\Planning\Hour\Slot;
use Nebbia\Core\Planning\Round\PlannedRound;
use Nebbia\Core\Planning\Round\Planner;
use Nebbia\Core\Planning\Round\RoundPlacer;
use Nebbia\Core\Planning\Round\RoundWords;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Tests\Chance;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\Place;
use Nebbia\Core\Weather\StandIn;
use Nebbia\Core\Weather\WeatherHour;
use Nebbia\Core\Weather\WeatherUnits;
use Symfony\Component\Yaml\Yaml;

/** @return list<string> days of the rounds, by the garden's calendar */
function daysOf(array $rounds): array
{
    return array_map(static fn (PlannedRound $round): string => substr($round->slot->day, 5), $rounds);
}

it('plans what was worked out by hand', function (array $case): void {
    $course = courseOf($case);
    $sky = skyOf($case);
    $plan = Cases::get(Planner::class)->plan([$course], $sky)['one'];
    $words = new RoundWords(Cases::english(), WeatherUnits::of(UnitSystem::Metric));
    expect(daysOf($plan->rounds))->toBe($case['days'])->and($plan->isShort())->toBe($case['short'] ?? false);
    if (isset($case['says'])) {
        expect(implode(' ', array_map(static fn (PlannedRound $round): string => $words->because($round, $plan->rhythm, $sky, $plan->course->isIndoors()), $plan->rounds)))->toContain($case['says']);
    }
    if (isset($case['late'])) {
        expect(array_map(static fn (PlannedRound $round): bool => $round->isLate, $plan->rounds))->toBe($case['late']);
    } else {
        expect(array_filter($plan->rounds, static fn (PlannedRound $round): bool => $round->isLate))->toBe([]);
    }
    foreach (isset($case['hour']) ? $plan->rounds : [] as $round) {
        expect((int) (new DateTimeImmutable("@{$round->slot->from}"))->setTimezone($course->place->zone)->format('G'))->toBeGreaterThanOrEqual($case['hour']);
    }
})->with(array_map(static fn (array $case): array => [$case], array_column(Yaml::parseFile(__DIR__.'/plans.yaml'), null, 'name')));

it('plans nothing into an hour that is out, nothing closer than plants bear, and says where a round is late', function (int $seed): void {
    $case = ['free' => [[], 5, 22]];
    $course = courseOf($case);
    $from = (new DateTimeImmutable('2026-05-01T22:00Z'))->getTimestamp();
    $sky = (new StandIn($course->place, $seed))->foretold($from, $from, $from + 60 * 86400);
    $plan = Cases::get(Planner::class)->plan([$course], $sky)['one'];
    foreach ($plan->rounds as $n => $round) {
        foreach ($round->slot->hours as $hour) {
            expect($hour->word)->not->toBe(HourWord::No)->not->toBe(HourWord::Unknown);
        }
        if ($n > 0) {
            expect($round->gap)->toBeGreaterThanOrEqual(3.0 - 0.001)->and($round->isLate)->toBe($round->gap > $plan->rhythm->days + 0.05);
        }
    }
    expect($plan->score)->toBeLessThanOrEqual($plan->bound + 1e-9)
        ->and(RoundPlacer::score(array_map(static fn (PlannedRound $round): Slot => $round->slot, $plan->rounds), $plan->rhythm, $from))->toEqualWithDelta($plan->score, 1e-6);
})->with(range(1, 12));

it('finds the best there is: no choice of slots comes to more', function (int $seed): void {
    $chance = new Chance($seed);
    $case = ['free' => [[], 19, 21]];
    $course = courseOf($case);
    $hours = [];
    $from = (new DateTimeImmutable('2026-05-01T22:00Z'))->getTimestamp();
    for ($n = 0; $n < 24 * 16; $n++) {
        $hours[] = new WeatherHour($from + $n * 3600, 18.0, $chance->whole(0, 9) === 0 ? 1.0 : 0.0, $chance->between(2.0, 17.0), $chance->between(50.0, 95.0), 100.0);
    }
    // From the end of what is foretold on every hour is out.
    for ($n = 24 * 16; $n < 24 * 60; $n++) {
        $hours[] = new WeatherHour($from + $n * 3600, 18.0, 1.0, 5.0, 60.0, 100.0);
    }
    $sky = Forecast::of($hours);
    $planner = Cases::get(Planner::class);
    $plan = $planner->plan([$course], $sky)['one'];
    $finder = new Nebbia\Core\Planning\Hour\SlotFinder(new Nebbia\Core\Planning\Hour\HourJudge(Cases::get(SprayWindows::class), $course->place, $sky));
    $slots = $finder->find($course, $course->mixes[0], 20);
    // What a choice comes to, in the rules' own words: what the hours are worth; less 0.15 for each whole day that the first is waited for, 0.03
    // for each day that a gap is shorter than the interval, and 1 and 0.1 a day where it is longer by more than 72 minutes.
    $days = $plan->rhythm->days;
    $gap = static fn (float $gap): float => $gap > $days + 0.05 ? 1.0 + 0.1 * ($gap - $days) : 0.03 * max(0.0, $days - $gap);
    $comesTo = static fn (Slot $a, Slot $b, Slot $c): float => $a->worth + $b->worth + $c->worth - 0.15 * floor(($a->from - $from) / 86400) - $gap(($b->from - $a->from) / 86400) - $gap(($c->from - $b->from) / 86400);
    $best = -INF;
    $count = count($slots);
    for ($a = 0; $a < $count; $a++) {
        for ($b = $a + 1; $b < $count; $b++) {
            for ($c = $b + 1; $c < $count; $c++) {
                if ($slots[$b]->from - $slots[$a]->from >= 3 * 86400 - 1 && $slots[$c]->from - $slots[$b]->from >= 3 * 86400 - 1) {
                    $best = max($best, $comesTo($slots[$a], $slots[$b], $slots[$c]));
                }
            }
        }
    }
    expect($plan->rounds)->toHaveCount(3)->and($plan->score)->toEqualWithDelta($best, 1e-6);
})->with(range(40, 51));

it('lets two courses hold one sprayer only one after the other', function (): void {
    $case = ['free' => [[], 20, 21], 'sprayer' => 'Hand bottle'];
    $plans = Cases::get(Planner::class)->plan([courseOf($case, 'one'), courseOf($case, 'two')], skyOf([]));
    $all = [...$plans['one']->rounds, ...$plans['two']->rounds];
    expect(array_unique(daysOf($all)))->toHaveCount(6)->and(daysOf($plans['one']->rounds))->toBe(['05-02', '05-09', '05-16'])->and(daysOf($plans['two']->rounds))->toBe(['05-03', '05-10', '05-17']);
    // Two sprayers: the same evening.
    $plans = Cases::get(Planner::class)->plan([courseOf($case, 'one'), courseOf(['sprayer' => 'Other'] + $case, 'two')], skyOf([]));
    expect(daysOf($plans['two']->rounds))->toBe(['05-02', '05-09', '05-16']);
});

it('keeps apart on one plant what must not follow each other', function (): void {
    $oil = ['recipe' => 'oil', 'planting' => 'rose', 'target' => 'soft-scale', 'temp' => 18];
    $sulfur = ['recipe' => 'sulfur', 'planting' => 'rose', 'target' => 'powdery-mildew', 'temp' => 18];
    $plans = Cases::get(Planner::class)->plan([courseOf($oil, 'oil'), courseOf($sulfur, 'sulfur')], skyOf(['temp' => 18.0]));
    foreach ($plans['oil']->rounds as $one) {
        foreach ($plans['sulfur']->rounds as $other) {
            expect(abs($one->slot->from - $other->slot->from))->toBeGreaterThanOrEqual(14 * 86400 - 7200);
        }
    }
    $apart = Cases::get(Planner::class)->plan([courseOf($oil, 'oil'), courseOf(['planting' => 'vine'] + $sulfur, 'sulfur')], skyOf(['temp' => 18.0]));
    expect($apart['oil']->rounds[0]->slot->day)->toBe($apart['sulfur']->rounds[0]->slot->day);
});

it('plans the same in whatever order the courses come, and the same again', function (): void {
    $courses = [courseOf(['sprayer' => 'A'], 'a'), courseOf(['sprayer' => 'A', 'target' => 'whitefly'], 'b'), courseOf(['sprayer' => 'A', 'recipe' => 'oil', 'target' => 'soft-scale', 'planting' => 'a'], 'c')];
    $sky = (new StandIn(new Place(45.9, 9.3, new DateTimeZone('Europe/Rome')), 5))->foretold(1777672800, 1777672800, 1777672800 + 60 * 86400);
    $days = static fn (array $some): array => array_map(static fn ($plan): array => daysOf($plan->rounds), Cases::get(Planner::class)->plan($some, $sky));
    expect($days(array_reverse($courses)))->toBe($days($courses))->and($days([$courses[1], $courses[2], $courses[0]]))->toBe($days($courses));
});

it('lets two remedies take turns', function (): void {
    $plan = Cases::get(Planner::class)->plan([courseOf(['recipe' => ['soap', 'oil'], 'temp' => 18])], skyOf(['temp' => 18.0]))['one'];
    expect(array_map(static fn (PlannedRound $round): string => $plan->course->mixOf($round->number - 1)->recipe->name, $plan->rounds))->toBe(['soap', 'oil', 'soap']);
});

it('comes within a twentieth of what it could at best come to, with thirty courses at once', function (): void {
    $courses = [];
    $targets = ['aphid', 'whitefly', 'spider-mite', 'thrips', 'mealybug', 'soft-scale'];
    for ($n = 0; $n < 30; $n++) {
        $courses[] = courseOf(['target' => $targets[$n % 6], 'recipe' => ['soap', 'oil', 'garlic', 'bicarbonate'][$n % 4], 'sprayer' => 'S'.($n % 6), 'free' => [[], 5, 22], 'start' => sprintf('2026-05-%02d', 2 + $n % 9)], sprintf('c%02d', $n));
    }
    $from = 1777672800;
    $sky = (new StandIn($courses[0]->place, 9))->foretold($from, $from, $from + 60 * 86400);
    $plans = Cases::get(Planner::class)->plan($courses, $sky);
    $score = array_sum(array_map(static fn ($plan): float => $plan->score, $plans));
    $bound = array_sum(array_map(static fn ($plan): float => $plan->bound, $plans));
    expect($plans)->toHaveCount(30)->and($score)->toBeLessThanOrEqual($bound + 1e-9)->and($score)->toBeGreaterThanOrEqual(0.95 * $bound);
});

it('spaces rounds evenly in fair weather, however far the forecast reaches', function (string $target, array $free): void {
    $from = (new DateTimeImmutable('2026-05-01T22:00Z'))->getTimestamp();
    foreach ([0, 1, 3, 5, 7, 8, 10, 14, 21, 40] as $reach) {
        $hours = [];
        for ($n = 0; $n < 24 * $reach; $n++) {
            $hours[] = new WeatherHour($from + $n * 3600, 18.0, 0.0, 5.0, 65.0, 100.0);
        }
        $plan = Cases::get(Planner::class)->plan([courseOf(['target' => $target, 'free' => $free])], Forecast::of($hours))['one'];
        $at = array_map(static fn (PlannedRound $round): float => $round->slot->from / 86400.0, $plan->rounds);
        $gaps = array_map(static fn (int $n): float => $at[$n] - $at[$n - 1], range(1, count($at) - 1));
        foreach ($gaps as $gap) {
            expect(abs($gap - $plan->rhythm->days))->toBeLessThanOrEqual(1.0, "$target, $reach days foretold");
        }
        // Within a tenth, or as near as whole days come to it.
        $mean = array_sum($gaps) / count($gaps);
        expect($mean)->toBeGreaterThanOrEqual(min(0.9 * $plan->rhythm->days, floor($plan->rhythm->days)) - 0.05, "$target, $reach days foretold");
    }
})->with(['aphid', 'whitefly', 'spider-mite', 'thrips', 'powdery-mildew', 'rust', 'mealybug'])->with([[[[], 19, 21]], [[[], 5, 22]]]);
