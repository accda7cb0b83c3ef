<?php

declare(strict_types=1);

namespace Nebbia\Core\Weather;

use Nebbia\Core\Measure\Home\HomeUnits;
use Nebbia\Core\Measure\UnitSystem;

/** Degrees and wind as a gardener says them: °F and mph in the US, °C and mph in Britain, °C and km/h elsewhere. */
final readonly class WeatherUnits
{
    private function __construct(
        public bool $isFahrenheit,
        public bool $isMiles,
    ) {}

    public static function of(?UnitSystem $system): self
    {
        return new self($system === UnitSystem::Us, $system === UnitSystem::Us || $system === UnitSystem::Imperial);
    }

    public function degrees(): string
    {
        return $this->isFahrenheit ? '°F' : '°C';
    }

    public function speed(): string
    {
        return $this->isMiles ? 'mph' : 'km/h';
    }

    /** °C as it is said. */
    public function sayTemperature(float $celsius): float
    {
        return $this->isFahrenheit ? $celsius * 1.8 + 32.0 : $celsius;
    }

    /** A difference of degrees, which has no zero to shift. */
    public function sayDifference(float $celsius): float
    {
        return $this->isFahrenheit ? $celsius * 1.8 : $celsius;
    }

    /** km/h as it is said. */
    public function saySpeed(float $kmh): float
    {
        return $this->isMiles ? $kmh / HomeUnits::KM_PER_MILE : $kmh;
    }

    /** °C of what was said. */
    public function temperature(float $said): float
    {
        return $this->isFahrenheit ? ($said - 32.0) / 1.8 : $said;
    }

    /** km/h of what was said. */
    public function windSpeed(float $said): float
    {
        return $this->isMiles ? $said * HomeUnits::KM_PER_MILE : $said;
    }
}
