<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Course;

/** What rounds are for. */
enum Purpose: string
{
    case Outbreak = 'outbreak';
    case Prevention = 'prevention';
}
