<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Diagnosis;

/** What the last weeks were like. */
enum RecentWeather: string
{
    case Wet = 'wet';
    case Dry = 'dry';
    case Hot = 'hot';
    case Cool = 'cool';
}
