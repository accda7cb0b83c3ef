<?php

declare(strict_types=1);

use Nebbia\Core\Shelf\Kinds;
use Nebbia\Core\Shelf\NextJar;
use Nebbia\Core\Shelf\OnShelf;
use Nebbia\Core\Shelf\State;
use Nebbia\Core\Tests\Cases;

/** A jar of garlic extract: its name, its state, ready and use-by days of May. */
function garlicJar(string $id, State $state = State::Ready, ?string $readyAt = '2026-05-01', ?string $useBy = '2026-05-10', ?float $ml = 500.0): OnShelf
{
    $kind = Cases::get(Kinds::class)->get('garlic-extract');
    $day = static fn (?string $text): ?DateTimeImmutable => $text === null ? null : new DateTimeImmutable("$text 12:00Z");

    return OnShelf::of($id, $id, $kind, Cases::ingredient($kind->makes), [], $state, $day($readyAt), $day($useBy), $ml);
}

/** @param  list<OnShelf>  $jars */
function nextJar(array $jars, string $day = '2026-05-05'): ?string
{
    return NextJar::of($jars, garlicJar('any')->ingredient->id, new DateTimeImmutable("$day 18:00Z"))?->id;
}

it('takes what goes off first, first', function (): void {
    $jars = [garlicJar('keeps', useBy: null), garlicJar('late', useBy: '2026-05-20'), garlicJar('soon', useBy: '2026-05-06')];
    expect(nextJar($jars))->toBe('soon')->and(nextJar(array_reverse($jars)))->toBe('soon')
        ->and(nextJar($jars, '2026-05-07'))->toBe('late')->and(nextJar($jars, '2026-05-21'))->toBe('keeps');
});

it('of two that keep as long takes the one that was put there first', function (): void {
    expect(nextJar([garlicJar('first'), garlicJar('second')]))->toBe('first');
});

it('passes over what is not ready, gone off, empty or of something else', function (OnShelf $jar): void {
    expect(nextJar([$jar]))->toBeNull();
})->with([
    'still steeping' => fn () => garlicJar('a', State::Steeping),
    'to be strained' => fn () => garlicJar('a', State::ToStrain),
    'ready only later' => fn () => garlicJar('a', readyAt: '2026-05-06'),
    'gone off by then' => fn () => garlicJar('a', useBy: '2026-05-05'),
    'gone off' => fn () => garlicJar('a', State::GoneOff),
    'empty' => fn () => garlicJar('a', ml: 0.0),
    'of something else' => fn () => OnShelf::of('a', 'a', garlicJar('b')->kind, Cases::ingredient('milk'), [], State::Ready),
]);

it('takes one of which nobody wrote how much is left', function (): void {
    expect(nextJar([garlicJar('a', State::UseSoon, ml: null)]))->toBe('a');
});
