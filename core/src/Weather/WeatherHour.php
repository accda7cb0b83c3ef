<?php

declare(strict_types=1);

namespace Nebbia\Core\Weather;

/** The weather of one hour, from its full hour on. */
final readonly class WeatherHour
{
    public function __construct(
        /** Seconds since 1970, UTC; a full hour. */
        public int $at,
        /** °C */
        public float $temperature,
        /** mm in that hour */
        public float $rain,
        /** km/h */
        public float $wind,
        /** % */
        public float $humidity,
        /** % of the sky */
        public float $cloud,
    ) {}
}
