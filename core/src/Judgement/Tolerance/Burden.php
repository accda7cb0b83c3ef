<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Tolerance;

use Nebbia\Core\Data\Interval;

/** How much of what a plant bears is taken up by all actives together (concentration addition). */
final readonly class Burden
{
    /** @param  array<string, float>  $shares substance => its part, before the factor */
    public function __construct(
        public float $value,
        public Interval $range,
        public float $towardsStop,
        public float $mostTowardsStop,
        public float $factor,
        public array $shares,
        public string $heaviest,
    ) {}
}
