<?php

declare(strict_types=1);

namespace Nebbia\Core\Weather;

use Closure;

/** Hourly weather, expected or measured, without a gap to be found by its hour. */
final class Forecast
{
    public const HOUR = 3600;

    /** Below this an hour counts as dry, mm. */
    public const DRY = 0.1;

    /** °C below which it freezes. */
    private const FREEZES = 0.0;

    /** @var array<int, WeatherHour> by the hour's time */
    private array $hours = [];

    /** @var array<int, int>|null hour => the next hour in which it rains */
    private ?array $nextRain = null;

    /** @var array<int, int>|null hour => the next hour in which it freezes */
    private ?array $nextFrost = null;

    /** @var array<int, int>|null hour => the end of what is known from it on */
    private ?array $knownUntil = null;

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
        $this->nextRain ??= $this->next(static fn (WeatherHour $hour): bool => $hour->rain >= self::DRY);
        $hour = $time - ($time % self::HOUR);
        $rain = $this->nextRain[$hour] ?? null;

        return $rain === null ? null : max(0.0, ($rain - $hour) / self::HOUR);
    }

    /** Hours from that hour until it freezes; null where no frost is foreseen. */
    public function frostIn(int $time): ?float
    {
        $this->nextFrost ??= $this->next(static fn (WeatherHour $hour): bool => $hour->temperature < self::FREEZES);
        $hour = $time - ($time % self::HOUR);
        $frost = $this->nextFrost[$hour] ?? null;

        return $frost === null ? null : ($frost - $hour) / self::HOUR;
    }

    /** The end of what is known without a gap from that hour on; the hour itself where it is not known. */
    public function knownUntil(int $time): int
    {
        $hour = $time - ($time % self::HOUR);
        if ($this->knownUntil === null) {
            $this->knownUntil = [];
            foreach (array_reverse(array_keys($this->hours)) as $at) {
                $this->knownUntil[$at] = $this->knownUntil[$at + self::HOUR] ?? $at + self::HOUR;
            }
        }

        return $this->knownUntil[$hour] ?? $hour;
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

    /**
     * @param  Closure(WeatherHour): bool  $is
     * @return array<int, int> hour => the next, or it itself, of which that is so
     */
    private function next(Closure $is): array
    {
        $next = [];
        $found = null;
        foreach (array_reverse($this->hours, true) as $at => $hour) {
            if ($is($hour)) {
                $found = $at;
            }
            if ($found !== null) {
                $next[$at] = $found;
            }
        }

        return $next;
    }
}
