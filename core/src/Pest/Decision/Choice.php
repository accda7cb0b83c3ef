<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Decision;

enum Choice: string
{
    /** Leave it, and look again on a day. */
    case Leave = 'leave';
    case TacticsFirst = 'tactics-first';
    case SprayToo = 'spray-too';
    case GiveUp = 'give-up';
}
