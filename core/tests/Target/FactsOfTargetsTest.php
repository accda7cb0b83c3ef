<?php

declare(strict_types=1);

use Nebbia\Core\Target\Target;
use Nebbia\Core\Tests\Cases;

function target(string $id): Target
{
    return Cases::target($id);
}

/*
 * The tables of life cycles, typed again: lower threshold with its range, degree-days by stage, what a contact spray kills, and
 * how often and how many times it is sprayed.
 */
it('has the thresholds and degree-days of the table', function (string $id, array $lower, array $stages): void {
    $cycle = target($id)->cycle;
    expect([$cycle?->lowerC->low, $cycle?->lowerC->likely, $cycle?->lowerC->high])->toBe(array_map(floatval(...), $lower));
    $found = [];
    foreach ($cycle->stages ?? [] as $stage) {
        $found[$stage->stage] = [$stage->degreeDays->likely, $stage->killedByContact];
    }
    expect($found)->toBe(array_map(fn (array $row): array => [(float) $row[0], $row[1]], $stages));
})->with([
    ['aphid', [2, 4, 6.5], ['nymph' => [130, true]]],
    ['spider-mite', [9, 10.5, 12.2], ['egg' => [60, false], 'larva-and-nymphs' => [85, true]]],
    // N1 65 + N2 45 + N3 50 are reached; N4 is not.
    ['whitefly', [7.5, 8.3, 10], ['egg' => [115, false], 'young-scale' => [160, true], 'pupa' => [110, false]]],
    ['mealybug', [8, 10, 13], ['egg' => [110, false], 'nymph' => [300, true]]],
    ['soft-scale', [10, 11, 13], ['crawler' => [150, true], 'settled-nymph' => [180, false]]],
    ['thrips', [7.9, 9.5, 10.9], ['egg' => [46, false], 'larva' => [78, true], 'pupa' => [66, false]]],
    ['fungus-gnat', [7, 9.5, 10], ['egg' => [62, false], 'larva' => [175, true], 'pupa' => [63, false]]],
    ['cabbage-white', [8, 10, 10.5], ['egg' => [55, false], 'larva' => [165, true], 'pupa' => [110, false]]],
    ['slug', [0, 4, 5], ['egg' => [240, false]]],
]);

it('has the intervals and numbers of the table', function (string $id, array $days, array $times): void {
    $target = target($id);
    expect([$target->everyDays?->low, $target->everyDays?->high])->toBe(array_map(floatval(...), $days))
        ->and([$target->times?->low, $target->times?->high])->toBe(array_map(floatval(...), $times))
        ->and($target->everyDays?->likely)->toBeGreaterThanOrEqual($target->everyDays?->low)->toBeLessThanOrEqual($target->everyDays?->high);
})->with([
    ['aphid', [4, 7], [2, 3]],
    ['spider-mite', [3, 7], [2, 4]],
    ['whitefly', [4, 7], [3, 6]],
    ['mealybug', [5, 10], [4, 6]],
    ['soft-scale', [7, 10], [2, 4]],
    ['thrips', [3, 5], [3, 5]],
    ['fungus-gnat', [5, 7], [3, 4]],
    ['cabbage-white', [5, 7], [2, 3]],
    ['powdery-mildew', [5, 14], [3, 4]],
    ['downy-mildew', [5, 7], [3, 5]],
]);

it('has the latent periods of the table', function (string $id, float $c, float $low, float $high): void {
    expect(target($id)->latency?->days($c)?->low)->toBe($low)->and(target($id)->latency?->days($c)?->high)->toBe($high);
})->with([
    ['powdery-mildew', 8.0, 20.0, 32.0],
    ['powdery-mildew', 15.0, 10.0, 11.0],
    ['powdery-mildew', 24.0, 5.0, 6.0],
    ['downy-mildew', 15.0, 7.0, 10.0],
    ['downy-mildew', 22.0, 4.0, 5.0],
    ['early-blight', 24.0, 3.0, 10.0],
    ['septoria-leaf-spot', 20.0, 9.0, 14.0],
    ['black-spot', 18.0, 8.0, 12.0],
]);

it('knows its hosts by kind, family and habit, the nearest word first', function (string $target, string $plant, string $word): void {
    expect(target($target)->likeliness?->hostWord(Cases::plant($plant)))->toBe($word);
})->with([
    'a kind named' => ['black-spot', 'rose', 'main'],
    'a family named' => ['flea-beetle', 'rocket', 'main'],
    'a habit named' => ['aphid', 'dahlia', 'main'],
    'a habit named with less' => ['spider-mite', 'dahlia', 'some'],
    'the kind before the habit' => ['spider-mite', 'fuchsia', 'main'],
    'none named' => ['black-spot', 'tomato', 'unlikely'],
    'every plant' => ['drought', 'tomato', 'main'],
    'every plant but one' => ['drought', 'cactus', 'some'],
]);

it('says of every pest and disease until when watching is better, on what ground, and how sure it is', function (): void {
    foreach (Cases::table('targets')->ids() as $id) {
        $target = target($id);
        if (in_array($target->kind->value, ['pest', 'disease'], true)) {
            expect($target->watchUntil)->not->toBeNull($id)
                ->and($target->watchUntil?->level->low)->toBeLessThanOrEqual($target->watchUntil?->level->likely)
                ->and($target->watchUntil?->level->high)->toBeGreaterThanOrEqual($target->watchUntil?->level->likely)
                ->and($target->watchUntil?->basis)->toBeIn(['established guidance', 'practice']);
        } else {
            expect($target->watchUntil)->toBeNull($id);
        }
    }
});
