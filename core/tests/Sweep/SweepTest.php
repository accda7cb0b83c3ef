<?php

declare(strict_types=1);

use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Judgement\JudgedMix;
use Nebbia\Core\Making\MakingSteps;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Mixing\Recipe\UseOfSpray;
use Nebbia\Core\Pest\Diagnosis\Answers;
use Nebbia\Core\Pest\Diagnosis\Diagnostician;
use Nebbia\Core\Pest\Diagnosis\Signs;
use Nebbia\Core\Planning\Course\CourseReader;
use Nebbia\Core\Planning\Round\PlannedRound;
use Nebbia\Core\Planning\Round\Planner;
use Nebbia\Core\Planning\Round\RoundWords;
use Nebbia\Core\Plant\Stage;
use Nebbia\Core\Reading\Label\LabelReader;
use Nebbia\Core\Shelf\Kinds;
use Nebbia\Core\Target\Targets;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Tests\Jar;
use Nebbia\Core\Tests\Sweep;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\Hour;
use Nebbia\Core\Weather\PartOfDay;
use Nebbia\Core\Weather\Place;
use Nebbia\Core\Weather\StandIn;
use Nebbia\Core\Weather\WeatherUnits;
use Symfony\Component\Yaml\Yaml;

/** @return array<string, array<string, mixed>> recipes of the demo garden */
function demoBodies(): array
{
    return array_map(static fn (array $one): array => ['format' => 'nebbia.recipe/1', 'name' => 'One', 'ingredients' => []] + $one['body'], Yaml::parseFile(dirname(__DIR__, 3).'/database/demo/fontegrigia.yaml')['recipes']);
}

/** @return list<mixed> all that is said of a mix */
function saidOfMix(JudgedMix $judged): array
{
    return [$judged->findings, array_map(static fn ($step): mixed => $step->how, $judged->mix->steps), array_map(static fn ($line): mixed => $line->measure?->text, $judged->mix->lines)];
}

it('plans every remedy against every target in every month', function (): void {
    $reader = Cases::get(CourseReader::class);
    $planner = Cases::get(Planner::class);
    $words = new RoundWords(Sweep::catalogue(), WeatherUnits::of(UnitSystem::Us));
    $skies = [];
    $faults = [];
    $tried = 0;
    foreach (Cases::table('targets')->ids() as $target) {
        foreach (demoBodies() as $name => $body) {
            foreach (['outbreak', 'prevention'] as $purpose) {
                for ($month = 1; $month <= 12; $month++) {
                    $case = "$target, $name, $purpose, month $month";
                    if (! Sweep::takes($case, 60)) {
                        continue;
                    }
                    $tried++;
                    $start = sprintf('2026-%02d-14', $month);
                    $at = (new DateTimeImmutable("$start 08:00 UTC"))->getTimestamp();
                    $skies[$month] ??= (new StandIn(new Place(45.9, 9.3, new DateTimeZone('Europe/Rome'), 412.0), 7))->foretold($at, $at, $at + 20 * 86400);
                    Sweep::try($case, function () use ($reader, $planner, $words, $target, $body, $purpose, $start, $skies, $month): array {
                        $course = $reader->read(['format' => 'nebbia.course/1', 'id' => 'one', 'target' => $target, 'purpose' => $purpose, 'start' => $start,
                            'place' => ['lat' => 45.9, 'lon' => 9.3, 'time_zone' => 'Europe/Rome'], 'recipe' => $body,
                            'plantings' => [['plant' => 'lettuce', 'number' => 6, 'stage' => 'growing']]]);
                        $forecast = $month % 2 === 0 ? $skies[$month] : Forecast::of([]);
                        $plan = $planner->plan([$course], $forecast)['one'];

                        return [$words->rhythm($plan->rhythm), array_map(static fn (PlannedRound $round): string => $words->because($round, $plan->rhythm, $forecast), $plan->rounds)];
                    }, $faults);
                }
            }
        }
    }
    expect($faults)->toBe([])->and($tried)->toBeGreaterThan(100);
});

it('judges every plant at every stage, in and out, at dusk and at noon', function (): void {
    $faults = [];
    $tried = 0;
    $bodies = array_values(demoBodies());
    foreach (Cases::table('plants')->ids() as $plant) {
        foreach (Stage::cases() as $stage) {
            foreach ([true, false] as $indoors) {
                foreach ([PartOfDay::Dusk, PartOfDay::Midday] as $part) {
                    $case = "$plant, $stage->value, ".($indoors ? 'indoors' : 'outdoors').", $part->value";
                    if (! Sweep::takes($case, 12)) {
                        continue;
                    }
                    foreach ($bodies as $n => $body) {
                        if (! Sweep::takes("$case $n", 3)) {
                            continue;
                        }
                        $tried++;
                        Sweep::try("$case, recipe $n", static fn (): array => saidOfMix(Cases::judged(['units' => ['us', 'metric', 'imperial', 'au'][$n % 4]] + $body, $plant, new Circumstances(
                            stage: $stage, states: $n % 2 === 0 ? ['in-flower', 'drought'] : ['new', 'soft-growth'], indoors: $indoors,
                            hour: Hour::of(31.4, 88.0, 12.0, 2.0, $part === PartOfDay::Midday, true, $part), around: Circumstances::AROUND,
                        ))), $faults);
                    }
                }
            }
        }
    }
    expect($faults)->toBe([])->and($tried)->toBeGreaterThan(200);
});

it('judges every ingredient, weak, usual and absurd, in every use', function (): void {
    $faults = [];
    $tried = 0;
    foreach (Cases::table('ingredients')->ids() as $id) {
        foreach (UseOfSpray::cases() as $use) {
            foreach (['0.001', '1.3', '97'] as $percent) {
                foreach (["$percent mL", "$percent g", "$percent %", '1:50', '2 tbsp', '3-5 drops', 'a squeeze'] as $amount) {
                    if (! Sweep::takes($case = "$id, $use->value, $amount", 12)) {
                        continue;
                    }
                    $tried++;
                    Sweep::try($case, static fn (): array => saidOfMix(Cases::judged(Cases::body('100 mL', [[$id, $amount], ['liquid-castile-soap', '1 mL']], use: $use->value), 'tomato')), $faults);
                }
            }
            Sweep::try("$id as base, $use->value", static fn (): array => saidOfMix(Cases::judged(Cases::body('1 L', [], use: $use->value, liquid: $id))), $faults);
        }
    }
    expect($faults)->toBe([])->and($tried)->toBeGreaterThan(300);
});

it('makes every kind of preparation', function (): void {
    $faults = [];
    $kinds = Cases::get(Kinds::class)->all;
    foreach ($kinds as $kind) {
        foreach (['10 mL', '1 L', '40 L'] as $base) {
            Sweep::try("$kind->id in $base", static function () use ($kind, $base): array {
                $lines = array_map(static fn ($raw): array => ['ingredient' => $raw->ingredient, 'amount' => '100 g'], $kind->raw);
                $made = Jar::made(['format' => 'nebbia.preparation/1', 'id' => 'jar', 'kind' => $kind->id, 'base' => ['amount' => $base, 'liquid' => $kind->liquid], 'ingredients' => $lines]);

                return array_map(static fn ($step): array => [$step->what, $step->how, $step->cautions], (new MakingSteps)->of($made, null, UnitSystem::Us));
            }, $faults);
        }
    }
    expect($faults)->toBe([])->and(count($kinds))->toBeGreaterThan(15);
});

it('diagnoses from every sign alone, there or not, on every sort of plant', function (): void {
    $faults = [];
    $diagnostician = Cases::get(Diagnostician::class);
    foreach (Cases::table('signs')->ids() as $n => $id) {
        foreach ([true, false] as $there) {
            $plant = Cases::table('plants')->ids()[$n * 7 % count(Cases::table('plants')->ids())];
            Sweep::try("$id, ".($there ? 'seen' : 'not seen').", $plant", static function () use ($id, $there, $plant, $diagnostician): array {
                $sign = Cases::sign($id);
                $diagnosis = $diagnostician->diagnose(Answers::of(Cases::get(Signs::class), $there ? [$id] : [], $there ? [] : [$id]), Nebbia\Core\Pest\Diagnosis\DiagnosisCircumstances::of(Cases::plant($plant)));

                return [$diagnosis->findings(Cases::get(Targets::class)), $sign->name(), $sign->look(), $sign->where(), $sign->when(), $diagnosis->nextLook?->sign->name()];
            }, $faults);
        }
    }
    expect($faults)->toBe([]);
});

it('reads every name that a label may bear', function (): void {
    $faults = [];
    $reader = Cases::get(LabelReader::class);
    foreach (Cases::table('bottle-names')->rows('names') as $row) {
        Sweep::try($row->strings('names')[0], static fn (): array => [$reader->read('Aqua, '.$row->strings('names')[0].' 5-15 %, Parfum')->because], $faults);
    }
    expect($faults)->toBe([]);
});
