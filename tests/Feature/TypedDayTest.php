<?php

declare(strict_types=1);

use Carbon\CarbonImmutable;

beforeEach(function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-05-04 08:20:00', 'UTC'));
});

it('takes a station\'s lowest and highest as what that day was', function (): void {
    $garden = demo();
    $garden->update(['is_demo' => false]);
    $this->postJson(at($garden, 'weather/day'), ['day' => '2026-05-02', 'low' => '9,5', 'high' => '21', 'rain' => '6', 'rain_from' => 14, 'rain_hours' => 3, 'wind' => '12', 'sky' => 'overcast'])->assertOk();
    $day = collect($this->getJson(at($garden, 'weather'))->json())->firstWhere('day', '2026-05-02');
    expect($day['rain_mm'])->toEqual(6)->and($day['low'])->toEqualWithDelta(9.5, 0.01)->and($day['high'])->toEqualWithDelta(21.0, 0.01)->and($day['is_foretold'])->toBeFalse();
});

it('plans by a forecast that was typed in by hand, in a garden that has no other', function (): void {
    $garden = demo();
    $garden->update(['is_demo' => false]);
    $round = $garden->rounds()->where('status', 'planned')->firstOrFail();
    $word = fn (string $day): string => collect($this->getJson(at($garden, "rounds/$round->id/days"))->json())->firstWhere('day', $day)['word'];
    expect($word('2026-05-05'))->toBe('unknown');
    foreach (['2026-05-04' => '', '2026-05-05' => '12'] as $day => $rain) {
        $this->postJson(at($garden, 'weather/day'), ['day' => $day, 'low' => '11', 'high' => '19', 'rain' => $rain, 'rain_from' => 0, 'rain_hours' => 24, 'sky' => 'half'])->assertOk();
    }
    expect($word('2026-05-05'))->toBe('no')->and($this->getJson(at($garden, 'ribbon'))->json('source'))->toBe('the forecast that you gave');
});

it('reads Fahrenheit, miles and inches where those are the gardener\'s', function (): void {
    $garden = demo();
    $garden->update(['units' => 'us', 'is_demo' => false]);
    $change = $this->postJson(at($garden, 'weather/day'), ['day' => '2026-05-02', 'low' => '50', 'high' => '68', 'rain' => '0.5 in', 'wind' => '10', 'sky' => 'clear'])->assertOk()->json('id');
    $note = $garden->weatherNotes()->get()->last();
    // 50 °F are 10 °C, 68 °F 20 °C; half an inch 12.7 mm, at noon; 10 miles an hour 16.09 km/h.
    expect($note?->hours[15][1])->toEqualWithDelta(20.0, 1e-6)->and($note?->hours[3][1])->toEqualWithDelta(10.0, 1e-6)->and($note?->hours[12][2])->toEqualWithDelta(12.7, 1e-6)->and($note?->hours[0][3])->toEqualWithDelta(16.09344, 1e-5);
    $this->postJson(at($garden, "changes/$change/undo"))->assertOk();
    expect($garden->weatherNotes()->whereKey($note?->id)->exists())->toBeFalse();
    $this->postJson(at($garden, 'rain'), ['mm' => '0,2 in', 'began_at' => '2026-05-03T10:00', 'hours' => 1])->assertOk();
    expect($garden->weatherNotes()->get()->last()?->hours[0][1])->toEqualWithDelta(5.08, 1e-6);
});

it('names what of a day cannot be, and stores nothing', function (array $but, string $field): void {
    $garden = demo();
    $before = $garden->weatherNotes()->count();
    $this->postJson(at($garden, 'weather/day'), $but + ['day' => '2026-05-02', 'low' => '9', 'high' => '21', 'sky' => 'half'])->assertUnprocessable()->assertJsonValidationErrors($field);
    expect($garden->weatherNotes()->count())->toBe($before);
})->with([
    [['day' => 'tomorrow'], 'day'], [['low' => 'cold'], 'low'], [['low' => ''], 'low'], [['low' => '30'], 'low'], [['high' => '900'], 'high'], [['rain' => 'cats and dogs'], 'rain'], [['rain' => '-1'], 'rain'],
    [['rain_from' => 24], 'rain_from'], [['rain_hours' => 0], 'rain_hours'], [['wind' => 'brisk'], 'wind'], [['sky' => 'blue'], 'sky'],
]);

it('cannot make hours of a day where nobody knows the place', function (): void {
    $garden = demo();
    $garden->update(['latitude' => null]);
    $this->postJson(at($garden, 'weather/day'), ['day' => '2026-05-02', 'low' => '9', 'high' => '21', 'sky' => 'half'])->assertUnprocessable()->assertJsonValidationErrors('day');
});
