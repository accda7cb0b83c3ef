<?php

declare(strict_types=1);

namespace Nebbia\Core\Weather\Given;

use DateTimeImmutable;
use DateTimeZone;
use Nebbia\Core\Measure\Home\HomeUnits;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\WeatherException;
use Nebbia\Core\Weather\WeatherHour;

/**
 * Reads hourly weather out of any JSON, by a mapping of ours to theirs: `temp_c: hourly.temperature` where that is a list of numbers,
 * or `temp_c: list.*.main.temp` where the hours are a list of objects.
 */
final class WeatherJson
{
    /** A year of hours. */
    private const MOST = 8784;

    /** Ours => least, most, what one is of ours (temp_c, rain_mm, km/h, %) and what is added to it first. */
    public const FIELDS = [
        'temp_c' => ['temperature', 1.0, 0.0],
        'temp_f' => ['temperature', 1.0 / 1.8, -32.0],
        'temp_k' => ['temperature', 1.0, -273.15],
        'rain_mm' => ['rain', 1.0, 0.0],
        'rain_in' => ['rain', HomeUnits::MM_PER_INCH, 0.0],
        'wind_ms' => ['wind', 3.6, 0.0],
        'wind_kmh' => ['wind', 1.0, 0.0],
        'wind_mph' => ['wind', HomeUnits::KM_PER_MILE, 0.0],
        'humidity' => ['humidity', 1.0, 0.0],
        'cloud' => ['cloud', 1.0, 0.0],
    ];

    /** What the messages call it. */
    private const SAID = ['temperature' => 'temp_c', 'rain' => 'rain_mm', 'wind' => 'wind_ms'];

    private const RANGES = [
        'temperature' => [-60.0, 60.0],
        'rain' => [0.0, 500.0],
        'wind' => [0.0, 360.0],
        'humidity' => [0.0, 100.0],
        'cloud' => [0.0, 100.0],
    ];

    /**
     * @param  array<string, string>  $fields  time and some of FIELDS => the path to it
     * @param  DateTimeZone  $zone  of times that have none
     *
     * @throws WeatherException naming what is missing or wrong
     */
    public static function read(string $json, array $fields, DateTimeZone $zone): Forecast
    {
        $data = json_decode($json, true, 64);
        if (! is_array($data)) {
            throw WeatherException::noJson();
        }
        $times = self::column($data, 'time', $fields['time'] ?? throw WeatherException::unmapped('time'));
        if (count($times) > self::MOST) {
            throw WeatherException::tooLong(self::MOST);
        }
        $columns = self::columns($data, $fields);
        foreach (['temperature', 'rain', 'wind', 'humidity'] as $needed) {
            if (! isset($columns[$needed])) {
                throw WeatherException::unmapped($needed);
            }
        }
        $hours = [];
        foreach ($times as $n => $time) {
            $values = array_fill_keys(array_keys(self::RANGES), 0.0);
            foreach (self::RANGES as $name => [$least, $most]) {
                // What is not foretold that far has no hour; how cloudy it is may be left out.
                $value = $columns[$name][$n] ?? ($name === 'cloud' ? 50.0 : null);
                if ($value === null) {
                    continue 2;
                }
                if ($value < $least || $value > $most) {
                    throw WeatherException::row($n + 1, self::SAID[$name] ?? $name, (string) $value);
                }
                $values[$name] = $value;
            }
            $at = self::instant($time, $zone, $n);
            $hours[] = new WeatherHour(
                $at,
                $values['temperature'],
                $values['rain'],
                $values['wind'],
                $values['humidity'],
                $values['cloud'],
            );
        }

        return $hours === [] ? throw WeatherException::empty() : Forecast::of($hours);
    }

    /**
     * A line for each figure, `temp_c = hourly.temperature`; empty ones are passed over.
     *
     * @return array<string, string> ours => the path to it
     *
     * @throws WeatherException naming the line that is none
     */
    public static function mapping(string $text): array
    {
        $fields = [];
        foreach (preg_split('/\R/u', trim($text)) ?: [] as $n => $line) {
            if (trim($line) === '') {
                continue;
            }
            if (preg_match('/^\s*(\w+)\s*[=:]\s*(\S+)\s*$/u', $line, $m) !== 1 || ! ($m[1] === 'time' || isset(self::FIELDS[$m[1]]))) {
                throw WeatherException::mapping($n + 1, $line);
            }
            $fields[$m[1]] = $m[2];
        }

        return $fields;
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @param  array<string, string>  $fields
     * @return array<string, list<float|null>> by what it is, in our units
     */
    private static function columns(array $data, array $fields): array
    {
        $columns = [];
        foreach (self::FIELDS as $ours => [$name, $each, $shift]) {
            if (isset($fields[$ours])) {
                $columns[$name] = array_map(
                    static fn (mixed $one): ?float => is_numeric($one) ? ((float) $one + $shift) * $each : null,
                    self::column($data, $ours, $fields[$ours]),
                );
            }
        }

        return $columns;
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return list<mixed>
     */
    private static function column(array $data, string $ours, string $path): array
    {
        $found = self::walk($data, explode('.', trim($path)));

        return is_array($found) && array_is_list($found) ? $found : throw WeatherException::noSuchPath($ours, $path);
    }

    /** @param  list<string>  $path */
    private static function walk(mixed $data, array $path): mixed
    {
        if ($path === []) {
            return $data;
        }
        $key = array_shift($path);
        if ($key === '*') {
            return is_array($data) ? array_map(static fn (mixed $one): mixed => self::walk($one, $path), array_values($data)) : null;
        }

        return is_array($data) && array_key_exists($key, $data) ? self::walk($data[$key], $path) : null;
    }

    private static function instant(mixed $time, DateTimeZone $zone, int $n): int
    {
        $at = match (true) {
            is_int($time), is_float($time), is_string($time) && ctype_digit($time) => (int) $time,
            is_string($time) && preg_match('/^\d{4}-\d{2}-\d{2}[T ]\d{2}:\d{2}/', $time) === 1 => self::parsed($time, $zone),
            default => null,
        };

        return $at === null
            ? throw WeatherException::row($n + 1, 'time', is_scalar($time) ? (string) $time : '?')
            : $at - ($at % Forecast::HOUR);
    }

    private static function parsed(string $time, DateTimeZone $zone): ?int
    {
        // A fraction of a second is passed over; a Z is an offset of nought.
        $time = (string) preg_replace(['/ /', '/(:\d{2})\.\d+/', '/Z$/'], ['T', '$1', '+00:00'], $time);
        foreach (['Y-m-d\TH:iP', 'Y-m-d\TH:i:sP', 'Y-m-d\TH:i', 'Y-m-d\TH:i:s'] as $format) {
            $read = DateTimeImmutable::createFromFormat("!$format", $time, $zone);
            if ($read !== false && DateTimeImmutable::getLastErrors() === false) {
                return $read->getTimestamp();
            }
        }

        return null;
    }
}
