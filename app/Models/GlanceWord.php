<?php

declare(strict_types=1);

namespace App\Models;

/** How it is now, against how it was. */
enum GlanceWord: string
{
    case Gone = 'gone';
    case Fewer = 'fewer';
    case Same = 'same';
    case More = 'more';
    case Burnt = 'burnt';
}
