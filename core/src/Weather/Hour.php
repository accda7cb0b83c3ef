<?php

declare(strict_types=1);

namespace Nebbia\Core\Weather;

/** The hour in which it is to be sprayed: typed in by hand, or taken from a forecast. What is not known is null. */
final readonly class Hour
{
    /** How far the air is from taking up no more water, °C; null where temperature or humidity is not known. */
    public ?float $deltaT;

    private function __construct(
        /** °C */
        public ?float $temperature,
        /** % */
        public ?float $humidity,
        /** km/h */
        public ?float $wind,
        /** Hours until it rains; null where none is due. */
        public ?float $rainIn,
        /** The sun will stand on the leaves within two hours. */
        public bool $sunSoon,
        /** Flowers are open and bees at them. */
        public bool $beesAbout,
        public ?PartOfDay $part,
        /** The leaves are wet already; null where nobody knows. */
        public ?bool $wetLeaf = null,
        /** Hours until it freezes; null where that is not known, or not foreseen. */
        public ?float $frostIn = null,
    ) {
        $this->deltaT = $temperature === null || $humidity === null ? null : self::wetBulbDifference($temperature, $humidity);
    }

    /**
     * @param  float|null  $temperature  -30 to 55 °C
     * @param  float|null  $humidity  0 to 100 %
     * @param  float|null  $wind  0 to 150 km/h
     * @param  float|null  $rainIn  0 to 240 h
     *
     * @throws HourException naming the field that cannot be
     */
    public static function of(
        ?float $temperature = null,
        ?float $humidity = null,
        ?float $wind = null,
        ?float $rainIn = null,
        bool $sunSoon = false,
        bool $beesAbout = false,
        ?PartOfDay $part = null,
    ): self {
        foreach (
            [
                ['temperature', $temperature, -30.0, 55.0],
                ['humidity', $humidity, 0.0, 100.0],
                ['wind', $wind, 0.0, 150.0],
                ['rain_in', $rainIn, 0.0, 240.0],
            ] as [$field, $value, $least, $most]
        ) {
            if ($value !== null && ! ($value >= $least && $value <= $most)) {
                throw HourException::outside($field);
            }
        }

        return new self($temperature, $humidity, $wind, $rainIn, $sunSoon, $beesAbout, $part);
    }

    /** An hour out of a forecast, whose figures have been looked at before. */
    public static function foreseen(
        float $temperature,
        float $humidity,
        float $wind,
        ?float $rainIn,
        bool $sunSoon,
        bool $beesAbout,
        PartOfDay $part,
        ?bool $wetLeaf = null,
        ?float $frostIn = null,
    ): self {
        return new self($temperature, $humidity, $wind, $rainIn, $sunSoon, $beesAbout, $part, $wetLeaf, $frostIn);
    }

    /** The temperature less the wet-bulb temperature after Stull (2011), for sea level and 5 to 99 % of humidity; °C. */
    private static function wetBulbDifference(float $t, float $humidity): float
    {
        $h = min(99.0, max(5.0, $humidity));

        return $t -
            ($t * atan(0.151977 * sqrt($h + 8.313659)) +
                atan($t + $h) -
                atan($h - 1.676331) +
                0.00391838 * $h ** 1.5 * atan(0.023101 * $h) -
                4.686035);
    }
}
