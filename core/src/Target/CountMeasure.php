<?php

declare(strict_types=1);

namespace Nebbia\Core\Target;

/** In what a trouble is counted. */
enum CountMeasure: string
{
    case PerLeaf = 'per-leaf';
    case PerPlant = 'per-plant';
    /** On a yellow card in a week. */
    case PerCard = 'per-card';
    /** Of the leaf area, by eye. */
    case PercentLeaf = 'percent-leaf';
    case PercentPlants = 'percent-plants';

    /** Whether it is a share by eye, and not a count of single things. */
    public function isShare(): bool
    {
        return $this === self::PercentLeaf || $this === self::PercentPlants;
    }
}
