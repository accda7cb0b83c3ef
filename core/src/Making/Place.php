<?php

declare(strict_types=1);

namespace Nebbia\Core\Making;

/** Where a preparation is kept. */
enum Place: string
{
    case Warm = 'warm';
    case Fridge = 'fridge';
    case Frozen = 'frozen';
}
