<?php

declare(strict_types=1);

use Nebbia\Core\Judgement\History;
use Nebbia\Core\Judgement\Past\PastSpray;
use Nebbia\Core\Judgement\Past\PastSprays;
use Nebbia\Core\Tests\Cases;

/** @param  list<array{string, string}>  $sprays day and substance, on the rose with the bottle at six in the evening */
function pastOf(array $sprays, string $now = '2026-06-20 18:00', bool $washed = false, ?string $planting = 'rose', ?string $sprayer = 'bottle', string $zone = 'UTC'): History
{
    $zone = new DateTimeZone($zone);
    $past = array_map(static fn (array $one): PastSpray => new PastSpray((new DateTimeImmutable("$one[0] 18:00", $zone))->getTimestamp(), ['rose'], [$one[1]], 'bottle'), $sprays);

    return Cases::get(PastSprays::class)->history($past, $planting, $sprayer, new DateTimeImmutable($now, $zone), $washed);
}

it('counts sprays in a row until two weeks of rest', function (array $days, int $row): void {
    expect(pastOf(array_map(static fn (string $day): array => [$day, 'potassium-soap'], $days))->inARow)->toBe($row);
})->with([
    'none' => [[], 0],
    'last week' => [['2026-06-13'], 1],
    // 14 days are no rest yet, 15 are: working 20 - 6 = 14, 20 - 5 = 15.
    'fourteen days ago' => [['2026-06-06'], 1],
    'fifteen days ago' => [['2026-06-05'], 0],
    'three, a week apart' => [['2026-06-15', '2026-06-08', '2026-06-01'], 3],
    'a rest of fifteen days within' => [['2026-06-15', '2026-06-08', '2026-05-24'], 2],
    'in whatever order they were written down' => [['2026-06-01', '2026-06-15', '2026-06-08'], 3],
    'one that is still to come' => [['2026-06-25', '2026-06-15'], 1],
]);

it('a row is of soap and oil, whichever of them; others neither count nor end it', function (): void {
    expect(pastOf([['2026-06-15', 'neem-oil'], ['2026-06-12', 'milk'], ['2026-06-08', 'potassium-soap'], ['2026-06-01', 'detergent']])->inARow)->toBe(3)
        ->and(pastOf([['2026-06-15', 'milk']])->inARow)->toBe(0);
});

it('rain or a rinse ends a row, and not what the plant has had', function (): void {
    $past = pastOf([['2026-06-18', 'potassium-soap']], washed: true);
    expect([$past->inARow, $past->daysSince, $past->washed])->toBe([0, ['potassium-soap' => 2.0], true]);
});

it('tells days since each substance, by the last time', function (): void {
    expect(pastOf([['2026-06-10', 'sulfur'], ['2026-06-17', 'sulfur'], ['2026-06-19', 'milk']])->daysSince)->toEqual(['milk' => 1.0, 'sulfur' => 3.0]);
});

it('tells plants and sprayers apart', function (): void {
    $of = static fn (?string $planting, ?string $sprayer): array => (static fn (History $past): array => [$past->daysSince, $past->held])(pastOf([['2026-06-17', 'sulfur']], planting: $planting, sprayer: $sprayer));
    expect($of('rose', 'bottle'))->toEqual([['sulfur' => 3.0], ['sulfur']])
        ->and($of('lettuce', 'bottle'))->toBe([[], ['sulfur']])
        ->and($of('rose', 'tank'))->toEqual([['sulfur' => 3.0], []])
        ->and($of(null, null))->toBe([[], []]);
});

it('counts the year where the garden is', function (): void {
    // 18:00 on 31 December in Auckland is still 05:00 on the 31st in UTC; 18:00 on 1 January there is the new year.
    expect(pastOf([['2025-12-31', 'milk'], ['2026-01-01', 'milk']], '2026-01-02 08:00', zone: 'Pacific/Auckland')->thisSeason)->toBe(1)
        ->and(pastOf([['2026-01-01', 'milk'], ['2026-06-01', 'milk']])->thisSeason)->toBe(2);
});
