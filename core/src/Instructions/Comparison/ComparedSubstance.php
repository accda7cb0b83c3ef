<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Comparison;

use Nebbia\Core\Judgement\Tolerance\Gauge;

/** One substance across recipes, before what the plant bears and what is usual. */
final readonly class ComparedSubstance
{
    /** @param  list<ComparedStrength|null>  $strengths  in the order of the recipes; null where it is not in it */
    public function __construct(
        public Gauge $gauge,
        public ?Schools $schools,
        public array $strengths,
    ) {}
}
