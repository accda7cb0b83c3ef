<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Tolerance;

/** How a substance stands to the work it is there for. */
enum EffectStanding: string
{
    case Works = 'works';
    /** It carries another, and need not work by itself. */
    case Helps = 'helps';
    case TooWeak = 'too-weak';
    /** Only the lower end is too weak. */
    case PerhapsTooWeak = 'perhaps-too-weak';
    /** Enough went in, but too little is left of it. */
    case Spent = 'spent';
    case MoreThanNeeded = 'more-than-needed';
    /** From where it works is not known. */
    case Unknown = 'unknown';
}
