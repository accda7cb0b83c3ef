<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Recipe;

/** What a recipe is for. */
enum UseOfSpray: string
{
    case Foliar = 'foliar';
    case Drench = 'drench';
    case Weed = 'weed';
    case Dip = 'dip';
    case Wipe = 'wipe';
    case Disinfect = 'disinfect';

    /** Whether it wets the leaves of a wanted plant all over. */
    public function wetsLeaves(): bool
    {
        return $this === self::Foliar || $this === self::Dip;
    }

    public function wetsRoots(): bool
    {
        return $this === self::Drench;
    }
}
