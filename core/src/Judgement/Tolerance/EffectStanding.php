<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Tolerance;

/** How a substance stands to the work it is there for. */
enum EffectStanding: string
{
    case Works = 'works';
    /** It carries another, and need not work by itself. */
    case Helps = 'helps';
    /** It is there for the oil, and too little of it is left to hold it; that is said of the oil. */
    case HoldsTooLittle = 'holds-too-little';
    case TooWeak = 'too-weak';
    /** Somewhat below where it works: less sure, not useless. */
    case WeakSide = 'weak-side';
    /** Likely enough, and only the lower end too weak. */
    case PerhapsTooWeak = 'perhaps-too-weak';
    /** Enough went in, but too little is left of it. */
    case Spent = 'spent';
    case MoreThanNeeded = 'more-than-needed';
    /** From where it works is not known. */
    case Unknown = 'unknown';

    /** Whether it does not do its work, as far as can be told. */
    public function isTooWeak(): bool
    {
        return $this === self::TooWeak || $this === self::Spent;
    }
}
