<?php

declare(strict_types=1);

namespace Nebbia\Core\Diagnosis;

/** What the last weeks were like. */
enum Weather: string
{
    case Wet = 'wet';
    case Dry = 'dry';
    case Hot = 'hot';
    case Cool = 'cool';
}
