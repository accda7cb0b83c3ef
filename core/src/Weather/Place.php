<?php

declare(strict_types=1);

namespace Nebbia\Core\Weather;

use DateTimeZone;

/** Where the garden lies. */
final readonly class Place
{
    public function __construct(
        /** degrees, north is above 0 */
        public float $latitude,
        /** degrees, east is above 0 */
        public float $longitude,
        public DateTimeZone $zone,
        public float $altitude = 0.0,
    ) {}
}
