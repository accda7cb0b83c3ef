<?php

declare(strict_types=1);

namespace App\Models;

enum TroubleStatus: string
{
    case Open = 'open';
    case Closed = 'closed';
}
