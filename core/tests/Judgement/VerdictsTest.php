<?php

declare(strict_types=1);

use Nebbia\Core\Data\Severity;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Tests\Verdicts;

it('judges as was worked out by hand', function (array $case): void {
    $mix = Verdicts::judged($case);
    $said = implode("\n", array_map(static fn ($finding): string => "{$finding->severity->value} $finding->rule: ".Cases::say($finding), $mix->findings));
    expect($mix->worst()->value)->toBe($case['worst'], "{$case['working']}\n$said");
    if (isset($case['by'])) {
        [$rule, $substance] = [...explode(' ', $case['by']), null];
        expect(Cases::severities($mix, $rule, $substance))->toContain($case['worst']);
    }
    foreach ($case['not'] ?? [] as $rule) {
        foreach (Cases::severities($mix, $rule) as $severity) {
            expect(Severity::from($severity)->rank())->toBeLessThanOrEqual(Severity::Notice->rank(), "$rule: $said");
        }
    }
})->with(Verdicts::all());

it('has enough of both: what must be stopped, and what must not', function (): void {
    $worst = array_column(array_column(Verdicts::all(), 0), 'worst');
    expect(count($worst))->toBeGreaterThanOrEqual(60)
        ->and(count(array_keys($worst, 'stop', true)))->toBeGreaterThanOrEqual(25)
        ->and(count(array_diff($worst, ['stop'])))->toBeGreaterThanOrEqual(25);
});
