<?php

declare(strict_types=1);

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\JudgedMix;
use Nebbia\Core\Mixing\Recipe\UseOfSpray;
use Nebbia\Core\Tests\Cases;
use Symfony\Component\Yaml\Yaml;

/** @return array<string, array{array<string, mixed>}> */
function usesCases(): array
{
    $cases = [];
    foreach (Yaml::parseFile(__DIR__.'/uses.yaml') as $n => $case) {
        $cases["$n: $case[use] {$case['of'][0]} {$case['of'][1]}"] = [$case];
    }

    return $cases;
}

/** The gravest of what strength and kind of the things give. */
function gravestOfThings(JudgedMix $mix): Severity
{
    $worst = Severity::Fine;
    foreach ($mix->findings as $finding) {
        if (in_array($finding->rule, ['tolerance', 'danger', 'unknown'], true) && $finding->severity->rank() > $worst->rank()) {
            $worst = $finding->severity;
        }
    }

    return $worst;
}

it('judges every use as the reference table does', function (array $case): void {
    $plant = array_key_exists('plant', $case) ? $case['plant'] : 'tomato';
    $mix = Cases::judged(Cases::body('1 L', [$case['of']], 'final', $case['use'], units: 'metric'), $plant);
    $said = implode("\n", array_map(static fn (Finding $one): string => "{$one->severity->value} $one->rule: ".Cases::say($one), $mix->findings));
    expect(gravestOfThings($mix)->value)->toBe($case['is'], $said);
})->with(usesCases());

it('has a word for every use in every row of dangers', function (): void {
    $uses = array_column(UseOfSpray::cases(), 'value');
    sort($uses);
    foreach (Cases::table('dangers')->rows() as $row) {
        $said = [...$row->strings('uses'), ...$row->strings('silent')];
        sort($said);
        expect($said)->toBe($uses, $row->string('id'));
    }
});

it('never judges more to be less harmful', function (string $use): void {
    $plant = $use === 'weed' || $use === 'disinfect' ? null : 'tomato';
    foreach (usesCases() as [$case]) {
        [$ingredient] = $case['of'];
        $what = Cases::ingredient($ingredient);
        if ($what->usual->likely <= 0.0 || $what->isTablet) {
            continue;
        }
        $before = 0;
        foreach ([0.001, 0.01, 0.05, 0.1, 0.2, 0.4, 0.6, 0.8, 0.95] as $part) {
            $amount = $what->isLiquid ? (1000 * $part).' mL' : (1000 * $part).' g';
            $rank = gravestOfThings(Cases::judged(Cases::body('1 L', [[$ingredient, $amount]], 'final', $use, units: 'metric'), $plant))->rank();
            expect($rank)->toBeGreaterThanOrEqual($before, "$ingredient, $use, $amount");
            $before = $rank;
        }
    }
})->with(['foliar', 'drench', 'weed', 'wipe', 'dip', 'disinfect']);
