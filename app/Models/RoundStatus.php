<?php

declare(strict_types=1);

namespace App\Models;

/** Where a round stands. */
enum RoundStatus: string
{
    case Planned = 'planned';
    case Done = 'done';
    case Skipped = 'skipped';
}
