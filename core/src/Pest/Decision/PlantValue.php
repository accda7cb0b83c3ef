<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Decision;

/** What a plant is worth to its gardener. */
enum PlantValue: string
{
    case Replaceable = 'replaceable';
    case Dear = 'dear';
    case Irreplaceable = 'irreplaceable';
}
