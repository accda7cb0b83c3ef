<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Diagnosis;

/** How far the looks have come. */
enum Standing: string
{
    /** Likely enough, and the cause itself was seen, or what only it makes. */
    case Settled = 'settled';
    /** Likely enough, but nothing was seen that shows the cause itself. */
    case Likely = 'likely';
    /** One leads, others are still possible. */
    case Open = 'open';
    /** None is likely by itself. */
    case Several = 'several';
    /** Too near each other, or too little seen, to name any. */
    case Unsettled = 'unsettled';
}
