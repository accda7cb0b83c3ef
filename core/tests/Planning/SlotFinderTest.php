<?php

declare(strict_types=1);

use Nebbia\Core\Judgement\Hour\SprayWindows;
use Nebbia\Core\Planning\Hour\HourJudge;
use Nebbia\Core\Planning\Hour\Slot;
use Nebbia\Core\Planning\Hour\SlotFinder;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\Place;

/**
 * @param  array<string, mixed>  $case
 * @param  list<array{int, int}>  $taken
 * @return list<Slot>
 */
function slotsOf(array $case, int $days, ?int $notBefore = null, array $taken = []): array
{
    $course = courseOf($case);

    return (new SlotFinder(new HourJudge(Cases::get(SprayWindows::class), $course->place, skyOf($case))))->find($course, $course->mixes[0], $days, $notBefore, $taken);
}

function instantOf(string $text, string $zone = 'Europe/Rome'): int
{
    return (new DateTimeImmutable($text, new DateTimeZone($zone)))->getTimestamp();
}

it('finds one slot for each half of a day in which something may be', function (): void {
    $slots = slotsOf(['free' => [[], 5, 22]], 3);
    expect(array_map(static fn (Slot $slot): string => $slot->day, $slots))->toBe(['2026-05-02', '2026-05-02', '2026-05-03', '2026-05-03', '2026-05-04', '2026-05-04'])
        ->and(count(array_unique(array_map(static fn (Slot $slot): int => $slot->from, $slots))))->toBe(6);
    foreach ($slots as $slot) {
        expect($slot->to - $slot->from)->toBe(3600)->and($slot->earliest)->toBeLessThanOrEqual($slot->from)->and($slot->latest)->toBeGreaterThanOrEqual($slot->from)->and($slot->worth)->toBeGreaterThan(0.0)->toBeLessThanOrEqual(1.0);
    }
    // Only the evening is free: the mornings are no slots.
    expect(slotsOf(['free' => [[], 18, 22]], 3))->toHaveCount(3)->and(slotsOf(['free' => [['sun'], 18, 22]], 7))->toHaveCount(1)->and(slotsOf(['rain' => 1, 'free' => [[], 5, 22]], 3))->toBe([]);
});

it('takes the best hour, and the first of those as good', function (): void {
    // Dusk begins at about eight; before that it is only poor.
    $slots = slotsOf(['free' => [[], 15, 22]], 1);
    expect($slots[0]->from)->toBe(instantOf('2026-05-02 20:00'))->and($slots[0]->worth)->toBe(1.0)->and($slots[0]->earliest)->toBe(instantOf('2026-05-02 15:00'))->and($slots[0]->latest)->toBe(instantOf('2026-05-02 21:00'));
});

it('goes round what is taken, and leaves what is over', function (): void {
    $eight = instantOf('2026-05-02 20:00');
    $slots = slotsOf(['free' => [[], 18, 22]], 2, taken: [[$eight, $eight + 3600]]);
    expect($slots[0]->from)->toBe($eight + 3600)->and($slots[1]->from)->toBe($eight + 86400);
    $all = [[instantOf('2026-05-02 00:00'), instantOf('2026-05-03 00:00')]];
    expect(array_map(static fn (Slot $slot): string => $slot->day, slotsOf(['free' => [[], 18, 22]], 2, taken: $all)))->toBe(['2026-05-03'])
        ->and(slotsOf(['free' => [[], 18, 22]], 1, instantOf('2026-05-02 21:30'))[0]->from ?? null)->toBeNull()
        ->and(slotsOf(['free' => [[], 18, 22]], 1, instantOf('2026-05-02 20:30'))[0]->from)->toBe(instantOf('2026-05-02 21:00'));
});

it('counts the hours of days on which the clocks change', function (string $start, array $days): void {
    $slots = slotsOf(['start' => $start, 'free' => [[], 19, 20]], count($days));
    expect(array_map(static fn (Slot $slot): string => $slot->day, $slots))->toBe($days);
    foreach ($slots as $slot) {
        // Seven in the evening by the clocks there, whatever the world counts.
        expect((new DateTimeImmutable("@$slot->from"))->setTimezone(new DateTimeZone('Europe/Rome'))->format('H:i'))->toBe('19:00');
    }
})->with([
    'forward' => ['2026-03-28', ['2026-03-28', '2026-03-29', '2026-03-30']],
    'back' => ['2026-10-24', ['2026-10-24', '2026-10-25', '2026-10-26']],
]);

it('knows zones that keep half hours', function (): void {
    $slots = slotsOf(['place' => [28.6, 77.2, 'Asia/Kolkata'], 'start' => '2026-11-02', 'free' => [[], 17, 20]], 2);
    expect($slots)->not->toBe([]);
    foreach ($slots as $slot) {
        $hour = (int) (new DateTimeImmutable("@$slot->from"))->setTimezone(new DateTimeZone('Asia/Kolkata'))->format('G');
        expect($hour)->toBeGreaterThanOrEqual(17)->toBeLessThan(20);
    }
});

it('judges by the time of day alone where no forecast reaches', function (): void {
    $course = courseOf(['free' => [[], 5, 22]]);
    $finder = new SlotFinder(new HourJudge(Cases::get(SprayWindows::class), $course->place, Forecast::of([])));
    foreach ($finder->find($course, $course->mixes[0], 2) as $slot) {
        expect($slot->isKnown())->toBe($slot->hours[0]->objections !== [])->and($slot->worth)->toBeLessThan(1.0);
    }
    expect($finder->find($course, $course->mixes[0], 2)[1]->from)->toBe(instantOf('2026-05-02 20:00'));
});

it('gives the same for the same course, asked twice', function (): void {
    $course = courseOf(['free' => [[], 5, 22]]);
    $finder = new SlotFinder(new HourJudge(Cases::get(SprayWindows::class), new Place(45.9, 9.3, new DateTimeZone('Europe/Rome')), skyOf(['but' => [['day' => '05-03', 'hours' => 24, 'rain' => 1]]])));
    $first = $finder->find($course, $course->mixes[0], 5);
    expect($finder->find($course, $course->mixes[0], 5))->toEqual($first)->and(array_unique(array_map(static fn (Slot $slot): string => $slot->day, $first)))->not->toContain('2026-05-03');
});

it('takes the last of equally good hours in the morning and the first after noon', function (): void {
    $course = courseOf(['recipe' => 'bicarbonate', 'free' => [[], 0, 24], 'start' => '2026-05-04']);
    $slots = (new SlotFinder(new HourJudge(Cases::get(SprayWindows::class), $course->place, skyOf(['start' => '2026-05-04']))))->find($course, $course->mixes[0], 1);
    // Bicarbonate does best at dawn and in the morning, which ends at ten by the sun: 11:23 by the clocks of Rome in summer, so the hour of ten is the last.
    expect(array_map(static fn (Slot $one): string => (new DateTimeImmutable("@$one->from"))->setTimezone($course->place->zone)->format('H'), $slots))->toBe(['10', '13']);
});
