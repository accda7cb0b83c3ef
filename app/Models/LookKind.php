<?php

declare(strict_types=1);

namespace App\Models;

enum LookKind: string
{
    /** On a few leaves. */
    case Patch = 'patch';
    /** Of a spray on all of it. */
    case Whole = 'whole';
}
