<?php

declare(strict_types=1);

use Nebbia\Core\Weather\Given\WeatherJson;
use Nebbia\Core\Weather\WeatherException;

const HOURS_IN_LISTS = '{"place":"x","hourly":{"time":["2026-05-02T18:00","2026-05-02T17:00:00.000Z","2026-05-02T20:00"],"t":[68,59,null],"r":[0,0.1,0],"w":[10,20,5],"h":[50,60,70],"c":[0,100,50]}}';
const HOURS_AS_OBJECTS = '{"list":[{"dt":1777744800,"main":{"temp":293.15,"humidity":50},"wind":{"speed":5},"rain":1.5},{"dt":1777748400,"main":{"temp":283.15,"humidity":90},"wind":{"speed":2},"rain":0}]}';
const WHERE_LISTED = ['time' => 'hourly.time', 'temp_f' => 'hourly.t', 'rain_in' => 'hourly.r', 'wind_mph' => 'hourly.w', 'humidity' => 'hourly.h', 'cloud' => 'hourly.c'];

it('reads hours that stand in lists, in the units they are named', function (): void {
    $hours = WeatherJson::read(HOURS_IN_LISTS, WHERE_LISTED, new DateTimeZone('Europe/Rome'))->all();
    // 68 °F is 20 °C, 59 is 15; 0.1 in are 2.54 mm; 10 mph are 16.09 km/h; the third hour has no temperature. 18:00 in Rome is 16:00 UTC.
    expect($hours)->toHaveCount(2)->and($hours[0]->at)->toBe(gmmktime(16, 0, 0, 5, 2, 2026))->and($hours[0]->temperature)->toEqualWithDelta(20.0, 1e-9)
        ->and($hours[1]->temperature)->toEqualWithDelta(15.0, 1e-9)->and($hours[1]->rain)->toEqualWithDelta(2.54, 1e-9)->and($hours[0]->wind)->toEqualWithDelta(16.09344, 1e-9)
        ->and($hours[1]->cloud)->toBe(100.0);
});

it('reads hours that are objects, by seconds, kelvin and metres a second', function (): void {
    $hours = WeatherJson::read(HOURS_AS_OBJECTS, ['time' => 'list.*.dt', 'temp_k' => 'list.*.main.temp', 'rain_mm' => 'list.*.rain', 'wind_ms' => 'list.*.wind.speed', 'humidity' => 'list.*.main.humidity'], new DateTimeZone('UTC'))->all();
    expect($hours)->toHaveCount(2)->and($hours[0]->temperature)->toEqualWithDelta(20.0, 1e-9)->and($hours[0]->wind)->toEqualWithDelta(18.0, 1e-9)->and($hours[0]->at)->toBe(1777744800)
        // How cloudy it is nobody said.
        ->and($hours[0]->cloud)->toBe(50.0);
});

it('names what is missing or wrong', function (string $json, array $fields, string $key): void {
    try {
        WeatherJson::read($json, $fields, new DateTimeZone('UTC'));
        $said = null;
    } catch (WeatherException $e) {
        $said = $e->said->key;
    }
    expect($said)->toBe($key);
})->with([
    ['<html>', WHERE_LISTED, 'weather.no-json'], ['5', WHERE_LISTED, 'weather.no-json'], ['[]', WHERE_LISTED, 'weather.no-path'],
    [HOURS_IN_LISTS, ['temp_c' => 'hourly.t'], 'weather.unmapped'], [HOURS_IN_LISTS, array_diff_key(WHERE_LISTED, ['humidity' => 1]), 'weather.unmapped'],
    [HOURS_IN_LISTS, ['temp_f' => 'hourly.warmth'] + WHERE_LISTED, 'weather.no-path'], [HOURS_IN_LISTS, ['time' => 'place'] + WHERE_LISTED, 'weather.no-path'],
    ['{"hourly":{"time":["soon"],"t":[60],"r":[0],"w":[1],"h":[50],"c":[0]}}', WHERE_LISTED, 'weather.row.time'],
    ['{"hourly":{"time":["2026-05-02T18:00"],"t":[900],"r":[0],"w":[1],"h":[50],"c":[0]}}', WHERE_LISTED, 'weather.row.temp_c'],
    ['{"hourly":{"time":[],"t":[],"r":[],"w":[],"h":[],"c":[]}}', WHERE_LISTED, 'weather.empty'],
]);
