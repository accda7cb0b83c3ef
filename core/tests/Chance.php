<?php

declare(strict_types=1);

namespace Nebbia\Core\Tests;

/** Numbers that look random and are the same every time: a linear congruential generator (a = 1103515245, c = 12345). */
final class Chance
{
    public function __construct(private int $state)
    {
        $this->between(0.0, 1.0);
    }

    public function between(float $low, float $high): float
    {
        $this->state = (1103515245 * $this->state + 12345) % 2147483648;

        return $low + ($high - $low) * $this->state / 2147483648;
    }

    public function whole(int $low, int $high): int
    {
        return min($high, (int) floor($this->between($low, $high + 1)));
    }
}
