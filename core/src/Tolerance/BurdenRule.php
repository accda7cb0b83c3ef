<?php

declare(strict_types=1);

namespace Nebbia\Core\Tolerance;

use Nebbia\Core\Judgement\Finding;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\Severity;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Knowledge\Knowledge;
use Nebbia\Core\Knowledge\Row;

/**
 * What several actives come to together (concentration addition): burden = Σ likely / careful, 1.25 times as much where
 * soap or oil meets alcohol. Above 1 is a caution; stop only where Σ likely / stop, without that factor, reaches 1.
 */
final readonly class BurdenRule implements Rule
{
    private Thresholds $leaves;

    private Row $burden;

    public function __construct(Knowledge $knowledge)
    {
        $this->leaves = $knowledge->thresholds();
        $this->burden = $knowledge->section('tolerances', 'burden');
    }

    public function judge(Situation $situation): iterable
    {
        $burden = Burden::of($situation, $this->leaves, $this->burden);
        if ($burden === null || $burden->value <= 1.0) {
            return;
        }
        $stops = Threshold::reaches($burden->towardsStop, 1.0);
        yield Finding::of(
            'burden',
            $stops ? Severity::Stop : Severity::Caution,
            $stops ? 'burden.stop' : 'burden',
            [
                'burden' => $burden->value,
                'plant' => $situation->plantName(),
                'most' => $burden->heaviest,
                'count' => count($burden->shares),
            ],
            $this->burden->string('basis'),
            $this->burden->string('sure'),
            array_map(strval(...), array_keys($burden->shares)),
        );
    }
}
