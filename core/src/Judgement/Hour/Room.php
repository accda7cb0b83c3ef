<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Hour;

use Nebbia\Core\Weather\PartOfDay;

/** The air of a room that is lived in: the same in every season, and nothing of what is foretold outside. A rough practice figure. */
final readonly class Room
{
    public function __construct(
        /** °C */
        public float $byDay,
        public float $byNight,
        /** % */
        public float $humidity,
    ) {}

    public function key(): string
    {
        return "$this->byDay/$this->byNight/$this->humidity";
    }

    /** °C in a part of the day */
    public function temperature(PartOfDay $part): float
    {
        return $part === PartOfDay::Night ? $this->byNight : $this->byDay;
    }

    /** As measured, where somebody has; the usual figure where not. */
    public function measured(?float $byDay, ?float $byNight, ?float $humidity): self
    {
        return new self($byDay ?? $this->byDay, $byNight ?? min($this->byNight, $byDay ?? $this->byNight), $humidity ?? $this->humidity);
    }

    /** °C on the mean */
    public function mean(): float
    {
        return ($this->byDay + $this->byNight) / 2.0;
    }
}
