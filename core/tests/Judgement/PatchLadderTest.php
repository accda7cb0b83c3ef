<?php

declare(strict_types=1);

use Nebbia\Core\Judgement\Evidence\PatchLadder;
use Nebbia\Core\Judgement\Evidence\PatchLadders;
use Nebbia\Core\Judgement\Evidence\PatchStep;
use Nebbia\Core\Tests\Cases;

/** @param  list<array{0: string, 1: string, 2?: string}>  $lines */
function ladder(array $lines, string $plant = 'grapevine', ?float $temperature = null, string $use = 'foliar'): PatchLadder
{
    return Cases::get(PatchLadders::class)->of(Cases::judged(Cases::body('1 L', $lines, 'final', $use), $plant), $temperature);
}

/** @return list<float> */
function fractions(PatchLadder $ladder): array
{
    return array_map(static fn (PatchStep $step): float => $step->fraction, $ladder->steps);
}

it('climbs from weak to full strength, by how grave it is', function (): void {
    expect(fractions(ladder([['liquid-castile-soap', '1 %', '30 %']])))->toBe([0.5, 1.0])
        ->and(fractions(ladder([['liquid-castile-soap', '2 %', '30 %']])))->toBe([0.25, 0.5, 1.0])
        ->and(fractions(ladder([['liquid-castile-soap', '4 %', '30 %']])))->toBe([0.1, 0.25, 0.5]);
});

it('is not for what must not be mixed, nor for what is not for leaves', function (): void {
    expect(fractions(ladder([['hydrogen-peroxide', '0.3 %', '3 %'], ['white-vinegar', '0.1 %', '5 %']])))->toBe([])
        ->and(fractions(ladder([['white-vinegar', '5 %', '10 %']], use: 'weed')))->toBe([]);
});

it('waits two days, three in the cool, and a week for what stays on the leaf', function (): void {
    $wait = static fn (PatchLadder $ladder): float => $ladder->steps[0]->waitHours;
    expect($wait(ladder([['liquid-castile-soap', '1 %', '30 %']])))->toBe(48.0)
        ->and($wait(ladder([['liquid-castile-soap', '1 %', '30 %']], temperature: 12.0)))->toBe(72.0)
        ->and($wait(ladder([['neem-oil', '0.75 % v/v'], ['liquid-castile-soap', '0.2 %', '30 %']])))->toBe(168.0);
});

it('says what next after a look', function (float $fraction, float $score, string $advice, ?float $next): void {
    $found = ladder([['liquid-castile-soap', '2 %', '30 %']])->advise($fraction, $score);
    expect([$found->id, $found->step?->fraction])->toBe([$advice, $next]);
})->with([
    'clean' => [0.25, 0.0, 'next', 0.5], 'a trace' => [0.5, 1.0, 'next', 1.0], 'all the way' => [1.0, 1.0, 'done', null],
    'marked' => [0.5, 2.0, 'weaker', 0.25], 'marked at once' => [0.25, 2.0, 'stop', null], 'burnt' => [0.5, 3.0, 'stop', null],
]);

it('goes no further than half of what burns', function (): void {
    expect(ladder([['liquid-castile-soap', '4 %', '30 %']])->advise(0.5, 0.0)->id)->toBe('enough');
});

it('has words for what to look for and what to do', function (): void {
    $english = Cases::english();
    $ladder = ladder([['neem-oil', '0.75 % v/v'], ['liquid-castile-soap', '0.2 %', '30 %']]);
    expect(implode(' ', array_map($english->say(...), $ladder->looks)))->toContain('greasy')->toContain('grey');
    foreach ([[0.5, 0.0], [1.0, 0.0], [1.0, 2.0], [0.5, 9.0]] as [$fraction, $score]) {
        $advice = $ladder->advise($fraction, $score);
        expect($english->say($advice->what()))->not->toBe('')->and($english->say($advice->because($score)))->not->toBe('');
    }
});
