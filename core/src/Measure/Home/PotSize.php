<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure\Home;

/**
 * What a round pot holds, by its width at the brim: as high as 0.95 of it and 0.7 of it at the foot, as usual pots are, so that it
 * holds π/12 × 0.95 × (1 + 0.7 + 0.49) = 0.545 of the width cubed. Basis: geometry of usual pots; rough, by a quarter either way.
 */
final class PotSize
{
    public const LITRES_PER_GALLON = 3.785411784;

    public const LITRES_PER_IMP_GALLON = 4.54609;

    private const PART_OF_CUBE = M_PI / 12.0 * 0.95 * (1.0 + 0.7 + 0.49);

    /** @param  float  $cm width at the brim, above zero */
    public static function litres(float $cm): float
    {
        return self::PART_OF_CUBE * $cm ** 3 / 1000.0;
    }
}
