<?php

declare(strict_types=1);

namespace Nebbia\Core\Plant;

/** How plants are grouped by what they bear on their leaves. */
enum SensitivityGroup: string
{
    case Sensitive = 'sensitive';
    case Ordinary = 'ordinary';
    /** Waxy, mature or woody. */
    case Hardy = 'hardy';
}
