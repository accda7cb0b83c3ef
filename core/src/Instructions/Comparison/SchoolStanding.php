<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Comparison;

/** Where a strength stands among those who use it, from mild to strong. */
enum SchoolStanding: string
{
    case BelowMild = 'below-mild';
    case Mild = 'mild';
    case Middle = 'middle';
    case Strong = 'strong';
    case BeyondStrong = 'beyond-strong';
}
