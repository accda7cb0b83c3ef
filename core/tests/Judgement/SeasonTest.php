<?php

declare(strict_types=1);

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Plant\Stage;
use Nebbia\Core\Tests\Cases;
use Symfony\Component\Yaml\Yaml;

/** @return array<string, array{array<string, mixed>}> */
function seasonCases(): array
{
    $cases = [];
    foreach (Yaml::parseFile(__DIR__.'/season.yaml') as $n => $case) {
        $cases["$n: {$case['of'][0]} {$case['of'][1]} on $case[plant], ".($case['stage'] ?? 'dormant')] = [$case];
    }

    return $cases;
}

it('judges wood and leaf as the reference table does', function (array $case): void {
    $now = new Circumstances(Stage::from($case['stage'] ?? 'dormant'), $case['states'] ?? []);
    $mix = Cases::judged(Cases::body('1 L', [$case['of']], 'final', units: 'metric'), $case['plant'], $now);
    $worst = Severity::Fine;
    foreach ($mix->findings as $finding) {
        // What every oil without soap, every bought product and every swelling bud is told beside says nothing of the strength.
        if (in_array($finding->rule, ['tolerance', 'danger', 'unknown'], true) && $finding->what->key !== 'danger.oil-needs-emulsifier.what' && $finding->severity !== Severity::Notice && $finding->severity->rank() > $worst->rank()) {
            $worst = $finding->severity;
        }
    }
    $said = implode("\n", array_map(static fn (Finding $one): string => "{$one->severity->value} $one->rule: ".Cases::say($one), $mix->findings));
    expect($worst->value)->toBe($case['is'], $said);
})->with(seasonCases());

it('takes what nobody has named for bare wood in winter, and no leaf in summer', function (): void {
    $of = static fn (Stage $stage): array => Cases::severities(Cases::judged(Cases::body('1 L', [['winter-oil', '3 % v/v']], 'final', units: 'metric'), null, $stage), 'tolerance');
    expect($of(Stage::Dormant))->toBe(['fine'])->and($of(Stage::Growing))->toBe(['stop']);
});
