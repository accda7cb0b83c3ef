<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Evidence;

/** One step of the ladder. */
final readonly class PatchStep
{
    public function __construct(
        /** Of the full strength, above 0 up to 1. */
        public float $fraction,
        /** Hours to wait before it can be said how it went. */
        public float $waitHours,
    ) {}
}
