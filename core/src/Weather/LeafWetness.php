<?php

declare(strict_types=1);

namespace Nebbia\Core\Weather;

/**
 * Hours in which leaves outdoors are wet: it rains, rain has not dried yet, or dew lies, which is taken from 90 % of humidity on (the usual
 * empirical rule). A wetted leaf dries in 40 minutes at 20 °C, in half of that at 28 °C, and in twice that above 85 % of humidity: rough
 * practice.
 */
final readonly class LeafWetness
{
    private const DEW_FROM = 90.0;

    private const DRIES_IN = 40.0;

    private const AT = 20.0;

    /** °C that halve it. */
    private const HALVED_BY = 8.0;

    private const DAMP_FROM = 85.0;

    /** Hours looked back. */
    private const BACK = 6;

    public function __construct(private Forecast $forecast) {}

    /** @param  int  $at  seconds since 1970, within the hour; what is not known counts as dry */
    public function isWet(int $at): bool
    {
        $hour = $this->forecast->at($at);
        if ($hour === null) {
            return false;
        }
        if ($hour->rain >= Forecast::DRY || $hour->humidity >= self::DEW_FROM) {
            return true;
        }
        for ($n = 1; $n <= self::BACK; $n++) {
            $before = $this->forecast->at($at - $n * Forecast::HOUR);
            if ($before !== null && $before->rain >= Forecast::DRY) {
                // The rain ended with that hour.
                return self::minutes($hour->temperature, $hour->humidity) > ($n - 1) * 60.0;
            }
        }

        return false;
    }

    /** Until a wetted leaf is dry. */
    public static function minutes(float $celsius, float $humidity): float
    {
        return self::DRIES_IN * 2.0 ** ((self::AT - $celsius) / self::HALVED_BY) * ($humidity > self::DAMP_FROM ? 2.0 : 1.0);
    }
}
