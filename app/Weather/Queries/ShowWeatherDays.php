<?php

declare(strict_types=1);

namespace App\Weather\Queries;

use App\Models\Garden;
use App\Settings\AtHome;
use App\Weather\ForecastProvider;
use App\Weather\Resources\WeatherDayResource;
use Carbon\CarbonImmutable;
use Nebbia\Core\Weather\WeatherHour;

/** Rain and warmth by days: what fell, and what is foretold. Days of which nothing is known are left out. */
final readonly class ShowWeatherDays
{
    private const BACK = 21;

    private const AHEAD = 10;

    public function __construct(private ForecastProvider $provider) {}

    /** @return list<WeatherDayResource> */
    public function __invoke(Garden $garden): array
    {
        $now = $garden->localNow();
        $hour = $now->getTimestamp() - ($now->getTimestamp() % 3600);
        $from = $now->startOfDay()->subDays(self::BACK)->getTimestamp();
        $hours = [
            ...$this->provider->happened($garden, $from, $hour)->all(),
            ...$this->provider->isTrue($garden)
                ? $this->provider->forecast($garden, $hour, $now->endOfDay()->addDays(self::AHEAD)->getTimestamp())->all()
                : [],
        ];
        /** @var array<string, non-empty-list<WeatherHour>> $days */
        $days = [];
        foreach ($hours as $one) {
            $days[CarbonImmutable::createFromTimestamp($one->at, $garden->time_zone)->toDateString()][] = $one;
        }
        $list = [];
        foreach ($days as $day => $some) {
            $warmth = array_map(static fn (WeatherHour $one): float => $one->temperature, $some);
            $rain = round(array_sum(array_map(static fn (WeatherHour $one): float => $one->rain, $some)), 1);
            $list[] = new WeatherDayResource(
                $day,
                $rain,
                app(AtHome::class)->units->rain($rain),
                min($warmth),
                max($warmth),
                $day >= $now->toDateString(),
            );
        }

        return $list;
    }
}
