<?php

declare(strict_types=1);

use Nebbia\Core\Planning\Day\DueOnPlants;
use Nebbia\Core\Planning\Day\OncePerPlant;
use Symfony\Component\Yaml\Yaml;

it('puts one round on a plant', function (): void {
    foreach (Yaml::parseFile(__DIR__.'/one-on-a-plant.yaml', Yaml::PARSE_DATETIME) as $case) {
        $rounds = array_map(
            static fn (array $one): DueOnPlants => new DueOnPlants($one[0], $one[1], $one[2]->format('Y-m-d'), $one[3] ?? 18, $one[4]),
            $case['rounds'],
        );
        $found = OncePerPlant::of($rounds, $case['sprayed'] ?? []);
        expect($found->now)->toBe($case['now'], $case['name'])->and($found->waits)->toEqual($case['waits'] ?? [], $case['name']);
    }
});

it('never puts two on a plant or two of a course, and loses none, whatever is due', function (): void {
    mt_srand(14);
    for ($run = 0; $run < 2000; $run++) {
        $rounds = [];
        for ($n = 0, $many = mt_rand(0, 9); $n < $many; $n++) {
            $plants = array_values(array_filter(['bean', 'rose', 'lemon', 'vine'], static fn (): bool => mt_rand(0, 2) === 0));
            $rounds[] = new DueOnPlants("r$n", 'c'.mt_rand(0, 4), '2026-05-'.sprintf('%02d', mt_rand(1, 14)), mt_rand(0, 23), $plants);
        }
        $sprayed = array_values(array_filter(['bean', 'rose'], static fn (): bool => mt_rand(0, 3) === 0));
        $found = OncePerPlant::of($rounds, $sprayed);
        $on = $courses = [];
        foreach ($rounds as $round) {
            if (in_array($round->round, $found->now, true)) {
                array_push($on, ...$round->plantings);
                $courses[] = $round->course;
            }
        }
        expect(array_unique($on))->toBe($on)->and(array_intersect($on, $sprayed))->toBe([])
            ->and(array_unique($courses))->toBe($courses)
            ->and(count($found->now) + count($found->waits))->toBe(count($rounds));
        foreach ($found->waits as $for) {
            expect($for === 'sprayed' || in_array($for, $found->now, true))->toBeTrue();
        }
        // What is free is not held back: another round on those plants alone is due.
        $free = array_values(array_diff(['bean', 'rose', 'lemon', 'vine'], $on, $sprayed));
        expect(in_array('new', OncePerPlant::of([...$rounds, new DueOnPlants('new', 'new', '2026-05-15', 0, $free)], $sprayed)->now, true))->toBeTrue();
    }
});
