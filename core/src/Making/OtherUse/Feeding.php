<?php

declare(strict_types=1);

namespace Nebbia\Core\Making\OtherUse;

/** Ferments and teas to feed with, one part to so many of water. */
final class Feeding
{
    /** @return array{float, float} mL of the feed and of water that make so much; ratio is parts of water to one, above zero */
    public static function by(float $ratio, float $volumeMl): array
    {
        $feed = $volumeMl / (1.0 + $ratio);

        return [$feed, $volumeMl - $feed];
    }
}
