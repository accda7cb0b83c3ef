<?php

declare(strict_types=1);

use Nebbia\Core\Mixing\Recipe\Repeat;
use Nebbia\Core\Mixing\Recipe\RepeatException;

it('dates the rounds', function (string $start, int $every, int $times, array $days): void {
    $rounds = Repeat::every($every, $times)->from(new DateTimeImmutable($start, new DateTimeZone('Europe/Rome')));
    expect(array_map(fn (DateTimeImmutable $day): string => $day->format('Y-m-d'), $rounds))->toBe($days);
})->with([
    'across a month' => ['2026-04-28', 5, 3, ['2026-04-28', '2026-05-03', '2026-05-08']],
    'across a leap day' => ['2028-02-27', 2, 2, ['2028-02-27', '2028-02-29']],
    // Clocks go forward on 29 March 2026 and back on 25 October 2026.
    'across the change to summer time' => ['2026-03-28', 1, 3, ['2026-03-28', '2026-03-29', '2026-03-30']],
    'across the change to winter time' => ['2026-10-24', 1, 3, ['2026-10-24', '2026-10-25', '2026-10-26']],
    'once' => ['2026-12-31', 366, 1, ['2026-12-31']],
]);

it('refuses repeats that cannot be', function (int $every, int $times): void {
    Repeat::every($every, $times);
})->with([[0, 1], [367, 1], [7, 0], [7, 101], [-1, 3]])->throws(RepeatException::class);
