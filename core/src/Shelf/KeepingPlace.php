<?php

declare(strict_types=1);

namespace Nebbia\Core\Shelf;

/** Where a preparation is kept. */
enum KeepingPlace: string
{
    case Warm = 'warm';
    case Fridge = 'fridge';
    case Frozen = 'frozen';
}
