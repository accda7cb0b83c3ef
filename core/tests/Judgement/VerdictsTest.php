<?php

declare(strict_types=1);

use Nebbia\Core\Chemistry\Water;
use Nebbia\Core\Evidence\Evidence;
use Nebbia\Core\Evidence\Observation;
use Nebbia\Core\Formulation\Mix;
use Nebbia\Core\Hour\Hour;
use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Judgement\ClosedVessel;
use Nebbia\Core\Judgement\History;
use Nebbia\Core\Judgement\Severity;
use Nebbia\Core\Plant\Stage;
use Nebbia\Core\Tests\Cases;
use Symfony\Component\Yaml\Yaml;

/** @return array<string, array{array<string, mixed>}> */
function verdicts(): array
{
    $cases = [];
    foreach (Yaml::parseFile(__DIR__.'/verdicts.yaml') as $case) {
        $cases[$case['name']] = [$case];
    }

    return $cases;
}

/** @param  array<string, mixed>  $case */
function circumstancesOf(array $case): Circumstances
{
    $at = $case['at'] ?? [];
    $hour = $at['hour'] ?? null;

    return new Circumstances(
        stage: isset($case['stage']) ? Stage::from($case['stage']) : null,
        states: $at['state'] ?? [],
        indoors: $at['indoors'] ?? false,
        hour: $hour === null ? null : Hour::of($hour['temp'] ?? null, $hour['humidity'] ?? null, $hour['wind'] ?? null, $hour['rain_in'] ?? null, $hour['sun'] ?? false, $hour['bees'] ?? false),
        water: isset($at['water']) ? Water::measured($at['water']['hardness'], $at['water']['alkalinity']) : null,
        vessel: isset($at['closed']) ? ClosedVessel::of($at['closed']['headspace']) : null,
        history: new History(
            daysSince: array_column($at['before'] ?? [], 'days', 'substance'),
            held: $at['sprayer']['held'] ?? [],
            rinsed: $at['sprayer']['rinsed'] ?? true,
        ),
        evidence: new Evidence(array_map(static fn (array $one): Observation => Observation::of([$one['substance'] => $one['strength']], $one['score'], $one['whole'] ?? false), $at['seen'] ?? [])),
        around: $at['around'] ?? [],
    );
}

/** @param  array<string, mixed>  $case */
function judgedCase(array $case): Mix
{
    $body = Cases::body($case['base'] ?? '1 L', $case['of'], $case['basis'] ?? 'final', $case['use'] ?? 'foliar', liquid: $case['liquid'] ?? 'water', liquidStrength: $case['strength'] ?? null);

    return Cases::judged($body + ['targets' => $case['targets'] ?? []], $case['plant'] ?? null, circumstancesOf($case));
}

it('judges as was worked out by hand', function (array $case): void {
    $mix = judgedCase($case);
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
})->with(verdicts());

it('has enough of both: what must be stopped, and what must not', function (): void {
    $worst = array_column(array_column(verdicts(), 0), 'worst');
    expect(count($worst))->toBeGreaterThanOrEqual(60)
        ->and(count(array_keys($worst, 'stop', true)))->toBeGreaterThanOrEqual(25)
        ->and(count(array_diff($worst, ['stop'])))->toBeGreaterThanOrEqual(25);
});
