<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Tolerance;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Plant\Threshold;

/**
 * What several actives come to together (concentration addition): burden = Σ likely / careful, 1.25 times as much where
 * soap or oil meets alcohol. Above 1 is a caution; stop only where Σ likely / stop, without that factor, reaches 1. Where only the
 * upper ends get there it is a caution for the stop and a notice for the rest, as with a single active.
 */
final readonly class BurdenRule implements Rule
{
    /** The sum of shares that look like 1 in decimals may be a hair above it. */
    private const HAIR = 1e-9;

    private Row $burden;

    public function __construct(Table $tolerances, private Burdens $burdens)
    {
        $this->burden = $tolerances->part('burden');
    }

    public function grounds(): array
    {
        return [
            RuleGround::plain('burden', GroundTopic::Leaves, $this->burden->string('basis'), $this->burden->string('sure'), [
                'factor' => $this->burden->float('factor'),
            ]),
        ];
    }

    public function sentences(): array
    {
        return ['burden', 'burden.stop', 'burden.perhaps-stop', 'burden.perhaps'];
    }

    public function judge(Situation $situation): iterable
    {
        $burden = $this->burdens->of($situation);
        $found = $burden === null ? null : $this->weigh($burden);
        if ($burden === null || $found === null) {
            return;
        }
        [$severity, $key] = $found;
        yield Finding::of(
            'burden',
            $severity,
            $key,
            [
                'burden' => $burden->value,
                'low' => $burden->range->low,
                'high' => $burden->range->high,
                'plant' => $situation->plantName(),
                'most' => $burden->heaviest,
                'count' => count($burden->shares),
            ],
            $this->burden->string('basis'),
            $this->burden->string('sure'),
            array_map(strval(...), array_keys($burden->shares)),
        )->from('burden');
    }

    /** @return array{Severity, string}|null */
    private function weigh(Burden $burden): ?array
    {
        return match (true) {
            Threshold::reaches($burden->towardsStop, 1.0) => [Severity::Stop, 'burden.stop'],
            $burden->value > 1.0 + self::HAIR => [Severity::Caution, 'burden'],
            Threshold::reaches($burden->mostTowardsStop, 1.0) => [Severity::Caution, 'burden.perhaps-stop'],
            $burden->range->high > 1.0 + self::HAIR => [Severity::Notice, 'burden.perhaps'],
            default => null,
        };
    }
}
