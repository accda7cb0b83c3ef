<?php

declare(strict_types=1);

namespace Nebbia\Core\Steps\Rules;

use Nebbia\Core\Judgement\Severity;
use Nebbia\Core\Steps\MixingStep;
use Nebbia\Core\Steps\StepRule;
use Nebbia\Core\Steps\Work;

/** What must not be mixed says so before anything else is said. */
final class LeadWithStops implements StepRule
{
    public function steps(Work $work): iterable
    {
        foreach ($work->findings as $finding) {
            if ($finding->severity === Severity::Stop) {
                yield MixingStep::of('stop', $finding->what, $finding->instead, [$finding->because]);
            }
        }
    }
}
