<?php

declare(strict_types=1);

namespace Nebbia\Core\Shelf;

/** Where a preparation stands. */
enum State: string
{
    /** It steeps, ferments or settles, and nothing is to be done but stir. */
    case Steeping = 'steeping';
    /** It has stood long enough and waits to be strained. */
    case ToStrain = 'to-strain';
    /** A soap that nobody has tested for free alkali. */
    case Untested = 'untested';
    /** A soap that has free alkali in it. */
    case Refused = 'refused';
    case Ready = 'ready';
    case UseSoon = 'use-soon';
    case GoneOff = 'gone-off';
    case Empty = 'empty';

    public function isFitForUse(): bool
    {
        return $this === self::Ready || $this === self::UseSoon;
    }
}
