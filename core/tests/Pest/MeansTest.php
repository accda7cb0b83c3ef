<?php

declare(strict_types=1);

use Nebbia\Core\Pest\Count\Sample;
use Nebbia\Core\Pest\Decision\Means;
use Nebbia\Core\Pest\Decision\RankedRemedy;
use Nebbia\Core\Pest\Decision\Trouble;
use Nebbia\Core\Pest\Remedies;
use Nebbia\Core\Pest\Tactics;
use Nebbia\Core\Plant\Thresholds;
use Nebbia\Core\Tests\Cases;

function meansFor(string $target, string $plant, ?float $count = null, ?int $harvest = null, array $tried = [], bool $indoors = false): Means
{
    $known = Cases::target($target);
    $sample = $count === null || $known->watchUntil === null ? null : Sample::of($known->watchUntil->measure, [$count, $count, $count]);

    return Means::against(new Trouble($known, Cases::plant($plant), $indoors, $sample, daysToHarvest: $harvest, tacticsTried: $tried), Cases::get(Tactics::class), Cases::get(Remedies::class), Cases::get(Thresholds::class));
}

function remedyOf(Means $means, string $id): ?RankedRemedy
{
    foreach ($means->remedies as $ranked) {
        if ($ranked->remedy->id === $id) {
            return $ranked;
        }
    }

    return null;
}

it('puts tactics with better evidence first, and what ends the plant last', function (): void {
    foreach (['aphid', 'powdery-mildew', 'slug', 'mealybug', 'late-blight', 'black-spot'] as $target) {
        $tactics = meansFor($target, 'tomato')->tactics;
        $ends = array_map(fn ($ranked): bool => $ranked->tactic->last, $tactics);
        $alive = array_values(array_filter($tactics, fn ($ranked): bool => ! $ranked->tactic->last));
        for ($n = 1; $n < count($alive); $n++) {
            expect($alive[$n - 1]->evidence->rank())->toBeGreaterThanOrEqual($alive[$n]->evidence->rank(), $target);
        }
        expect($ends)->toBe([...array_fill(0, count($alive), false), ...array_fill(0, count($tactics) - count($alive), true)], $target);
    }
});

it('offers the next untried tactic that is better than weakly shown, until there is none', function (): void {
    $tried = [];
    for ($n = 0; $n < 30; $n++) {
        $next = meansFor('aphid', 'broad-bean', tried: $tried)->untried();
        if ($next === null) {
            break;
        }
        expect($tried)->not->toContain($next->tactic->id)->and($next->evidence->rank())->toBeGreaterThanOrEqual(2);
        $tried[] = $next->tactic->id;
    }
    expect($tried)->toContain('jet-of-water', 'wipe-leaves')->not->toContain('companion-plants');
});

it('closes a remedy whose wait is longer than the harvest is away, by the day', function (int $harvest, bool $soap, bool $sulfur): void {
    $means = meansFor('powdery-mildew', 'pea', 10.0, $harvest);
    expect(remedyOf($means, 'soap')?->isOpen())->toBe($soap)->and(remedyOf($means, 'sulfur')?->isOpen())->toBe($sulfur);
})->with([
    // Soap asks for one day, sulfur for seven.
    [0, false, false], [1, true, false], [6, true, false], [7, true, true],
]);

it('marks what should have been there before as late only above the level', function (): void {
    // Up to 2 % of the leaf is watched.
    expect(remedyOf(meansFor('powdery-mildew', 'pea', 10.0), 'milk')?->tooLate)->toBeTrue()
        ->and(remedyOf(meansFor('powdery-mildew', 'pea', 1.0), 'milk')?->tooLate)->toBeFalse()
        ->and(remedyOf(meansFor('powdery-mildew', 'pea'), 'milk')?->tooLate)->toBeFalse()
        ->and(remedyOf(meansFor('powdery-mildew', 'pea', 10.0), 'bicarbonate')?->tooLate)->toBeFalse();
});

it('knows which remedies hurt this plant, and which only in part', function (): void {
    expect(remedyOf(meansFor('aphid', 'fuchsia'), 'soap')?->plantIsSensitive)->toBeTrue()
        ->and(remedyOf(meansFor('aphid', 'fuchsia'), 'alcohol')?->plantIsSensitive)->toBeFalse()
        ->and(remedyOf(meansFor('aphid', 'broad-bean'), 'soap')?->plantIsSensitive)->toBeFalse()
        ->and(remedyOf(meansFor('aphid', 'tomato'), 'soap')?->noted)->toBe('some cultivars')
        ->and(remedyOf(meansFor('powdery-mildew', 'cucumber'), 'sulfur')?->plantIsSensitive)->toBeTrue();
});

it('puts what is of no use at the end, never open', function (): void {
    $means = meansFor('aphid', 'broad-bean');
    $grades = array_map(fn ($ranked): int => $ranked->pairing->evidence->rank(), $means->remedies);
    $sorted = $grades;
    rsort($sorted);
    $last = $means->remedies[count($means->remedies) - 1];
    expect($grades)->toBe($sorted)->and($last->isOpen())->toBeFalse();
});

it('has nothing to spray against what no spray reaches', function (string $target): void {
    $means = meansFor($target, 'tomato');
    expect($means->anyHelps())->toBeFalse()->and($means->best())->toBeNull();
})->with(['vine-weevil', 'cutworm', 'late-blight', 'virus', 'sun-scorch', 'drought', 'old-age']);
