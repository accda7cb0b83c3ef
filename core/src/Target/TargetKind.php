<?php

declare(strict_types=1);

namespace Nebbia\Core\Target;

enum TargetKind: string
{
    case Pest = 'pest';
    case Disease = 'disease';
    case Weed = 'weed';
    /** Scorch, thirst, hunger, virus and the like: no spray helps. */
    case LookAlike = 'look-alike';
}
