<?php

declare(strict_types=1);

use Nebbia\Core\Planning\Course\Ending;

/** @param  list<array{int, float}>  $counts  day and mean */
function endingOf(array $sprayed, array $counts, int $number = 3): string
{
    $seconds = static fn (int|float $day): int => (int) ($day * 86400);

    return Ending::of($number, array_map($seconds, $sprayed), array_map(static fn (array $one): array => [$seconds($one[0]), (float) $one[1]], $counts))->word;
}

it('ends with two clean looks, and is given up where nothing was halved', function (array $sprayed, array $counts, string $word): void {
    expect(endingOf($sprayed, $counts))->toBe($word);
})->with([
    'not begun' => [[], [[0, 40]], 'open'],
    'clean before it began does not count' => [[5], [[1, 0], [4, 0]], 'open'],
    'nobody has looked' => [[1, 6, 11], [], 'open'],
    'one clean look' => [[1], [[0, 40], [3, 0]], 'nearly'],
    'two on one day are one' => [[1], [[0, 40], [3, 0], [4, 0]], 'nearly'],
    'two clean looks' => [[1, 6], [[0, 40], [3, 12], [8, 0], [10, 0]], 'over'],
    'clean, and back again' => [[1, 6], [[0, 40], [3, 0], [6, 0], [8, 2]], 'open'],
    'after all rounds still more than half' => [[1, 6, 11], [[0, 40], [13, 21]], 'give-up'],
    'after all rounds half' => [[1, 6, 11], [[0, 40], [13, 20]], 'open'],
    'more than half but a round is still to come' => [[1, 6], [[0, 40], [8, 30]], 'open'],
    'not looked at since the last round' => [[1, 6, 11], [[0, 40], [10, 30]], 'open'],
    'never counted before' => [[1, 6, 11], [[13, 30]], 'open'],
]);
