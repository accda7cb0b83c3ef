<?php

declare(strict_types=1);

use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Pest\Aim;
use Nebbia\Core\Pest\Remedies;
use Nebbia\Core\Pest\Starters;
use Nebbia\Core\Target\Targets;
use Nebbia\Core\Tests\Cases;

function aimOf(Mix $mix, string $target): Aim
{
    return Aim::of($mix, Cases::target($target), Cases::get(Remedies::class));
}

it('says what a mix does to what it is aimed at', function (string $target, array $lines, string $word): void {
    expect(aimOf(Cases::mix(Cases::body('1 L', $lines, 'added', 'foliar', 'metric')), $target)->word)->toBe($word);
})->with([
    // Soap at about 0.5 % is well shown on aphids; at a hundredth of that nothing is left of it.
    'soap on aphids' => ['aphid', [['liquid-castile-soap', '15 mL']], 'helps'],
    'a trace of soap on aphids' => ['aphid', [['liquid-castile-soap', '0.3 mL']], 'weak'],
    'bicarbonate on aphids' => ['aphid', [['baking-soda', '5 g']], 'tried'],
    'bicarbonate on slugs' => ['slug', [['baking-soda', '5 g']], 'nothing'],
    'bicarbonate on powdery mildew' => ['powdery mildew', [['baking-soda', '5 g']], 'helps'],
]);

it('has an answer for every recipe family and every target, and a sentence for it', function (): void {
    $mixes = [
        Cases::mix(Cases::body('1 L', [['liquid-castile-soap', '15 mL']], 'added', 'foliar', 'metric')),
        Cases::mix(Cases::body('1 L', [['baking-soda', '5 g']], 'added', 'foliar', 'metric')),
        Cases::mix(Cases::body('1 L', [['vegetable-oil', '15 mL'], ['liquid-castile-soap', '5 mL']], 'added', 'foliar', 'metric')),
    ];
    foreach (Cases::get(Targets::class)->ids() as $target) {
        foreach ($mixes as $mix) {
            $aim = aimOf($mix, $target);
            $said = Cases::english()->say($aim->said);
            expect($said)->toContain(Cases::target($target)->name)->not->toContain('{')->not->toContain('aim.');
            // Where no family of the mix helps the target, it is never called a help.
            $helps = array_filter(Cases::get(Remedies::class)->all, static fn ($one): bool => $one->isMadeBy($mix) && $one->helps($target));
            expect(in_array($aim->word, ['helps', 'little'], true))->toBe($helps !== [], "$target: $said");
        }
    }
});

it('does what it does however it is brought on the leaf, and nothing of it by the soil', function (string $use, string $word): void {
    expect(aimOf(Cases::mix(Cases::body('100 mL', [['isopropyl-alcohol', '100 mL', '70 % v/v']], 'final', $use, 'metric')), 'mealybug')->word)->toBe($word);
})->with([['foliar', 'helps'], ['wipe', 'helps'], ['dip', 'helps'], ['drench', 'nothing'], ['weed', 'nothing']]);

it('never says of a recipe to begin with that it is of no use for what its family is for', function (): void {
    $tried = 0;
    foreach (Cases::get(Starters::class)->all as $starter) {
        $remedy = $starter->remedy === null ? null : Cases::get(Remedies::class)->all[$starter->remedy] ?? null;
        foreach ($remedy === null ? [] : array_keys($remedy->pairings) as $target) {
            $word = aimOf(Cases::mix($starter->body(UnitSystem::Metric)), $target)->word;
            expect($word === 'nothing')->toBeFalse("$starter->id against $target");
            $tried++;
        }
    }
    expect($tried)->toBeGreaterThan(100);
});
