<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Effect;

/** Whether an ingredient pulls its weight. */
enum Contribution: string
{
    /** It is strong enough for its work. */
    case Pulls = 'pulls';
    /** It carries another that works. */
    case Helps = 'helps';
    /** It has a work, and is too weak for it, or may be. */
    case Weak = 'weak';
    /** More of it than its work needs. */
    case Over = 'over';
    /** Along for the ride: no work of its own is known here. */
    case Idle = 'idle';
    /** It and another use each other up. */
    case Against = 'against';
    /** From what strength on it works is not known. */
    case Unknown = 'unknown';
}
