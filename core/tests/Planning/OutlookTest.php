<?php

declare(strict_types=1);

use Nebbia\Core\Planning\Hour\HourWord;
use Nebbia\Core\Planning\Round\Consequence;
use Nebbia\Core\Planning\Round\DayOutlook;
use Nebbia\Core\Planning\Round\NeighbourRound;
use Nebbia\Core\Tests\Chance;

/** @return list<string> */
function follows(DayOutlook $day): array
{
    $said = array_map(static fn (Consequence $one): string => $one->id.(isset($one->said->params['which']) ? " {$one->said->params['which']}" : ''), $day->consequences);
    sort($said);

    return $said;
}

it('says what a day would do to the gaps', function (string $day, array $expected): void {
    expect(follows(outlook()[$day]))->toBe($expected);
})->with([
    // One day after the round before, and thirteen to the next.
    'the day after' => ['05-03', ['too-late after', 'too-soon before']],
    'three days are borne' => ['05-05', ['too-late after']],
    'just in the middle' => ['05-09', []],
    'a day late' => ['05-10', ['too-late before']],
    'next to the next' => ['05-14', ['too-late before', 'too-soon after']],
    'after the next' => ['05-17', ['order after', 'too-late before']],
]);

it('finds the best day where the plan has it', function (): void {
    $days = outlook();
    uasort($days, static fn (DayOutlook $a, DayOutlook $b): int => $b->score <=> $a->score);
    expect(array_key_first($days))->toBe('05-09');
    // With nothing before and nothing after, each day is as good as the other.
    expect(array_unique(array_map(static fn (DayOutlook $one): float => $one->score, outlook(before: null, after: null))))->toBe(['05-03' => 1.0]);
});

it('knows the hours and why there are none', function (): void {
    $days = outlook(['but' => [['day' => '05-08', 'hours' => 24, 'rain' => 1]]]);
    expect($days['05-08']->slot)->toBeNull()->and(follows($days['05-08']))->toContain('no-hour')->and($days['05-08']->against?->objections[0][0]->id)->toBe('rain')->and($days['05-08']->worst()->value)->toBe('stop')
        ->and($days['05-09']->slot?->from)->toBe(romeTime('2026-05-09 21:00'));
    expect(follows(outlook(['temp' => 27])['05-09']))->toBe(['poor']);
});

it('lets no round go where the day is over', function (): void {
    expect(follows(outlook(now: '2026-05-05 08:00')['05-04']))->toContain('over')->and(follows(outlook(now: '2026-05-05 08:00')['05-05']))->not->toContain('over');
});

it('minds other courses', function (): void {
    $other = static fn (bool $sprayer, float $days): array => [new NeighbourRound('Sulfur', romeTime('2026-05-09 21:00'), romeTime('2026-05-09 22:00'), $sprayer, $days)];
    // The only free hour is taken, so there is none that day.
    expect(follows(outlook([], $other(true, 0.0))['05-09']))->toContain('no-hour')
        ->and(follows(outlook(['free' => [[], 20, 22]], $other(true, 0.0))['05-09']))->toContain('sprayer')
        ->and(follows(outlook([], $other(false, 3.0))['05-11']))->toContain('clash')
        ->and(follows(outlook([], $other(false, 3.0))['05-12']))->not->toContain('clash')
        ->and(follows(outlook([], $other(false, 0.0))['05-09']))->toBe([]);
});

it('minds the harvest and what is not made yet', function (): void {
    $days = outlook(['harvest' => '2026-05-09'], [], '2026-05-06 12:00', null, null);
    expect(follows($days['05-09']))->toBe(['harvest'])->and(follows($days['05-10']))->toBe([])->and(follows($days['05-05']))->toBe(['not-ready'])->and(follows($days['05-06']))->toBe([]);
});

it('never calls a day good that the plan would not take, over skies of chance', function (): void {
    $chance = new Chance(5);
    for ($try = 0; $try < 8; $try++) {
        $but = [];
        for ($n = $chance->whole(1, 6); $n > 0; $n--) {
            $but[] = ['day' => sprintf('05-%02d', $chance->whole(3, 17)), 'at' => $chance->whole(0, 20), 'hours' => $chance->whole(3, 30), 'rain' => $chance->between(0.2, 3.0), 'temp' => $chance->between(2.0, 33.0), 'wind' => $chance->between(0.0, 30.0)];
        }
        foreach (outlook(['but' => $but, 'free' => [[], 6, 22]]) as $day) {
            if ($day->slot === null) {
                expect($day->worst()->value)->toBe('stop');

                continue;
            }
            expect($day->slot->day)->toBe($day->day);
            foreach ($day->slot->hours as $hour) {
                expect($hour->word)->not->toBe(HourWord::No);
            }
            // What is best by itself is never worth less for being later in the list.
            expect($day->score)->toBeLessThanOrEqual(1.0);
        }
    }
});

it('puts the gravest consequence first', function (): void {
    foreach (outlook(['temp' => 27, 'harvest' => '2026-05-10'], [new NeighbourRound('Sulfur', romeTime('2026-05-09 21:00'), romeTime('2026-05-09 22:00'), false, 3.0)]) as $day) {
        $ranks = array_map(static fn (Consequence $one): int => $one->severity->rank(), $day->consequences);
        $sorted = $ranks;
        rsort($sorted);
        expect($ranks)->toBe($sorted);
    }
});
