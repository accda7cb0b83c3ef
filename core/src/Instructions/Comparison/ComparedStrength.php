<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Comparison;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Judgement\Tolerance\StrengthVerdict;

/** One recipe's strength in one substance. */
final readonly class ComparedStrength
{
    public function __construct(
        public Interval $strength,
        public ?SchoolStanding $standing,
        public ?StrengthVerdict $verdict,
    ) {}
}
