<?php

declare(strict_types=1);

use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Plant\Stage;
use Nebbia\Core\Tests\Cases;
use Symfony\Component\Yaml\Yaml;

/** @return array<string, array{array<string, mixed>}> */
function harmlessCases(): array
{
    $cases = [];
    foreach (Yaml::parseFile(__DIR__.'/harmless.yaml') as $case) {
        $cases[$case['name']] = [$case];
    }

    return $cases;
}

it('gives no caution for what is done every week', function (array $case): void {
    $now = new Circumstances(isset($case['stage']) ? Stage::from($case['stage']) : null, indoors: $case['indoors'] ?? false);
    $judged = Cases::judged(Cases::body('1 L', $case['of'], 'final', $case['use'] ?? 'foliar', 'metric'), $case['plant'], $now);
    $said = [];
    foreach ($judged->findings as $finding) {
        // That a weed spray burns what stands beside it is what it is.
        if ($finding->ground !== 'use' && in_array($finding->severity, [Severity::Caution, Severity::Stop], true)) {
            $said[] = "{$finding->severity->value} $finding->ground: ".Cases::say($finding);
        }
    }
    expect($said)->toBe([]);
    // And few words beside: the tenth needless notice hides the first true one.
    expect(count(array_filter($judged->findings, static fn ($one): bool => $one->severity === Severity::Notice)))->toBeLessThanOrEqual(5);
})->with(harmlessCases());
