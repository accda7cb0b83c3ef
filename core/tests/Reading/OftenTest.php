<?php

declare(strict_types=1);

use Nebbia\Core\Reading\Often\NamedDays;
use Nebbia\Core\Reading\Often\OftenReader;
use Nebbia\Core\Tests\Cases;
use Symfony\Component\Yaml\Yaml;

/** @return array<string, list<list<mixed>>> */
function oftenCases(): array
{
    return Yaml::parseFile(__DIR__.'/often.yaml', Yaml::PARSE_DATETIME);
}

/** @param  list<mixed>  $days */
function plainDays(array $days): array
{
    return array_map(static fn (mixed $day): string => $day instanceof DateTimeInterface ? $day->format('Y-m-d') : (string) $day, $days);
}

it('reads how often and until when, as it is said', function (): void {
    $reader = Cases::get(OftenReader::class);
    foreach (oftenCases()['read'] as [$often, $until, $means]) {
        $read = $reader->read((string) $often, (string) $until, '2026-05-14');
        $said = "$often | $until";
        if (isset($means['every'])) {
            expect($read->everyDays)->toEqualWithDelta((float) $means['every'], 1e-3, $said);
        }
        expect($read->months)->toBe($means['months'] ?? null, $said)
            ->and($read->weekdays)->toBe($means['weekdays'] ?? [], $said)
            ->and($read->until)->toBe($means['until'] ?? null, $said)
            ->and($read->last ?? null)->toBe(isset($means['last']) ? plainDays([$means['last']])[0] : $read->last, $said);
        if (isset($means['days'])) {
            expect($read->days('2026-05-14', 99))->toBe(plainDays($means['days']), $said);
        }
    }
});

it('says which of the two fields cannot be read', function (): void {
    foreach (oftenCases()['refused'] as [$often, $until, $field]) {
        [$named, $said] = Cases::complaint(static fn () => Cases::get(OftenReader::class)->read((string) $often, plainDays([$until])[0], '2026-05-14'));
        expect($named)->toBe($field, "$often | ".plainDays([$until])[0])->and($said)->not->toBe('');
    }
});

it('gives days that rise, begin no sooner than the first and end no later than the last', function (): void {
    $reader = Cases::get(OftenReader::class);
    foreach (oftenCases()['read'] as [$often, $until]) {
        foreach (['2026-01-31', '2028-02-29', '2026-12-30'] as $first) {
            $read = $reader->read((string) $often, plainDays([$until])[0] === '2026-05-28' ? '5' : plainDays([$until])[0], $first);
            $days = $read->days($first, 9);
            $sorted = $days;
            sort($sorted);
            expect($days)->toBe($sorted)->and(array_unique($days))->toBe($days)
                ->and(min([...$days, '9999']) >= $first)->toBeTrue("$often $until $first")
                ->and($read->last === null || max([...$days, '']) <= $read->last)->toBeTrue("$often $until $first");
        }
    }
});

it('has its seasons where the garden is', function (string $until, string $first, string $north, string $south): void {
    $read = static fn (bool $isSouth): ?string => Cases::get(OftenReader::class)->read('weekly', $until, $first, $isSouth)->last;
    expect($read(false))->toBe($north)->and($read(true))->toBe($south);
})->with([
    'summer is December to February there' => ['all summer', '2026-05-14', '2026-08-31', '2027-02-28'],
    'in the midst of it' => ['until the end of summer', '2027-01-10', '2027-08-31', '2027-02-28'],
    'of a leap year' => ['all summer', '2027-12-01', '2028-08-31', '2028-02-29'],
    'until one begins' => ['until autumn', '2026-05-14', '2026-08-31', '2027-02-28'],
    'winter' => ['until winter', '2026-05-14', '2026-11-30', '2026-05-31'],
    'all of it' => ['all winter', '2026-05-14', '2027-02-28', '2026-08-31'],
]);

it('goes by calendar months, and by the last day where a month is short', function (): void {
    expect(Cases::get(OftenReader::class)->read('monthly', '3', '2026-01-31')->days('2026-01-31', 3))
        ->toBe(['2026-01-31', '2026-02-28', '2026-03-31']);
});

it('goes on for years where no end is said', function (string $often, string $first, string $day, ?string $next): void {
    expect(Cases::get(OftenReader::class)->read($often, '', $first)->after($first, $day))->toBe($next);
})->with([
    'the Thursday after Wednesday 14 May 2031' => ['every Monday and Thursday', '2026-05-14', '2031-05-14', '2031-05-15'],
    'every other Saturday goes on from its own first' => ['every other saturday', '2026-05-14', '2026-05-16', '2026-05-30'],
    'and is not of the week between' => ['every other saturday', '2026-05-14', '2026-05-23', '2026-05-30'],
    'ten years of months, by the last day of a leap February' => ['monthly', '2026-01-31', '2036-02-10', '2036-02-29'],
    'so many days' => ['every 10 days', '2026-05-14', '2026-05-14', '2026-05-24'],
    'no further than it was said' => ['every 10 days, 3 times', '2026-05-14', '2026-06-03', null],
    'nor later than its last day' => ['weekly until 11 June', '2026-05-14', '2026-06-11', null],
]);

it('knows when Easter is', function (string $day): void {
    // The earliest and the latest there are, and others of the published tables.
    expect(NamedDays::easter((int) substr($day, 0, 4)))->toBe($day);
})->with(['1818-03-22', '1943-04-25', '2000-04-23', '2024-03-31', '2025-04-20', '2026-04-05', '2027-03-28', '2038-04-25', '2285-03-22']);
