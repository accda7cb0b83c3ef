<?php

declare(strict_types=1);

use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Making\Timeline;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Mixing\Recipe\RecipeReader;
use Nebbia\Core\Shelf\Jars;
use Nebbia\Core\Shelf\KeepingPlace;
use Nebbia\Core\Shelf\Kind;
use Nebbia\Core\Shelf\Kinds;
use Nebbia\Core\Shelf\OnShelf;
use Nebbia\Core\Shelf\State;
use Nebbia\Core\Shelf\Stay;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Tests\Jar;

/** A jar of a kind, in some state. */
function onShelf(string $kind, State $state, ?float $left = 500.0, ?float $ph = null): OnShelf
{
    $row = Cases::get(Kinds::class)->get($kind);
    $contents = $row->isSoap() ? [] : Jar::made(['format' => 'nebbia.preparation/1', 'kind' => $kind, 'units' => 'metric', 'base' => ['amount' => '1 L'], 'ingredients' => [['ingredient' => $row->raw[0]->ingredient, 'amount' => '100 g']]])->contents;

    return OnShelf::of('jar', 'The jar', $row, Cases::ingredient($row->makes), $contents, $state, new DateTimeImmutable('2026-05-02T06:00Z'), new DateTimeImmutable('2026-05-04T06:00Z'), $left, $ph);
}

/** @return array<string, Finding> what is said of the jar, by the last part of the sentence's key */
function ofJar(OnShelf $jar, string $amount, string $use = 'foliar'): array
{
    $body = ['ingredients' => [['ingredient' => $jar->ingredient->id, 'amount' => $amount, 'preparation' => 'jar']]] + Cases::body('1 L', [], 'final', $use, 'metric');
    $mix = Cases::get(Mixer::class)->mix(Cases::get(RecipeReader::class)->with((new Jars)->and($jar))->read($body));
    $said = [];
    foreach (Cases::judge()->judge(Situation::of($mix, null))->findings as $finding) {
        if ($finding->rule === 'preparation') {
            $said[substr($finding->what->key, strlen('preparation.'), -strlen('.what'))] = $finding;
        }
    }

    return $said;
}

it('says of each state what it is worth', function (string $kind, State $state, ?string $key, string $severity): void {
    $said = ofJar(onShelf($kind, $state), '200 mL');
    expect(array_keys($said))->toBe($key === null ? [] : [$key]);
    if ($key !== null) {
        expect($said[$key]->severity->value)->toBe($severity);
    }
})->with([
    ['garlic-extract', State::Ready, null, ''],
    ['garlic-extract', State::Steeping, 'steeping', 'caution'],
    ['garlic-extract', State::ToStrain, 'to-strain', 'notice'],
    ['garlic-extract', State::UseSoon, 'use-soon', 'notice'],
    ['garlic-extract', State::GoneOff, 'gone-off', 'caution'],
    ['garlic-extract', State::Empty, 'empty', 'caution'],
    // What can hold botulism is never a matter of care.
    ['garlic-oil', State::GoneOff, 'deadly', 'stop'],
    ['potash-soap', State::Untested, 'untested', 'caution'],
    ['potash-soap', State::Refused, 'refused', 'stop'],
]);

it('counts what a mix takes against what is left', function (string $amount, float $left, bool $isEnough): void {
    expect(isset(ofJar(onShelf('garlic-extract', State::Ready, $left), $amount)['not-enough']))->toBe(! $isEnough);
})->with([
    ['200 mL', 200.0, true], ['200 mL', 199.0, false],
    // One part to four in 1 L is 200 mL.
    ['1:4', 200.0, true], ['1:4', 199.0, false],
]);

it('says that an ash water stays too caustic for leaves where thinning cannot help', function (float $ph, string $amount, string $use, bool $isStopped): void {
    $said = ofJar(onShelf('ash-water', State::Ready, 5000.0, $ph), $amount, $use);
    expect(isset($said['caustic']))->toBe($isStopped);
    if ($isStopped) {
        expect($said['caustic']->severity->value)->toBe('stop');
    }
})->with([
    // 12.1 less log 5 = 0.70, log 10 = 1, log 20 = 1.30
    'one to four' => [12.1, '1:4', 'foliar', true],
    'one to nine' => [12.1, '1:9', 'foliar', true],
    'one to nineteen' => [12.1, '1:19', 'foliar', false],
    'milder' => [11.6, '1:4', 'foliar', false],
    'not on leaves' => [12.1, '1:4', 'drench', false],
]);

it('lets nothing past its use-by into a mix without a finding', function (Kind $kind): void {
    $start = new DateTimeImmutable('2026-05-01T18:00Z');
    foreach (array_keys($kind->keeps) as $place) {
        $life = $kind->life(KeepingPlace::from($place))?->likely ?? 0.0;
        foreach ([0.5, 0.999, 1.001, 1.5, 4.0] as $share) {
            $at = $start->modify('+'.(int) round($life * $share * 3600).' seconds');
            $timeline = Timeline::of($kind, $start, [new Stay(KeepingPlace::from($place), $start)], $at);
            $isOver = $timeline->useBy !== null && $at >= $timeline->useBy;
            expect($timeline->state === State::GoneOff)->toBe($isOver, "$kind->id $place $share");
            if ($share > 1.0) {
                expect($timeline->state->isFitForUse())->toBeFalse();
            }
        }
        // Nothing stands where it must not.
        foreach (KeepingPlace::cases() as $other) {
            if ($kind->life($other) === null) {
                expect(Timeline::of($kind, $start, [new Stay($other, $start)], $start)->state)->toBe(State::GoneOff, "$kind->id $other->value");
            }
        }
    }
})->with(fn (): array => array_map(static fn (Kind $kind): array => [$kind], array_filter(Cases::get(Kinds::class)->all, static fn (Kind $kind): bool => ! $kind->isSoap())));

it('rests each finding on a ground that can be read', function (): void {
    $said = ofJar(onShelf('garlic-extract', State::GoneOff, 100.0), '200 mL');
    expect($said['gone-off']->ground)->toBe('making.garlic-extract')->and($said['not-enough']->ground)->toBe('preparation')
        ->and(ofJar(onShelf('potash-soap', State::Untested), '50 mL')['untested']->ground)->toBe('soap');
});
