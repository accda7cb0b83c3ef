<?php

declare(strict_types=1);

namespace Nebbia\Core\Weather;

/** Hourly weather, expected or measured, without a gap to be found by its hour. */
final class Forecast
{
    public const HOUR = 3600;

    /** Below this an hour counts as dry, mm. */
    public const DRY = 0.1;

    /** @var array<int, WeatherHour> by the hour's time */
    private array $hours = [];

    /** @var array<int, int>|null hour => the next hour in which it rains */
    private ?array $nextRain = null;

    /** @param  iterable<WeatherHour>  $hours */
    private function __construct(iterable $hours)
    {
        foreach ($hours as $hour) {
            $this->hours[$hour->at] = $hour;
        }
        ksort($this->hours);
    }

    /** @param  iterable<WeatherHour>  $hours  in any order; of two for one hour the later counts */
    public static function of(iterable $hours): self
    {
        return new self($hours);
    }

    public function isEmpty(): bool
    {
        return $this->hours === [];
    }

    public function at(int $time): ?WeatherHour
    {
        return $this->hours[$time - ($time % self::HOUR)] ?? null;
    }

    /** @return list<WeatherHour> soonest first */
    public function all(): array
    {
        return array_values($this->hours);
    }

    /** Seconds since 1970 of the first hour, or null where there is none. */
    public function from(): ?int
    {
        return array_key_first($this->hours);
    }

    /** Seconds since 1970 of the end of the last hour. */
    public function until(): ?int
    {
        $last = array_key_last($this->hours);

        return $last === null ? null : $last + self::HOUR;
    }

    /**
     * Hours from the end of that hour until it rains: 0 where it rains in that hour itself, null where no rain is foreseen.
     */
    public function rainIn(int $time): ?float
    {
        $this->nextRain ??= $this->findRain();
        $hour = $time - ($time % self::HOUR);
        $rain = $this->nextRain[$hour] ?? null;

        return $rain === null ? null : max(0.0, ($rain - $hour) / self::HOUR);
    }

    /** mm from one time to another; what is not known counts as dry */
    public function rainBetween(int $from, int $to): float
    {
        $sum = 0.0;
        for ($at = $from - ($from % self::HOUR); $at < $to; $at += self::HOUR) {
            $sum += $this->hours[$at]->rain ?? 0.0;
        }

        return $sum;
    }

    /** °C, of the hours from one time to another; null where none is known */
    public function meanTemperature(int $from, int $to): ?float
    {
        $sum = 0.0;
        $n = 0;
        for ($at = $from - ($from % self::HOUR); $at < $to; $at += self::HOUR) {
            if (isset($this->hours[$at])) {
                $sum += $this->hours[$at]->temperature;
                $n++;
            }
        }

        return $n === 0 ? null : $sum / $n;
    }

    /** @return array<int, int> */
    private function findRain(): array
    {
        $next = [];
        $rain = null;
        foreach (array_reverse($this->hours, true) as $at => $hour) {
            if ($hour->rain >= self::DRY) {
                $rain = $at;
            }
            if ($rain !== null) {
                $next[$at] = $rain;
            }
        }

        return $next;
    }
}
