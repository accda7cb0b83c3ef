<?php

declare(strict_types=1);

namespace Nebbia\Core\Weather;

/** When in the day. */
enum PartOfDay: string
{
    case Dawn = 'dawn';
    case Morning = 'morning';
    case Midday = 'midday';
    case Afternoon = 'afternoon';
    case Dusk = 'dusk';
    case Night = 'night';
}
