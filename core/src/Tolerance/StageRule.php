<?php

declare(strict_types=1);

namespace Nebbia\Core\Tolerance;

use Nebbia\Core\Judgement\Finding;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\Severity;
use Nebbia\Core\Judgement\Situation;

/** A stage is read, and said not to be judged yet: silence would pass for an all-clear. */
final class StageRule implements Rule
{
    public function judge(Situation $situation): iterable
    {
        if ($situation->stage !== null) {
            yield Finding::of('stage', Severity::Notice, 'stage', ['stage' => $situation->stage->value]);
        }
    }
}
