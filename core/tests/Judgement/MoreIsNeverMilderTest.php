<?php

declare(strict_types=1);

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\JudgedMix;
use Nebbia\Core\Mixing\Recipe\UseOfSpray;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Tests\Chance;

/** Rank of the gravest that is more than a word. */
function gravity(JudgedMix $mix): int
{
    return max([0, ...array_map(static fn (Finding $one): int => in_array($one->severity, [Severity::Caution, Severity::Stop], true) ? $one->severity->rank() : 0, $mix->findings)]);
}

/** What is harmless enough to be there in any amount that the test takes. */
function shareOf(string $id, float $share): string
{
    return Cases::ingredient($id)->isLiquid ? sprintf('%.3f mL', 1000.0 * $share) : sprintf('%.3f g', 1000.0 * $share);
}

it('never judges more of any one thing to be less harmful, in any use', function (UseOfSpray $use): void {
    $wrong = [];
    foreach (Cases::table('ingredients')->ids() as $id) {
        if (in_array($id, ['water', 'other', 'other-solid'], true) || Cases::ingredient($id)->isTablet) {
            continue;
        }
        foreach (['tomato', 'lettuce', null] as $plant) {
            $before = 0;
            $said = '';
            foreach ([0.0003, 0.001, 0.004, 0.015, 0.05, 0.2, 0.6, 0.95] as $share) {
                $mix = Cases::judged(Cases::body('1 L', [[$id, shareOf($id, $share)]], 'final', $use->value, 'metric'), $plant);
                $now = gravity($mix);
                if ($now < $before) {
                    $wrong[] = "$use->value $id at $share on ".($plant ?? 'nothing').": $said, then ".implode(', ', array_map(static fn (Finding $one): string => "{$one->severity->value} $one->ground", array_filter($mix->findings, static fn (Finding $one): bool => $one->severity->rank() >= 2)));
                }
                $before = max($before, $now);
                $said = implode(', ', array_map(static fn (Finding $one): string => "{$one->severity->value} $one->ground", array_filter($mix->findings, static fn (Finding $one): bool => in_array($one->severity, [Severity::Caution, Severity::Stop], true))));
            }
        }
    }
    expect($wrong)->toBe([]);
})->with(UseOfSpray::cases());

it('never brings a stop by adding water', function (int $seed): void {
    $chance = new Chance($seed);
    $ids = array_values(array_filter(Cases::table('ingredients')->ids(), static fn (string $id): bool => ! in_array($id, ['water', 'other', 'other-solid'], true) && ! Cases::ingredient($id)->isTablet));
    $wrong = [];
    for ($n = 0; $n < 150; $n++) {
        $lines = [];
        for ($k = 0; $k < $chance->whole(1, 4); $k++) {
            $id = $ids[$chance->whole(0, count($ids) - 1)];
            $lines[] = [$id, shareOf($id, $chance->between(0.0005, 0.15))];
        }
        $use = ['foliar', 'drench', 'dip'][$chance->whole(0, count(['foliar', 'drench', 'dip']) - 1)];
        $plant = ['tomato', 'lettuce', 'rose', 'apple', 'maidenhair-fern'][$chance->whole(0, count(['tomato', 'lettuce', 'rose', 'apple', 'maidenhair-fern']) - 1)];
        $of = static fn (string $base): JudgedMix => Cases::judged(Cases::body($base, $lines, 'added', $use, 'metric'), $plant);
        // A stop that water has taken away does not come back with more of it.
        $stopped = true;
        foreach (['1 L', '2 L', '5 L', '20 L', '100 L'] as $base) {
            $isStop = gravity($of($base)) === Severity::Stop->rank();
            if ($isStop && ! $stopped) {
                $wrong[] = "$base, $use on $plant: ".json_encode($lines).' '.implode(', ', array_map(static fn (Finding $one): string => "{$one->severity->value} $one->ground", array_filter($of($base)->findings, static fn (Finding $one): bool => $one->severity === Severity::Stop)));
            }
            $stopped = $isStop;
        }
    }
    expect($wrong)->toBe([]);
})->with([1, 2, 3, 4]);
