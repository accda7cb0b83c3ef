<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Recipe;

/** What the stated amount of base liquid is. */
enum Basis: string
{
    /** That much base goes in, and the rest comes on top of it. */
    case Added = 'added';
    /** Topped up to that much. */
    case Final = 'final';
}
