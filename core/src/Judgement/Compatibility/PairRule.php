<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Compatibility;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\Situation;

/** What must not meet in one vessel. */
final readonly class PairRule implements Rule
{
    public function __construct(private Pairs $pairs) {}

    public function judge(Situation $situation): iterable
    {
        foreach ($this->pairs->in($situation->mix) as [$pair, $a, $b]) {
            yield Finding::of('compatibility', $pair->severity, "pair.$pair->id", [
                'a' => $a->substance->name,
                'b' => $b->substance->name,
                'likely' => $a->percentWv->likely,
            ], $pair->basis, $pair->sure, [$a->substance->id, $b->substance->id]);
        }
    }
}
