<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Steps\Rules;

use Nebbia\Core\Data\Severity;
use Nebbia\Core\Instructions\Steps\MixingStep;
use Nebbia\Core\Instructions\Steps\MixingTask;
use Nebbia\Core\Instructions\Steps\StepRule;

/** What must not be mixed says so before anything else is said. */
final class LeadWithStops implements StepRule
{
    public function steps(MixingTask $work): iterable
    {
        foreach ($work->findings as $finding) {
            if ($finding->severity === Severity::Stop) {
                yield MixingStep::of('stop', $finding->what, $finding->instead, [$finding->because]);
            }
        }
    }
}
