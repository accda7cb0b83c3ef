<?php

declare(strict_types=1);

namespace Nebbia\Core\Tests;

use Nebbia\Core\Chemistry\Water;
use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Judgement\ClosedVessel;
use Nebbia\Core\Judgement\Evidence\Observation;
use Nebbia\Core\Judgement\Evidence\OwnEvidence;
use Nebbia\Core\Judgement\History;
use Nebbia\Core\Judgement\JudgedMix;
use Nebbia\Core\Plant\Stage;
use Nebbia\Core\Weather\Hour;
use Nebbia\Core\Weather\PartOfDay;
use Symfony\Component\Yaml\Yaml;

/** The mixes of Judgement/verdicts.yaml, worked out. */
final class Verdicts
{
    /** @return array<string, array{array<string, mixed>}> */
    public static function all(): array
    {
        $cases = [];
        foreach (Yaml::parseFile(__DIR__.'/Judgement/verdicts.yaml') as $case) {
            $cases[$case['name']] = [$case];
        }

        return $cases;
    }

    /** @param  array<string, mixed>  $case */
    private static function circumstances(array $case): Circumstances
    {
        $at = $case['at'] ?? [];
        $hour = $at['hour'] ?? null;

        return new Circumstances(
            stage: isset($case['stage']) ? Stage::from($case['stage']) : null,
            states: $at['state'] ?? [],
            indoors: $at['indoors'] ?? false,
            hour: $hour === null ? null : Hour::of($hour['temp'] ?? null, $hour['humidity'] ?? null, $hour['wind'] ?? null, $hour['rain_in'] ?? null, $hour['sun'] ?? false, $hour['bees'] ?? false, PartOfDay::tryFrom($hour['part'] ?? '')),
            water: isset($at['water']) ? Water::measured($at['water']['hardness'], $at['water']['alkalinity']) : null,
            vessel: isset($at['closed']) ? ClosedVessel::of($at['closed']['headspace']) : null,
            history: new History(
                daysSince: array_column($at['before'] ?? [], 'days', 'substance'),
                held: $at['sprayer']['held'] ?? [],
                rinsed: $at['sprayer']['rinsed'] ?? null,
            ),
            evidence: new OwnEvidence(array_map(static fn (array $one): Observation => Observation::of([$one['substance'] => $one['strength']], $one['score'], $one['whole'] ?? false), $at['seen'] ?? [])),
            around: $at['around'] ?? [],
        );
    }

    /** @param  array<string, mixed>  $case */
    public static function judged(array $case): JudgedMix
    {
        $body = Cases::body($case['base'] ?? '1 L', $case['of'], $case['basis'] ?? 'final', $case['use'] ?? 'foliar', liquid: $case['liquid'] ?? 'water', liquidStrength: $case['strength'] ?? null);

        return Cases::judged($body + ['targets' => $case['targets'] ?? []], $case['plant'] ?? null, self::circumstances($case));
    }
}
