<?php

declare(strict_types=1);

use Nebbia\Core\Instructions\Steps\MixingStep;
use Nebbia\Core\Instructions\Steps\MixingTask;
use Nebbia\Core\Making\MakingSteps;
use Nebbia\Core\Measure\Kitchen\Drops;
use Nebbia\Core\Measure\Tool\Kit;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Mixing\Hazard\Hazards;
use Nebbia\Core\Mixing\Measuring\MixMeasurer;
use Nebbia\Core\Shelf\KeepingPlace;
use Nebbia\Core\Shelf\Kind;
use Nebbia\Core\Shelf\Kinds;
use Nebbia\Core\Shelf\Raw;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Tests\Jar;

/**
 * The usual making of a kind, for a litre of liquid or half a kilogram of what has none.
 *
 * @return list<MixingStep>
 */
function makingOf(string $kind, ?string $passage = null): array
{
    $row = Cases::get(Kinds::class)->get($kind);
    $body = ['format' => 'nebbia.preparation/1', 'kind' => $kind, 'units' => 'metric', 'ingredients' => array_map(
        static fn (Raw $raw): array => ['ingredient' => $raw->ingredient, 'amount' => ($row->isOfParts ? $raw->perLitre->likely / 2 : $raw->perLitre->likely).($raw->isPoured ? ' mL' : ' g')], $row->raw,
    )] + ($row->isOfParts ? [] : ['base' => ['amount' => '1 L']]);
    $made = Jar::made($body);
    $work = $made->pot === null ? null : MixingTask::of($made->pot, null, UnitSystem::Metric, Cases::get(Hazards::class), new MixMeasurer(Cases::get(Drops::class), Kit::of([], system: UnitSystem::Metric)));

    return (new MakingSteps)->of($made, $work, UnitSystem::Metric, $passage);
}

/**
 * @param  list<MixingStep>  $steps
 * @return list<string> each step with its how and its cautions
 */
function readAloud(array $steps): array
{
    $english = Cases::english();

    return array_map(static fn (MixingStep $step): string => implode(' ', [$english->sentence($step->what), $step->how === null ? '' : $english->sentence($step->how), ...array_map($english->sentence(...), $step->cautions)]), $steps);
}

/** @param  list<string>  $said */
function placeOf(array $said, string $words): ?int
{
    foreach ($said as $n => $one) {
        if (str_contains($one, $words)) {
            return $n;
        }
    }

    return null;
}

dataset('kinds', fn (): array => array_map(static fn (Kind $kind): array => [$kind], array_filter(Cases::get(Kinds::class)->all, static fn (Kind $kind): bool => ! $kind->isSoap() && $kind->raw !== [])));

it('says for every kind what to do, in words and without a gap', function (Kind $kind): void {
    $said = readAloud(makingOf($kind->id));
    expect(count($said))->toBeGreaterThan(2);
    foreach ($said as $one) {
        expect($one)->not->toMatch('/\{|\}|  \S+\.$/')->and(trim($one))->not->toBe('');
    }
    // Each ends with a bottle that says what it is, and where it stands.
    expect(placeOf($said, 'label it'))->not->toBeNull()->and(placeOf($said, 'It keeps about'))->not->toBeNull();
})->with('kinds');

it('waits as long as is usual, and says so with a clock', function (Kind $kind): void {
    $waits = array_values(array_filter(makingOf($kind->id), static fn (MixingStep $step): bool => $step->kind === 'wait'));
    expect($waits)->toHaveCount($kind->hours->likely > 0.0 ? 1 : 0);
    if ($waits !== []) {
        expect($waits[0]->timer?->minutes->likely)->toEqualWithDelta(60.0 * $kind->hours->likely, 1e-6);
    }
})->with('kinds');

it('strains after it has stood, and bottles after it is strained', function (Kind $kind): void {
    $kinds = array_map(static fn (MixingStep $step): string => $step->kind, makingOf($kind->id));
    $expected = [...($kind->hours->likely > 0.0 ? ['wait'] : []), ...($kind->strain !== 'none' ? ['strain'] : []), 'label'];
    expect(array_values(array_intersect($kinds, ['wait', 'strain', 'label'])))->toBe($expected, $kind->id);
})->with('kinds');

it('heats nothing that heat would spoil', function (string $kind): void {
    expect(implode(' ', readAloud(makingOf($kind))))->not->toMatch('/bring .*boil|simmer|warm it/i')->toContain('10 minutes');
})->with(['garlic-extract', 'garlic-pepper-extract']);

it('says what can kill where it is put away, and again nothing milder', function (): void {
    $said = readAloud(makingOf('garlic-oil'));
    $store = placeOf($said, 'Into the fridge');
    expect($store)->not->toBeNull()->and($said[$store])->toContain('botulism')->toContain('four days at most')
        ->and(implode(' ', $said))->toContain('in the fridge: 24 hours')
        ->and(Cases::get(Kinds::class)->get('garlic-oil')->life(KeepingPlace::Warm))->toBeNull();
});

it('protects eyes and hands before the first fruit is cut', function (): void {
    $said = readAloud(makingOf('pepper-extract'));
    expect($said[0])->toContain('goggles')->toContain('Gloves')->and(placeOf($said, 'Chop'))->toBeGreaterThan(0)->and(implode(' ', $said))->toContain('Never boil it indoors');
});

it('has the pH of ash water measured, and no pot of it go back to food', function (): void {
    $said = implode(' ', readAloud(makingOf('ash-water')));
    expect($said)->toContain('clean, untreated wood')->toContain('Measure its pH')->toContain('Above 11')->toContain('never go back to food')->toContain('No aluminium');
});

it('has a ferment stirred daily under a loose lid, and not on what is eaten within two weeks', function (): void {
    $said = implode(' ', readAloud(makingOf('nettle-ferment')));
    expect($said)->toContain('Stir it every day')->toContain('lid on loosely')->toContain('eaten within 14 days')->toContain('Gloves');
});

it('strains finer than the sprayer that it is meant for', function (string $kind): void {
    expect(implode(' ', readAloud(makingOf($kind, 'the 0.4 mm of the hand bottle'))))->toContain('finer than the 0.4 mm of the hand bottle');
})->with(['garlic-extract', 'nettle-steep', 'horsetail-decoction']);

it('foretells what should come through, within the bounds of its method', function (Kind $kind): void {
    $said = implode(' ', readAloud(makingOf($kind->id)));
    if ($kind->isOfParts || ! $kind->method->isStrained()) {
        expect($said)->not->toContain('should come through');

        return;
    }
    expect($said)->toMatch('/About [\d.]+ (mL|L) should come through \([\d.]+ (mL|L) to [\d.]+ (mL|L)\)/');
})->with('kinds');

it('names kinds of which every figure is one, and none twice', function (): void {
    $kinds = Cases::get(Kinds::class)->all;
    expect(count($kinds))->toBeGreaterThanOrEqual(20);
    $names = array_map(static fn (Kind $kind): string => Cases::english()->say($kind->name()), array_values($kinds));
    expect(array_unique($names))->toBe($names);
    foreach ($kinds as $kind) {
        expect($kind->hours->low)->toBeLessThanOrEqual($kind->hours->likely)->and($kind->hours->likely)->toBeLessThanOrEqual($kind->hours->high);
        foreach ($kind->keeps as $place => $life) {
            expect($life->low)->toBeGreaterThan(0.0, "$kind->id $place")->and($life->low)->toBeLessThanOrEqual($life->likely)->and($life->likely)->toBeLessThanOrEqual($life->high);
        }
        // Colder keeps longer.
        $lives = array_map(static fn (KeepingPlace $place): float => $kind->life($place)?->likely ?? 0.0, [KeepingPlace::Warm, KeepingPlace::Fridge, KeepingPlace::Frozen]);
        $known = array_values(array_filter($lives));
        $sorted = $known;
        sort($sorted);
        expect($known)->toBe($sorted, $kind->id)->and($kind->keeps)->not->toBe([]);
        expect(Cases::ingredient($kind->makes)->isLiquid)->toBeTrue($kind->id);
        foreach ($kind->raw as $raw) {
            expect(Cases::ingredient($raw->ingredient)->id)->toBe($raw->ingredient);
        }
    }
});
