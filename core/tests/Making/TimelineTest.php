<?php

declare(strict_types=1);

use Nebbia\Core\Making\Timeline;
use Nebbia\Core\Shelf\KeepingPlace;
use Nebbia\Core\Shelf\Kinds;
use Nebbia\Core\Shelf\Length;
use Nebbia\Core\Shelf\Stay;
use Nebbia\Core\Tests\Cases;

/** @param  list<array{string, string}>  $stays place and since */
function timeline(string $kind, string $started, array $stays, string $at, ?bool $passed = null, ?float $left = null, ?string $stirred = null): Timeline
{
    return Timeline::of(
        Cases::get(Kinds::class)->get($kind), new DateTimeImmutable($started), array_map(static fn (array $stay): Stay => new Stay(KeepingPlace::from($stay[0]), new DateTimeImmutable($stay[1])), $stays),
        new DateTimeImmutable($at), $stirred === null ? null : new DateTimeImmutable($stirred), $passed, $left,
    );
}

it('knows where it stands', function (string $kind, string $started, array $stays, string $at, string $state): void {
    expect(timeline($kind, $started, $stays, $at)->state->value)->toBe($state);
})->with([
    // Garlic: steeps 12 h; in the fridge 24 h before it should be used soon, 48 h until it has gone off.
    'steeping' => ['garlic-extract', '2026-05-01T18:00Z', [], '2026-05-02T05:59Z', 'steeping'],
    'to be strained' => ['garlic-extract', '2026-05-01T18:00Z', [], '2026-05-02T06:00Z', 'to-strain'],
    'ready' => ['garlic-extract', '2026-05-01T18:00Z', [['fridge', '2026-05-02T06:00Z']], '2026-05-03T05:59Z', 'ready'],
    'use soon' => ['garlic-extract', '2026-05-01T18:00Z', [['fridge', '2026-05-02T06:00Z']], '2026-05-03T06:00Z', 'use-soon'],
    'gone off' => ['garlic-extract', '2026-05-01T18:00Z', [['fridge', '2026-05-02T06:00Z']], '2026-05-04T06:00Z', 'gone-off'],
    'left in the warm' => ['garlic-extract', '2026-05-01T18:00Z', [['warm', '2026-05-02T06:00Z']], '2026-05-02T18:00Z', 'gone-off'],
    // Six of twelve hours in the warm use up half: half of 48 h are left in the fridge.
    'half of it used up in the warm' => ['garlic-extract', '2026-05-01T18:00Z', [['warm', '2026-05-02T06:00Z'], ['fridge', '2026-05-02T12:00Z']], '2026-05-03T11:59Z', 'use-soon'],
    'and then gone' => ['garlic-extract', '2026-05-01T18:00Z', [['warm', '2026-05-02T06:00Z'], ['fridge', '2026-05-02T12:00Z']], '2026-05-03T12:00Z', 'gone-off'],
    'garlic in oil, four days at most' => ['garlic-oil', '2026-05-01T18:00Z', [['fridge', '2026-05-02T18:00Z']], '2026-05-05T18:00Z', 'gone-off'],
    'garlic in oil, never warm' => ['garlic-oil', '2026-05-01T18:00Z', [['warm', '2026-05-02T18:00Z']], '2026-05-02T18:00Z', 'gone-off'],
    'frozen for a month' => ['garlic-extract', '2026-05-01T18:00Z', [['frozen', '2026-05-02T06:00Z']], '2026-05-31T06:00Z', 'ready'],
]);

it('never calls a soap ready that was not tested', function (): void {
    $stays = [['warm', '2026-05-02T06:00Z']];
    expect(timeline('potash-soap', '2026-05-01T06:00Z', $stays, '2026-05-03T06:00Z')->state->value)->toBe('untested')
        ->and(timeline('potash-soap', '2026-05-01T06:00Z', $stays, '2026-09-03T06:00Z')->state->value)->toBe('untested')
        ->and(timeline('potash-soap', '2026-05-01T06:00Z', $stays, '2026-05-03T06:00Z', false)->state->value)->toBe('refused')
        ->and(timeline('potash-soap', '2026-05-01T06:00Z', $stays, '2026-05-03T06:00Z', true)->state->value)->toBe('ready');
});

it('goes by what is left', function (): void {
    expect(timeline('garlic-extract', '2026-05-01T18:00Z', [['fridge', '2026-05-02T06:00Z']], '2026-05-02T07:00Z', left: 0.0)->state->value)->toBe('empty');
});

it('says when to stir: a day after the last time, and no more once it is done', function (): void {
    // A nettle ferment stands for twelve days.
    expect(timeline('nettle-ferment', '2026-05-01T18:00Z', [], '2026-05-02T08:00Z')->stirAt)->toEqual(new DateTimeImmutable('2026-05-02T18:00Z'))
        ->and(timeline('nettle-ferment', '2026-05-01T18:00Z', [], '2026-05-06T08:00Z', stirred: '2026-05-05T20:00Z')->stirAt)->toEqual(new DateTimeImmutable('2026-05-06T20:00Z'))
        ->and(timeline('nettle-ferment', '2026-05-01T18:00Z', [], '2026-05-13T08:00Z', stirred: '2026-05-12T20:00Z')->stirAt)->toBeNull()
        ->and(timeline('garlic-extract', '2026-05-01T18:00Z', [], '2026-05-01T19:00Z')->stirAt)->toBeNull();
});

it('gets no better by being moved', function (): void {
    foreach (['garlic-extract', 'onion-extract', 'pepper-extract', 'horsetail-decoction'] as $kind) {
        $stay = timeline($kind, '2026-05-01T00:00Z', [['fridge', '2026-05-02T00:00Z']], '2026-05-02T01:00Z')->useBy;
        foreach ([1, 3, 9] as $hours) {
            $moved = timeline($kind, '2026-05-01T00:00Z', [['warm', '2026-05-02T00:00Z'], ['fridge', "2026-05-02T0$hours:00Z"]], '2026-05-02T10:00Z')->useBy;
            expect($moved)->toBeLessThan($stay);
        }
    }
});

it('says times as people do', function (float $hours, string $said): void {
    expect(Cases::english()->say(Length::of($hours)))->toBe($said);
})->with([[0.5, '30 minutes'], [1.0, 'an hour'], [12.0, '12 hours'], [24.0, '24 hours'], [48.0, '2 days'], [288.0, '12 days'], [336.0, '2 weeks'], [672.0, '4 weeks'], [2160.0, '3 months'], [8760.0, 'a year'], [17520.0, '2 years']]);
