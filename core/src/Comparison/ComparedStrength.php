<?php

declare(strict_types=1);

namespace Nebbia\Core\Comparison;

use Nebbia\Core\Measure\Interval;
use Nebbia\Core\Tolerance\Verdict;

/** One recipe's strength in one substance. */
final readonly class ComparedStrength
{
    public function __construct(
        public Interval $strength,
        public ?Standing $standing,
        public ?Verdict $verdict,
    ) {}
}
