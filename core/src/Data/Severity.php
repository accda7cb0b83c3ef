<?php

declare(strict_types=1);

namespace Nebbia\Core\Data;

/** How much a finding matters. */
enum Severity: string
{
    case Fine = 'fine';
    case Notice = 'notice';
    case Caution = 'caution';
    case Stop = 'stop';

    public function rank(): int
    {
        return match ($this) {
            self::Fine => 0,
            self::Notice => 1,
            self::Caution => 2,
            self::Stop => 3,
        };
    }

    public function orWorse(self $other): self
    {
        return $other->rank() > $this->rank() ? $other : $this;
    }
}
