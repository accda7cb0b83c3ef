<?php

declare(strict_types=1);

use Nebbia\Core\Planning\Day\WhenToday;
use Nebbia\Core\Planning\Hour\HourWord;
use Nebbia\Core\Planning\Hour\JudgedHour;

/** Hours by letters: f fine, p poor, n no, u unknown. */
function hoursBy(string $letters): array
{
    $words = ['f' => HourWord::Fine, 'p' => HourWord::Poor, 'n' => HourWord::No, 'u' => HourWord::Unknown];

    return array_map(static fn (string $one, int $n): JudgedHour => new JudgedHour($n * 3600, $words[$one], []), str_split($letters), array_keys(str_split($letters)));
}

it('says when a spray can go out', function (string $hours, int $today, ?int $planned, array $expected): void {
    $found = WhenToday::of(hoursBy($hours), $today, array_fill(0, strlen($hours), true), $planned);
    expect([$found->state, $found->from, $found->until])->toBe($expected);
})->with([
    'good now, until it is not' => ['ffppnn', 6, null, ['now', 0, 2]],
    'good for as long as is seen' => ['fff', 3, null, ['now', 0, null]],
    'nothing is foretold' => ['uuu', 3, null, ['now', 0, null]],
    'later today' => ['nnpff', 5, null, ['later', 3, null]],
    'poor now, good later today' => ['ppff', 4, null, ['later', 2, null]],
    'poor now, good tomorrow' => ['ppnnff', 4, null, ['poor', 4, 2]],
    'poor now, never better' => ['pppn', 4, null, ['poor', null, 3]],
    'rain all day, good tomorrow' => ['nnnnpf', 4, null, ['wait', 5, null]],
    'rain all day, poor tomorrow' => ['nnnnpp', 4, null, ['wait', 4, null]],
    'rain for good' => ['nnnn', 4, null, ['wait', null, null]],
    'rain now, a poor hour later today, good tomorrow' => ['nnpnff', 4, null, ['later', 2, null]],
    'the hour that was planned' => ['fffff', 5, 3, ['later', 3, null]],
    'the hour that was planned is wet by now' => ['fffnf', 5, 3, ['now', 0, 3]],
    'the hour that was planned has begun' => ['fff', 3, 0, ['now', 0, null]],
    'planned for after midnight' => ['ffff', 2, 3, ['now', 0, null]],
]);

it('sends nobody out at night', function (): void {
    expect(WhenToday::of(hoursBy('nffpf'), 5, [true, false, false, true, true])->from)->toBe(4)
        // Whoever is up now is up.
        ->and(WhenToday::of(hoursBy('fn'), 2, [false, false])->state)->toBe('now');
});

it('takes an hour for the worst of several', function (): void {
    $worst = WhenToday::worst([hoursBy('fpf'), hoursBy('ffn')]);
    expect(array_map(static fn (JudgedHour $hour): string => $hour->word->value, $worst))->toBe(['fine', 'poor', 'no']);
});

it('never says now in an hour that forbids, nor makes anyone wait beyond a good hour today', function (): void {
    mt_srand(7);
    for ($run = 0; $run < 3000; $run++) {
        $letters = implode('', array_map(static fn (): string => 'fpnu'[mt_rand(0, 3)], range(1, mt_rand(1, 30))));
        $today = mt_rand(1, strlen($letters));
        $found = WhenToday::of(hoursBy($letters), $today, array_fill(0, strlen($letters), true));
        $rest = substr($letters, 0, $today);
        expect($found->state === 'now')->toBe(in_array($letters[0], ['f', 'u'], true))
            ->and($found->state === 'wait' && strpbrk($rest, 'fup') !== false)->toBeFalse("$letters $today")
            ->and($found->from !== null && $letters[$found->from] === 'n')->toBeFalse("$letters $today");
    }
});
