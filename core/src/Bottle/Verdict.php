<?php

declare(strict_types=1);

namespace Nebbia\Core\Bottle;

/** Whether a bottle is a true soap. */
enum Verdict: string
{
    case Soap = 'soap';
    case Detergent = 'detergent';
    case Mixed = 'mixed';
    case Unclear = 'unclear';
}
