<?php

declare(strict_types=1);

namespace Nebbia\Core\Weather\Given;

use DateTimeImmutable;
use Nebbia\Core\Measure\Digits;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\WeatherException;
use Nebbia\Core\Weather\WeatherHour;

/** Reads `time,temp_c,rain_mm,wind_ms,humidity,cloud`: hourly, times with offset, wind in m/s, the columns in any order. */
final class WeatherCsv
{
    /** A year of hours. */
    private const MOST = 8784;

    private const MS_TO_KMH = 3.6;

    /** column => least, most */
    private const COLUMNS = [
        'temp_c' => [-60.0, 60.0],
        'rain_mm' => [0.0, 500.0],
        'wind_ms' => [0.0, 100.0],
        'humidity' => [0.0, 100.0],
        'cloud' => [0.0, 100.0],
    ];

    /** @throws WeatherException naming the line and the column */
    public static function read(string $text): Forecast
    {
        $lines = preg_split('/\r\n|\r|\n/', trim((string) preg_replace('/^\xEF\xBB\xBF/', '', Digits::western($text)))) ?: [];
        $head = array_map(
            static fn (?string $name): string => strtolower(trim((string) $name)),
            str_getcsv(array_shift($lines) ?? '', ',', '"', ''),
        );
        foreach (['time', ...array_keys(self::COLUMNS)] as $name) {
            if (! in_array($name, $head, true)) {
                throw WeatherException::column($name);
            }
        }
        $places = array_flip($head);
        $hours = [];
        foreach ($lines as $n => $line) {
            if (trim($line) === '') {
                continue;
            }
            if (count($hours) >= self::MOST) {
                throw WeatherException::tooLong(self::MOST);
            }
            $hours[] = self::hour($n + 2, str_getcsv($line, ',', '"', ''), $places);
        }

        return $hours === [] ? throw WeatherException::empty() : Forecast::of($hours);
    }

    /**
     * @param  list<string|null>  $cells
     * @param  array<string, int>  $places
     */
    private static function hour(int $line, array $cells, array $places): WeatherHour
    {
        $cell = static fn (string $name): string => trim((string) ($cells[$places[$name]] ?? ''));
        $number = static function (string $name) use ($cell, $line): float {
            [$least, $most] = self::COLUMNS[$name];
            $text = $cell($name);
            if (! is_numeric($text) || (float) $text < $least || (float) $text > $most) {
                throw WeatherException::row($line, $name, $text);
            }

            return (float) $text;
        };

        return new WeatherHour(
            self::instant($line, $cell('time')),
            $number('temp_c'),
            $number('rain_mm'),
            $number('wind_ms') * self::MS_TO_KMH,
            $number('humidity'),
            $number('cloud'),
        );
    }

    private static function instant(int $line, string $text): int
    {
        foreach (['Y-m-d\TH:iP', 'Y-m-d\TH:i:sP', 'Y-m-d H:iP', 'Y-m-d H:i:sP'] as $format) {
            $time = DateTimeImmutable::createFromFormat("!$format", $text);
            if ($time !== false && DateTimeImmutable::getLastErrors() === false) {
                $at = $time->getTimestamp();

                return $at - ($at % Forecast::HOUR);
            }
        }

        throw WeatherException::row($line, 'time', $text);
    }
}
