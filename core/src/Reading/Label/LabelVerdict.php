<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Label;

/** Whether a bottle is a true soap. */
enum LabelVerdict: string
{
    case Soap = 'soap';
    case Detergent = 'detergent';
    case Mixed = 'mixed';
    case Unclear = 'unclear';
}
