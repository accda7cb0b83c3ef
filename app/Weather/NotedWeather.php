<?php

declare(strict_types=1);

namespace App\Weather;

use App\Core\Say;
use App\Models\Garden;
use App\Models\WeatherNote;
use Illuminate\Support\Collection;
use Nebbia\Core\Weather\Climate;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\WeatherHour;
use WeakMap;

/** What the household has written down of the weather, over what another source says. */
final readonly class NotedWeather implements ForecastProvider
{
    /** Hours of the next day that an import must hold to be called the source. */
    private const ENOUGH = 12;

    /** @var WeakMap<Garden, Collection<int, WeatherNote>> */
    private WeakMap $notes;

    public function __construct(private ForecastProvider $below)
    {
        $this->notes = new WeakMap();
    }

    public function forecast(Garden $garden, int $from, int $to): Forecast
    {
        // Made-up weather fills no hour of a garden that is not made up itself.
        $base = $this->below->isTrue($garden) ? $this->below->forecast($garden, $from, $to)->all() : [];

        return Forecast::of([...$base, ...$this->imported($garden, $from, $to)]);
    }

    public function happened(Garden $garden, int $from, int $to): Forecast
    {
        $base = $this->below->isTrue($garden) ? $this->below->happened($garden, $from, $to)->all() : [];
        $known = Forecast::of([...$base, ...$this->imported($garden, $from, $to)]);
        $place = $garden->place();
        $climate = $place === null ? null : new Climate($place);
        $hours = $known->all();
        foreach ($this->of($garden, [WeatherNote::RAIN], $from, $to) as $note) {
            foreach ($note->hours as [$at, $mm]) {
                $at = (int) $at;
                $hour = $known->at($at);
                if ($at >= $from - Forecast::HOUR && $at < $to) {
                    // A gauge tells rain and nothing else.
                    $hours[] = new WeatherHour(
                        $at,
                        $hour->temperature ?? ($climate?->hour($at) ?? 15.0),
                        $mm,
                        $hour->wind ?? 5.0,
                        $hour->humidity ?? 90.0,
                        $hour->cloud ?? 90.0,
                    );
                }
            }
        }

        return Forecast::of($hours);
    }

    public function name(Garden $garden): string
    {
        return match (true) {
            $this->isImported($garden) => Say::it('weather.forecast-you-gave'),
            $this->below->isTrue($garden) => $this->below->name($garden),
            default => Say::it('weather.only-usual'),
        };
    }

    public function isTrue(Garden $garden): bool
    {
        return $this->below->isTrue($garden) || $this->isImported($garden);
    }

    public function forget(Garden $garden): void
    {
        unset($this->notes[$garden]);
    }

    private function isImported(Garden $garden): bool
    {
        $now = $garden->now()->getTimestamp();

        return count($this->imported($garden, $now, $now + 86400)) >= self::ENOUGH;
    }

    /** @return list<WeatherHour> */
    private function imported(Garden $garden, int $from, int $to): array
    {
        $hours = [];
        foreach ($this->of($garden, [WeatherNote::FORECAST, WeatherNote::FETCHED], $from, $to) as $note) {
            foreach ($note->hours as [$at, $temperature, $rain, $wind, $humidity, $cloud]) {
                if ($at >= $from - Forecast::HOUR && $at < $to) {
                    $hours[] = new WeatherHour((int) $at, $temperature, $rain, $wind, $humidity, $cloud);
                }
            }
        }

        return $hours;
    }

    /**
     * @param  list<string>  $kinds
     * @return Collection<int, WeatherNote>
     */
    private function of(Garden $garden, array $kinds, int $from, int $to): Collection
    {
        // Older than a month no round looks at it.
        $this->notes[$garden] ??= $garden
            ->weatherNotes()
            ->where('until_at', '>', $garden->now()->subMonth()->getTimestamp())
            ->get()
            ->toBase();

        return $this->notes[$garden]->filter(
            static fn (WeatherNote $note): bool => in_array($note->kind, $kinds, true) && $note->until_at > $from && $note->from_at < $to,
        );
    }
}
