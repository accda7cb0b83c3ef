<?php

declare(strict_types=1);

namespace App\Weather\Writes;

use App\Core\Say;
use App\Models\Garden;
use App\Models\WeatherNote;
use App\Weather\Resources\FetchedForecastResource;
use DateTimeZone;
use Illuminate\Http\Client\Factory;
use Illuminate\Validation\ValidationException;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\Given\WeatherCsv;
use Nebbia\Core\Weather\Given\WeatherJson;
use Throwable;

/**
 * Asks the address that the household has set for the hours to come: CSV as it is imported, or JSON by the household's own mapping.
 * What was foretold before is replaced, what was imported by hand is not. Nothing is called that is not set.
 */
final readonly class FetchForecast
{
    private const SECONDS = 10;

    private const MOST_BYTES = 4_000_000;

    private const CHUNK = 65_536;

    public function __construct(private Factory $http) {}

    /** @return string what came */
    public function ask(Garden $garden): string
    {
        $url = $garden->forecast_url ?? throw ValidationException::withMessages(['forecast_url' => Say::it('refused.no-forecast-address')]);
        try {
            $answer = $this->http
                ->timeout(self::SECONDS)
                ->connectTimeout(self::SECONDS)
                ->withOptions(['allow_redirects' => ['max' => 3], 'stream' => true])
                ->get($url);
        } catch (Throwable) {
            throw ValidationException::withMessages(['forecast_url' => Say::it('refused.forecast-no-answer')]);
        }
        // No more of it is taken in than a forecast can be.
        $body = $answer->toPsrResponse()->getBody();
        if ($body->isSeekable()) {
            $body->rewind();
        }
        $text = '';
        while (strlen($text) <= self::MOST_BYTES && ! $body->eof()) {
            $text .= $body->read(self::CHUNK);
        }
        if (! $answer->successful() || strlen($text) > self::MOST_BYTES) {
            throw ValidationException::withMessages([
                'forecast_url' => Say::it('refused.forecast-bad-answer', ['status' => (string) $answer->status()]),
            ]);
        }

        return mb_scrub($text);
    }

    /** @throws BadInput if it cannot be read */
    public function read(Garden $garden, string $answer): Forecast
    {
        return in_array(ltrim($answer)[0] ?? '', ['{', '['], true)
            ? WeatherJson::read($answer, $garden->forecast_fields ?? [], new DateTimeZone($garden->time_zone))
            : WeatherCsv::read($answer);
    }

    public function keep(Garden $garden, Forecast $forecast): FetchedForecastResource
    {
        $before = $garden->weatherNotes()->where('kind', WeatherNote::FETCHED)->get();
        $oldest = $garden->now()->subMonth()->getTimestamp();
        // Hours that have gone by are what the weather was, as long as a round looks at it.
        $past = array_values(
            array_filter(
                $before->flatMap->hours->all(),
                static fn (array $hour): bool => $hour[0] >= $oldest && $hour[0] < ($forecast->from() ?? 0),
            ),
        );
        $before->each->delete();
        $hours = [...$past, ...WeatherNote::hoursOf($forecast)];
        $garden->weatherNotes()->create([
            'kind' => WeatherNote::FETCHED,
            'from_at' => $hours[0][0] ?? 0,
            'until_at' => $forecast->until(),
            'hours' => $hours,
        ]);

        return new FetchedForecastResource(count($forecast->all()), gmdate('Y-m-d\TH:i:s\Z', $forecast->until()));
    }
}
