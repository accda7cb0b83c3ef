<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest;

/** How good the ground is on which something is said to help. */
enum Evidence: string
{
    case Strong = 'strong';
    case Moderate = 'moderate';
    case Weak = 'weak';
    /** Tried, and of no use. */
    case None = 'none';

    public function rank(): int
    {
        return match ($this) {
            self::Strong => 3,
            self::Moderate => 2,
            self::Weak => 1,
            self::None => 0,
        };
    }
}
