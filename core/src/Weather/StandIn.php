<?php

declare(strict_types=1);

namespace Nebbia\Core\Weather;

/**
 * Weather out of a seed, for where no forecast service is at hand: what happens, and what was foretold of it some days before. The same
 * seed and hour give the same weather, whatever is asked first. It is made up and says nothing of the real sky.
 */
final readonly class StandIn
{
    /** Hours that a spell of weather lasts. */
    private const SPELL = 9;

    private Climate $climate;

    public function __construct(private Place $place, private int $seed)
    {
        $this->climate = new Climate($place);
    }

    /** What happens in an hour. */
    public function happened(int $at): WeatherHour
    {
        return $this->hour($at, 0.0);
    }

    /**
     * What is foretold on a day for the hours after it; the further ahead, the further off.
     *
     * @param  int  $issued  when the forecast was made: forecasts of one day are the same
     */
    public function foretold(int $issued, int $from, int $to): Forecast
    {
        $day = intdiv($issued, 86400);
        $hours = [];
        for ($at = $from - ($from % Forecast::HOUR); $at < $to; $at += Forecast::HOUR) {
            $ahead = max(0.0, ($at - $issued) / 86400.0);
            $hours[] = $this->hour($at, min(1.0, $ahead / 10.0), $day);
        }

        return Forecast::of($hours);
    }

    /**
     * @param  float  $blur  0 for what happens, to 1 for what nobody can know
     * @param  int  $day  that it was foretold on
     */
    private function hour(int $at, float $blur, int $day = 0): WeatherHour
    {
        $hour = intdiv($at, Forecast::HOUR);
        $wet = $this->between('wet', $hour, $blur, $day);
        $front = $this->between('front', intdiv($hour, 3), $blur, $day);
        $rains = $wet > 0.66;
        $drop = $rains ? ($wet - 0.66) / 0.34 : 0.0;
        $cloud = $rains ? 80.0 + 20.0 * $drop : 100.0 * max(0.0, min(1.0, 0.15 + 0.9 * $wet));
        $temperature = $this->climate->hour($at) + 9.0 * ($front - 0.5) - 3.0 * $drop - ($cloud > 70.0 ? 1.0 : 0.0);
        $isDay = Sun::height($this->place, $at) > 0.0;
        $breeze = $this->between('wind', $hour, $blur, $day);
        $wind = 1.0 + 14.0 * $breeze ** 2 * ($isDay ? 1.0 : 0.45) + 10.0 * $drop;
        $humidity = max(20.0, min(100.0, 62.0 - 2.4 * ($temperature - $this->climate->mean($at)) + 30.0 * $drop + 12.0 * ($wet - 0.4)));

        return new WeatherHour(
            $hour * Forecast::HOUR,
            round($temperature, 1),
            $rains ? round(0.2 + 4.0 * $drop ** 2, 1) : 0.0,
            round($wind, 1),
            round($humidity),
            round($cloud),
        );
    }

    /** A number from 0 to 1 that changes slowly from hour to hour; blurred, it is drawn towards another that was foretold. */
    private function between(string $what, int $hour, float $blur, int $day): float
    {
        $true = $this->wave($what, $hour);

        return $blur <= 0.0 ? $true : (1.0 - $blur) * $true + $blur * $this->wave("$what.$day", $hour);
    }

    private function wave(string $what, int $hour): float
    {
        $spell = intdiv($hour, self::SPELL);
        $part = ($hour % self::SPELL) / self::SPELL;
        $smooth = $part * $part * (3.0 - 2.0 * $part);

        return (1.0 - $smooth) * $this->chance($what, $spell) + $smooth * $this->chance($what, $spell + 1);
    }

    /** From 0 up to 1, the same for the same seed, name and number. */
    private function chance(string $what, int $n): float
    {
        return hexdec(substr(hash('xxh64', "$this->seed.$what.$n"), 0, 12)) / 281474976710656.0;
    }
}
