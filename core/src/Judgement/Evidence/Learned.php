<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Evidence;

use Nebbia\Core\Data\Interval;

/** What a planting's own thresholds are taken for, beside ours. */
final readonly class Learned
{
    private function __construct(
        /** By which ours are multiplied. */
        public float $factor,
        /** Between what bounds it lies, nine times in ten. */
        public Interval $range,
        public int $observations,
    ) {}

    public static function of(float $factor, Interval $range, int $observations): self
    {
        return new self($factor, $range, $observations);
    }
}
