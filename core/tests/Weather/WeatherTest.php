<?php

declare(strict_types=1);

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Tests\Chance;
use Nebbia\Core\Weather\Climate;
use Nebbia\Core\Weather\DegreeDays;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\Given\WeatherCsv;
use Nebbia\Core\Weather\Place;
use Nebbia\Core\Weather\StandIn;
use Nebbia\Core\Weather\Sun;
use Nebbia\Core\Weather\WeatherHour;
use Symfony\Component\Yaml\Yaml;

function stamp(string $text): int
{
    return (new DateTimeImmutable($text))->getTimestamp();
}

function lakeside(): Place
{
    return new Place(45.9, 9.3, new DateTimeZone('Europe/Rome'), 412.0);
}

it('counts the warmth of a day', function (array $case): void {
    expect(DegreeDays::average($case['low'], $case['high'], $case['base'], $case['upper']))->toEqualWithDelta($case['average'], 1e-9)
        ->and(DegreeDays::sine($case['low'], $case['high'], $case['base']))->toEqualWithDelta($case['sine'], 0.0006);
})->with(array_map(static fn (array $case): array => [$case], Yaml::parseFile(__DIR__.'/degree-days.yaml')));

it('brings more warmth the warmer the day, and never less than none', function (): void {
    $chance = new Chance(31);
    for ($n = 0; $n < 200; $n++) {
        $low = $chance->between(-10.0, 25.0);
        $high = $low + $chance->between(0.1, 20.0);
        $base = $chance->between(0.0, 15.0);
        $sine = DegreeDays::sine($low, $high, $base);
        expect($sine)->toBeGreaterThanOrEqual(0.0)->and(DegreeDays::sine($low + 1.0, $high + 1.0, $base))->toBeGreaterThanOrEqual($sine)
            ->and($sine)->toBeGreaterThanOrEqual(max(0.0, ($low + $high) / 2.0 - $base) - 1e-9);
    }
});

it('counts the warmth of single hours', function (): void {
    // Twelve hours at 20 °C and twelve at 8 above 10: half of ten.
    $hours = [];
    for ($n = 0; $n < 24; $n++) {
        $hours[] = new WeatherHour($n * 3600, $n < 12 ? 20.0 : 8.0, 0.0, 5.0, 60.0, 50.0);
    }
    expect(DegreeDays::ofHours(Forecast::of($hours), 0, 86400, 10.0))->toEqualWithDelta(5.0, 1e-9);
});

it('knows when the sun rises, sets, and does neither', function (): void {
    // Almanac for 45.9 N 9.3 E: 21 June 2026, 05:33 to 21:17 by the clocks there, to a few minutes.
    [$rise, $set] = Sun::times(lakeside(), stamp('2026-06-21T12:00+02:00'));
    expect(abs($rise - stamp('2026-06-21T05:33+02:00')))->toBeLessThan(300)->and(abs($set - stamp('2026-06-21T21:17+02:00')))->toBeLessThan(300);
    $north = new Place(69.6, 18.9, new DateTimeZone('Europe/Oslo'));
    expect(Sun::times($north, stamp('2026-06-21T12:00+02:00')))->toBe([null, null])->and(Sun::height($north, stamp('2026-06-21T23:50Z')))->toBeGreaterThan(0.0)
        ->and(Sun::height($north, stamp('2026-12-21T11:00Z')))->toBeLessThan(0.0);
    // At noon on the day of the solstice: 90 less the latitude and the tilt.
    expect(Sun::height(lakeside(), stamp('2026-06-21T13:25+02:00')))->toEqualWithDelta(90.0 - 45.9 + 23.44, 0.2)
        // Upright at the equator at the equinox, and at the horizon when it rises.
        ->and(Sun::height(new Place(0.0, 0.0, new DateTimeZone('UTC')), stamp('2026-03-20T12:07Z')))->toBeGreaterThan(89.0)
        ->and(abs(Sun::height(lakeside(), $rise)))->toBeLessThan(1.2);
});

it('reads hourly weather, whatever the order of its columns', function (): void {
    $forecast = WeatherCsv::read("\xEF\xBB\xBFcloud,time,temp_c,wind_ms,rain_mm,humidity\r\n80,2026-05-02T18:00+02:00,14.5,2.5,0,70\r\n90,2026-05-02T19:00+02:00,13,5,1.2,85\n");
    $hour = $forecast->at(stamp('2026-05-02T16:30Z'));
    expect($hour?->temperature)->toBe(14.5)->and($hour?->wind)->toEqualWithDelta(9.0, 1e-9)->and($forecast->rainIn(stamp('2026-05-02T16:00Z')))->toBe(1.0)->and($forecast->rainIn(stamp('2026-05-02T17:00Z')))->toBe(0.0)
        ->and($forecast->rainIn(stamp('2026-05-02T18:00Z')))->toBeNull()->and($forecast->at(stamp('2026-05-02T18:00Z')))->toBeNull()->and($forecast->rainBetween(stamp('2026-05-02T16:00Z'), stamp('2026-05-02T18:00Z')))->toEqualWithDelta(1.2, 1e-9);
});

it('names the line and the column of weather that cannot be', function (string $csv, string $field, string $mend): void {
    try {
        WeatherCsv::read($csv);
    } catch (BadInput $e) {
        expect($e->field())->toBe($field)->and(Cases::english()->say($e->said))->toContain($mend);

        return;
    }
    throw new RuntimeException('nothing was refused');
})->with([
    'nothing' => ['', 'weather', 'time'],
    'a column less' => ["time,temp_c,rain_mm,wind_ms,humidity\n", 'weather', 'cloud'],
    'no hours' => ["time,temp_c,rain_mm,wind_ms,humidity,cloud\n\n", 'weather', 'hour'],
    'a word for a number' => ["time,temp_c,rain_mm,wind_ms,humidity,cloud\n2026-05-02T18:00Z,warm,0,1,60,50", 'weather.2.temp_c', 'warm'],
    'a decimal comma splits' => ["time,temp_c,rain_mm,wind_ms,humidity,cloud\n2026-05-02T18:00Z,14,0,1,160,50", 'weather.2.humidity', '0 to 100'],
    'rain that falls upwards' => ["time,temp_c,rain_mm,wind_ms,humidity,cloud\n2026-05-02T18:00Z,14,-1,1,60,50", 'weather.2.rain_mm', '-1'],
    'a time without an offset' => ["time,temp_c,rain_mm,wind_ms,humidity,cloud\n2026-05-02T18:00,14,0,1,60,50", 'weather.2.time', '2026-05-02T18:00+02:00'],
    'a day that is none' => ["time,temp_c,rain_mm,wind_ms,humidity,cloud\n2026-02-30T18:00Z,14,0,1,60,50", 'weather.2.time', '2026-02-30'],
]);

it('makes up the same weather out of the same seed, and other out of another', function (): void {
    $at = stamp('2026-05-02T18:00Z');
    $one = new StandIn(lakeside(), 7);
    expect($one->happened($at))->toEqual((new StandIn(lakeside(), 7))->happened($at))->and($one->happened($at))->not->toEqual((new StandIn(lakeside(), 8))->happened($at));
    // Of the day itself it foretells what happens; the further ahead, the further off.
    $off = static function (int $days) use ($one): float {
        $sum = 0.0;
        for ($day = 0; $day < 60; $day++) {
            $at = stamp('2026-05-01T12:00Z') + $day * 86400;
            $sum += abs($one->foretold($at - $days * 86400, $at, $at + 3600)->all()[0]->temperature - $one->happened($at)->temperature);
        }

        return $sum / 60.0;
    };
    expect($off(0))->toEqualWithDelta(0.0, 1e-9)->and($off(1))->toBeGreaterThan(0.0)->and($off(8))->toBeGreaterThan(2.0 * $off(1));
});

it('keeps to what weather can be', function (): void {
    $weather = new StandIn(lakeside(), 3);
    $rain = $wet = 0;
    $warmest = $coldest = [];
    for ($n = 0; $n < 24 * 120; $n += 5) {
        $hour = $weather->happened(stamp('2026-04-01T00:00Z') + $n * 3600);
        expect($hour->humidity)->toBeGreaterThanOrEqual(20.0)->toBeLessThanOrEqual(100.0)->and($hour->wind)->toBeGreaterThan(0.0)->toBeLessThan(40.0)->and($hour->cloud)->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual(100.0)->and($hour->rain)->toBeGreaterThanOrEqual(0.0);
        $wet += $hour->rain > 0.0 ? 1 : 0;
        $local = (int) gmdate('G', $hour->at);
        $local === 13 ? $warmest[] = $hour->temperature : ($local === 3 ? $coldest[] = $hour->temperature : null);
    }
    // It rains now and then, in a tenth to two fifths of all hours, and afternoons are warmer than nights.
    expect($wet / (24 * 24))->toBeGreaterThan(0.05)->toBeLessThan(0.4)->and(array_sum($warmest) / count($warmest))->toBeGreaterThan(array_sum($coldest) / count($coldest) + 5.0);
});

it('knows summer from winter, north from south', function (): void {
    $north = new Climate(lakeside());
    $south = new Climate(new Place(-37.8, 145.0, new DateTimeZone('Australia/Melbourne')));
    $july = stamp('2026-07-20T12:00Z');
    $january = stamp('2026-01-20T12:00Z');
    expect($north->mean($july))->toBeGreaterThan(17.0)->toBeLessThan(26.0)->and($north->mean($january))->toBeGreaterThan(-4.0)->toBeLessThan(6.0)
        ->and($south->mean($january))->toBeGreaterThan($south->mean($july) + 8.0);
});
