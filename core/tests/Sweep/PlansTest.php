<?php

declare(strict_types=1);

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Planning\Course\CourseReader;
use Nebbia\Core\Planning\Round\CoursePlan;
use Nebbia\Core\Planning\Round\OpenRound;
use Nebbia\Core\Planning\Round\Planner;
use Nebbia\Core\Planning\Round\Replanner;
use Nebbia\Core\Planning\Round\RoundPlacer;
use Nebbia\Core\Planning\Round\RoundWords;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Tests\Chance;
use Nebbia\Core\Tests\Sweep;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\Place;
use Nebbia\Core\Weather\StandIn;
use Nebbia\Core\Weather\WeatherUnits;

/** One of each class of what plants bear, as they are named in plants.yaml. */
const CLASSES = ['tender' => 'maidenhair-fern', 'ordinary' => 'tomato', 'hardy' => 'lemon', 'unknown' => 'unknown-plant', 'woody' => 'apple'];

/** A recipe for each remedy, as mild as it is usual. */
const OF_REMEDY = [
    'soap' => [['liquid-castile-soap', '15 mL', '33 %']], 'oil' => [['vegetable-oil', '8 mL'], ['liquid-castile-soap', '3 mL', '33 %']], 'alcohol' => [['isopropyl-alcohol', '50 mL', '70 % v/v']],
    'peroxide' => [['hydrogen-peroxide', '60 mL', '3 %']], 'bicarbonate' => [['potassium-bicarbonate', '4 g']], 'milk' => [['milk', '100 mL']], 'sulfur' => [['wettable-sulfur', '2 g']],
    'pungent-extract' => [['garlic', '20 g']], 'strengthener' => [['plant-ferment', '5 mL']], 'nobody knows' => [['insect-frass', '10 g']],
];

/** @return array<string, mixed> nebbia.course/1 */
function plannedBody(string $target, string $remedy, string $plant, string $start, string $purpose = 'outbreak', bool $indoors = false, array $free = ['18:00', '22:00'], array $place = [45.9, 9.3, 'Europe/Rome'], string $stage = 'growing'): array
{
    return ['format' => 'nebbia.course/1', 'id' => 'one', 'target' => $target, 'purpose' => $purpose, 'start' => $start, 'place' => ['lat' => $place[0], 'lon' => $place[1], 'time_zone' => $place[2]],
        'recipe' => ['name' => $remedy] + Cases::body('1 L', OF_REMEDY[$remedy], 'final', units: 'metric'), 'plantings' => [['id' => 'bed', 'plant' => $plant, 'number' => 4, 'stage' => $stage, 'indoors' => $indoors]],
        'free_hours' => [['days' => [], 'from' => $free[0], 'to' => $free[1]]]];
}

/** @return list<string> what is wrong with how a plan is spaced */
function faultsOfPlan(CoursePlan $plan, Forecast $forecast): array
{
    $faults = [];
    $days = array_map(static fn ($round): string => $round->slot->day, $plan->rounds);
    if (count(array_unique($days)) !== count($days)) {
        $faults[] = 'two on a day: '.implode(' ', $days);
    }
    $words = new RoundWords(Sweep::catalogue(), WeatherUnits::of(UnitSystem::Metric));
    $gaps = [];
    foreach ($plan->rounds as $round) {
        if ($round->gap === null) {
            continue;
        }
        $gaps[] = $round->gap;
        $because = $words->because($round, $plan->rhythm, $forecast, $plan->course->isIndoors());
        if ($round->gap < RoundPlacer::leastGap($plan->rhythm) - 0.05) {
            $faults[] = "$round->gap days are less than a plant bears";
        }
        if ($round->gap > $plan->rhythm->days + 1.0 && ! str_contains($because, 'Later than it should be')) {
            $faults[] = "$round->gap of {$plan->rhythm->days} days, and not a word: $because";
        }
        // Half a day is from an evening to a morning.
        if ($round->gap < $plan->rhythm->days - 1.55 && $round->insteadOf === null && ! $round->forHarvest) {
            $faults[] = "$round->gap of {$plan->rhythm->days} days, and nothing was against the day: $because";
        }
        foreach (Sweep::faultsOf($because) as $fault) {
            $faults[] = $fault;
        }
    }
    // Where no day was in the way the mean is the interval; where one was that has been said.
    $isFree = array_filter($plan->rounds, static fn ($round): bool => $round->insteadOf !== null && $round->insteadOf->objections !== []) === [];
    if ($forecast->isEmpty() && $gaps !== [] && $isFree) {
        $mean = array_sum($gaps) / count($gaps);
        if (abs($mean - $plan->rhythm->days) > max(0.1 * $plan->rhythm->days, $plan->rhythm->days - floor($plan->rhythm->days) + 0.05)) {
            $faults[] = "$mean on the mean, of {$plan->rhythm->days}";
        }
    }

    return $faults;
}

/** @return list<string> what would change although nothing has happened */
function newsOf(CoursePlan $plan, Forecast $forecast): array
{
    if ($plan->rounds === []) {
        return [];
    }
    $zone = $plan->course->place->zone;
    $open = array_map(static fn ($round): OpenRound => new OpenRound($round->slot->day, $round->number - 1, (int) (new DateTimeImmutable("@{$round->slot->from}"))->setTimezone($zone)->format('G')), $plan->rounds);
    $now = (new DateTimeImmutable("{$plan->course->start} 00:00", $zone))->getTimestamp();
    $moves = Cases::get(Replanner::class)->replan($plan->course, $plan->rhythm, $open, null, false, $forecast, $now);

    return array_map(static fn ($move): string => "round $move->round moves from $move->from to $move->to ($move->why)", $moves);
}

function skyIn(int $month, array $place = [45.9, 9.3, 'Europe/Rome'], int $days = 20): Forecast
{
    static $skies = [];
    $at = (new DateTimeImmutable(sprintf('2026-%02d-14 08:00 UTC', $month)))->getTimestamp();

    return $skies[$month.$place[2].$days] ??= (new StandIn(new Place($place[0], $place[1], new DateTimeZone($place[2]), 100.0), 7))->foretold($at, $at, $at + $days * 86400);
}

it('plans every target with every remedy in every month on a plant of each class, and spaces the rounds', function (): void {
    $faults = [];
    $tried = 0;
    foreach (Cases::table('targets')->ids() as $target) {
        foreach (array_keys(OF_REMEDY) as $remedy) {
            foreach (CLASSES as $class => $plant) {
                for ($month = 1; $month <= 12; $month++) {
                    $case = "$target, $remedy, $class, month $month";
                    if (! Sweep::takes($case, 50)) {
                        continue;
                    }
                    $tried++;
                    $forecast = $month % 2 === 0 ? skyIn($month) : Forecast::of([]);
                    $plan = Cases::get(Planner::class)->plan([Cases::get(CourseReader::class)->read(plannedBody($target, $remedy, $plant, sprintf('2026-%02d-15', $month)))], $forecast)['one'];
                    foreach ([...faultsOfPlan($plan, $forecast), ...newsOf($plan, $forecast)] as $fault) {
                        $faults[] = "$case: $fault";
                    }
                }
            }
        }
    }
    expect(array_slice($faults, 0, 20))->toBe([])->and($tried)->toBeGreaterThan(500);
});

it('plans each plant once with each remedy', function (): void {
    $faults = [];
    $tried = 0;
    foreach (Cases::table('plants')->ids() as $n => $plant) {
        foreach (array_keys(OF_REMEDY) as $k => $remedy) {
            $case = "$plant, $remedy";
            if (! Sweep::takes($case, 12)) {
                continue;
            }
            $tried++;
            $month = 1 + (($n + $k) % 12);
            $target = ['aphid', 'spider-mite', 'powdery-mildew', 'mealybug'][($n + $k) % 4];
            $forecast = $k % 2 === 0 ? skyIn($month) : Forecast::of([]);
            $plan = Cases::get(Planner::class)->plan([Cases::get(CourseReader::class)->read(plannedBody($target, $remedy, $plant, sprintf('2026-%02d-15', $month)))], $forecast)['one'];
            foreach ([...faultsOfPlan($plan, $forecast), ...newsOf($plan, $forecast)] as $fault) {
                $faults[] = "$case: $fault";
            }
        }
    }
    expect(array_slice($faults, 0, 20))->toBe([])->and($tried)->toBeGreaterThan(300);
});

it('plans three thousand courses at random, anywhere, indoors and out, in any free hours', function (int $seed): void {
    $chance = new Chance($seed);
    $pick = static fn (array $of): mixed => $of[$chance->whole(0, count($of) - 1)];
    $targets = Cases::table('targets')->ids();
    $plants = Cases::table('plants')->ids();
    $faults = [];
    for ($n = 0; $n < 750; $n++) {
        $place = $pick([[45.9, 9.3, 'Europe/Rome'], [-37.8, 145.0, 'Australia/Melbourne'], [51.5, 0.0, 'Europe/London'], [-23.5, -46.6, 'America/Sao_Paulo'], [40.7, -74.0, 'America/New_York']]);
        $month = $chance->whole(1, 12);
        $from = $chance->whole(4, 19);
        $forecast = $pick([Forecast::of([]), skyIn($month, $place), skyIn($month, $place, 3)]);
        $body = plannedBody($pick($targets), $pick(array_keys(OF_REMEDY)), $pick($plants), sprintf('2026-%02d-%02d', $month, $chance->whole(14, 20)), $pick(['outbreak', 'prevention']), $chance->whole(0, 3) === 0, [sprintf('%02d:00', $from), sprintf('%02d:00', min(23, $from + $chance->whole(2, 8)))], $place, $pick(['growing', 'flowering', 'fruiting', 'seedling', 'dormant']));
        try {
            $plan = Cases::get(Planner::class)->plan([Cases::get(CourseReader::class)->read($body)], $forecast)['one'];
        } catch (BadInput $e) {
            $faults[] = json_encode($body)." refused: {$e->said->key}";

            continue;
        }
        foreach ([...faultsOfPlan($plan, $forecast), ...newsOf($plan, $forecast)] as $fault) {
            $faults[] = "$body[target], {$body['recipe']['name']}, {$body['plantings'][0]['plant']} ({$body['plantings'][0]['stage']}), $body[start], $place[2], {$body['free_hours'][0]['from']} to {$body['free_hours'][0]['to']}: $fault";
        }
    }
    expect(array_slice($faults, 0, 20))->toBe([]);
})->with([11, 12, 13, 14]);
