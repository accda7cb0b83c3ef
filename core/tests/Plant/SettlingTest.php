<?php

declare(strict_types=1);

use Nebbia\Core\Plant\Settling;
use Nebbia\Core\Tests\Cases;

it('a plant is new for seven days where it was put', function (string $moved, string $day, bool $new): void {
    expect(Cases::get(Settling::class)->isNew($moved, $day))->toBe($new);
})->with([
    'the day before' => ['2026-05-02', '2026-05-01', false],
    'the same day' => ['2026-05-02', '2026-05-02', true],
    'six days on' => ['2026-05-02', '2026-05-08', true],
    'a week on' => ['2026-05-02', '2026-05-09', false],
    'over New Year' => ['2026-12-29', '2027-01-04', true],
    'in February of a leap year' => ['2028-02-26', '2028-03-04', false],
]);
