<?php

declare(strict_types=1);

namespace Nebbia\Core\Plant;

/** What a spray meets on the leaf. */
enum LeafSurface: string
{
    /** A grey or blue wax that soap and oil take off. */
    case WaxyBloom = 'waxy-bloom';
    case Hairy = 'hairy';
    case Thin = 'thin';
    case Leathery = 'leathery';
    case Ordinary = 'ordinary';
}
