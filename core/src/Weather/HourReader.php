<?php

declare(strict_types=1);

namespace Nebbia\Core\Weather;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Measure\TypedNumber;
use Nebbia\Core\Measure\UnitSystem;

/** Reads an hour as it was typed in: numbers with a point or a comma, in the gardener's own units; empty where nothing is known. */
final class HourReader
{
    /**
     * @param  array<string, string|null>  $typed  temperature, humidity, wind, rain_in
     * @return Hour|null null where nothing at all was said
     *
     * @throws BadInput naming the field
     */
    public static function read(array $typed, bool $sunSoon, bool $beesAbout, ?UnitSystem $system, ?PartOfDay $part = null): ?Hour
    {
        $units = WeatherUnits::of($system);
        $numbers = [];
        foreach (['temperature', 'humidity', 'wind', 'rain_in'] as $field) {
            $numbers[$field] = self::number($field, $typed[$field] ?? null);
        }
        if (array_filter($numbers, static fn (?float $one): bool => $one !== null) === [] && ! $sunSoon && ! $beesAbout && $part === null) {
            return null;
        }

        return Hour::of(
            $numbers['temperature'] === null ? null : $units->temperature($numbers['temperature']),
            $numbers['humidity'],
            $numbers['wind'] === null ? null : $units->windSpeed($numbers['wind']),
            $numbers['rain_in'],
            $sunSoon,
            $beesAbout,
            $part,
        );
    }

    /**
     * A pH read off a strip or a meter, 0 to 14; null where none was.
     *
     * @throws BadInput naming `ph`
     */
    public static function ph(?string $text): ?float
    {
        $ph = self::number('ph', $text);

        return $ph === null || ($ph >= 0.0 && $ph <= 14.0) ? $ph : throw HourException::ph();
    }

    private static function number(string $field, ?string $text): ?float
    {
        $text = trim($text ?? '');
        $number = TypedNumber::read($text);
        if ($text === '') {
            return null;
        }

        return $number !== null && abs($number) < 10_000.0 ? $number : throw HourException::unreadable($field, $text);
    }
}
