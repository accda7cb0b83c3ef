<?php

declare(strict_types=1);

use Nebbia\Core\Chemistry\Water;
use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Judgement\Tolerance\Burdens;
use Nebbia\Core\Judgement\Tolerance\Limits;
use Nebbia\Core\Plant\Stage;
use Nebbia\Core\Tests\Cases;

// What survived when faults were put into these rules one by one.

/**
 * All that one rule says of a mix.
 *
 * @param  list<array{0: string, 1: string, 2?: string}>  $lines
 */
function ruleSays(string $rule, array $lines, string $use = 'foliar', ?string $plant = null, ?Circumstances $now = null): string
{
    $said = [];
    foreach (Cases::judged(Cases::body('1 L', $lines, 'final', $use), $plant, $now)->findings as $finding) {
        if ($finding->rule === $rule) {
            $said[] = $finding->severity->value.': '.Cases::say($finding);
        }
    }

    return implode("\n", $said);
}

/** @param  list<string>  $words  all of them are said; none: nothing is said at all */
function expectSaid(string $said, array $words): void
{
    $words === [] ? expect($said)->toBe('') : expect($said)->toContain(...$words);
}

// FACTS: vinegar kills weeds at 5 to 20 % w/v acetic acid, salt at 2 to 10, soap at 2 to 6; a quarter of the least is next to nothing.
it('holds a weed spray against the range in which it kills weeds', function (string $ingredient, string $amount, ?string $strength, array $says): void {
    expectSaid(ruleSays('effect', [array_filter([$ingredient, "$amount % w/v", $strength], is_string(...))], 'weed'), $says);
})->with([
    ['white-vinegar', '1', '30 %', ['water with a scent']], ['white-vinegar', '3.9', '30 %', ['too weak to do much by itself', 'from 5 to 20 %']],
    // M3: from 0.8 of the least on it is on the weak side
    ['white-vinegar', '4.1', '30 %', ['on the weak side']], ['white-vinegar', '5', '30 %', []], ['table-salt', '1.7', null, ['on the weak side']],
    ['white-vinegar', '5', '30 %', []], ['white-vinegar', '12', '30 %', []], ['white-vinegar', '20', '30 %', []],
    ['white-vinegar', '24', '30 %', ['more than it needs', 'Go down to 20']],
    ['table-salt', '1', null, ['too weak to do much by itself']], ['table-salt', '5', null, []], ['table-salt', '12', null, ['more than it needs', 'Go down to 10']],
    ['liquid-castile-soap', '1', '33 %', ['too weak to do much by itself']], ['liquid-castile-soap', '3', '33 %', []], ['liquid-castile-soap', '8', '33 %', ['more than it needs', 'Go down to 6']],
    // No range is known in which these kill weeds.
    ['isopropyl-alcohol', '5', '70 %', []], ['baking-soda', '2', null, []],
]);

// FACTS: peroxide on roots works at 0.3 to 1 % w/v.
it('holds a drench of peroxide against what works on roots', function (string $amount, array $says): void {
    expectSaid(ruleSays('effect', [['hydrogen-peroxide', "$amount % w/v", '3 %']], 'drench'), $says);
})->with([['0.2', ['too weak to do much by itself', '0.3']], ['0.3', []], ['0.8', []], ['1.2', ['more than it needs', 'Go down to 1']]]);

it('says when hard water takes the soap that would have done the work', function (): void {
    // 100 mg/L of hardness bind some 0.06 % of soap: of 0.6 % by the bottle some 0.3 are left in water of 300 mg/L, and from 0.4 on it works.
    $said = static fn (Water $water): string => ruleSays('effect', [['liquid-castile-soap', '0.55 % w/v', '33 %']], now: new Circumstances(water: $water));
    expect($said(Water::pure()))->not->toContain('is left to work')->and($said(Water::measured(300.0, 100.0)))->toContain('only 0.3')->toContain('works from 0.5 %');
});

it('says how much conditions move a figure, in numbers', function (string $condition, Circumstances $now, array $numbers): void {
    expectSaid(ruleSays('condition', [['liquid-castile-soap', '0.6 %', '30 %']], plant: 'grapevine', now: $now), $numbers);
})->with([
    'a seedling' => ['seedling', new Circumstances(Stage::Seedling), ['50']],
    'a young plant' => ['soft-growth', new Circumstances(Stage::Young), ['70']],
]);

it('tells disinfectants that are strong enough from those that are not, and how long they take', function (string $ingredient, string $amount, ?string $strength, array $says): void {
    expectSaid(ruleSays('disinfecting', [array_filter([$ingredient, $amount, $strength], is_string(...))], 'disinfect'), $says);
})->with([
    ['isopropyl-alcohol', '70 % v/v', '99 %', ['fine: ', 'disinfects', '60', '1 min, let dry']], ['isopropyl-alcohol', '50 % v/v', '99 %', ['notice: ', 'too weak to disinfect', '60 to 80', '1 min, let dry']],
    ['isopropyl-alcohol', '60 % v/v', '99 %', ['fine: ']], ['hydrogen-peroxide', '3 % w/v', '12 %', ['fine: ', '10 min, rinse']], ['hydrogen-peroxide', '2 % w/v', '12 %', ['notice: ', '3 to 3.1']],
    ['baking-soda', '5 % w/v', null, []],
]);

it('warns of what one wants to keep beside a weed spray, by its name where it is told', function (): void {
    expect(ruleSays('use', [['white-vinegar', '10 % w/v', '30 %']], 'weed', 'rose'))->toContain('caution: ', 'rose')->not->toContain('what you want to keep')
        ->and(ruleSays('use', [['white-vinegar', '10 % w/v', '30 %']], 'weed'))->toContain('what you want to keep');
});

it('knows nothing of a substance in words of its own for leaves and for roots', function (): void {
    expect(ruleSays('tolerance', [['isopropyl-alcohol', '2 % v/v', '70 %']], 'drench', 'tomato'))->toContain('roots of tomato')->toContain('isopropanol')
        ->and(ruleSays('tolerance', [['isopropyl-alcohol', '2 % v/v', '70 %']], 'foliar', 'tomato'))->not->toContain('roots');
});

it('adds up what several actives are of what an ordinary plant bears', function (): void {
    // Soap: careful from 1.5, stop at 3 % w/v; baking soda: careful from 0.75, stop at 1.5. 0.9 / 1.5 + 0.3 / 0.75 = 1; 0.9 / 3 + 0.3 / 1.5 = 0.5.
    $situation = Situation::of(Cases::mix(Cases::body('1 L', [['liquid-castile-soap', '0.9 % w/v', '33 %'], ['baking-soda', '0.3 % w/v']], 'final')), null, null);
    $burden = Cases::get(Burdens::class)->of($situation) ?? throw new LogicException('No burden.');
    expect($burden->value)->toEqualWithDelta(1.0, 0.005)->and($burden->towardsStop)->toEqualWithDelta(0.5, 0.0025)->and($burden->mostTowardsStop)->toBeGreaterThanOrEqual($burden->towardsStop)
        ->and($burden->shares['potassium-soap'])->toEqualWithDelta(0.6, 0.003)->and($burden->shares['sodium-bicarbonate'])->toEqualWithDelta(0.4, 0.002)
        ->and($burden->heaviest)->toBe('potassium soap')->and($burden->factor)->toBe(1.0);
});

it('names the heaviest of several, in whatever order they are written', function (array $lines, string $heaviest): void {
    foreach ([$lines, array_reverse($lines)] as $order) {
        $situation = Situation::of(Cases::mix(Cases::body('1 L', $order, 'final')), null, null);
        expect(Cases::get(Burdens::class)->of($situation)?->heaviest)->toBe($heaviest);
    }
})->with([
    [[['liquid-castile-soap', '0.3 % w/v', '33 %'], ['baking-soda', '0.6 % w/v']], 'sodium bicarbonate'],
    [[['liquid-castile-soap', '1.2 % w/v', '33 %'], ['baking-soda', '0.3 % w/v']], 'potassium soap'],
    [[['milk', '35 %'], ['baking-soda', '0.3 % w/v'], ['liquid-castile-soap', '0.3 % w/v', '33 %']], 'milk'],
]);

it('has a limit for two of one plant and use apart: what one knows is not the other\'s', function (): void {
    // One set of limits asked of several situations, as the bench does.
    $limits = Cases::get(Limits::class);
    $of = static fn (string $use, ?string $plant, string $ingredient): Situation => Situation::of(
        Cases::mix(Cases::body('1 L', [[$ingredient, '0.5 % w/v']], 'final', $use)), $plant === null ? null : Cases::plant($plant), null,
    );
    $careful = static fn (Situation $one, string $substance): ?float => $limits->of($one, $substance)?->careful;
    $leaf = $of('foliar', null, 'liquid-castile-soap');
    expect($careful($leaf, 'potassium-soap'))->toBe(1.5)->and($careful($leaf, 'sodium-bicarbonate'))->toBe(0.75)
        ->and($careful($of('foliar', 'maidenhair-fern', 'liquid-castile-soap'), 'potassium-soap'))->toBe(0.6)
        ->and($careful($of('foliar', 'cabbage', 'liquid-castile-soap'), 'potassium-soap'))->toBeIn([1.5, 2.0])
        ->and($careful($leaf, 'potassium-soap'))->toBe(1.5);
});

// M3: usual label and folk doses are within.
it('calls no usual dose weak', function (string $ingredient, string $amount, ?string $strength): void {
    expectSaid(ruleSays('effect', [array_filter([$ingredient, $amount, $strength])]), []);
})->with([
    ['neem-oil', '5 mL', null], ['liquid-castile-soap', '0.5 % w/v', '33 %'], ['baking-soda', '5 g', null],
]);

it('calls five millilitres of neem in a litre of water no weak mix, though that is a hair under half a per cent', function (): void {
    // 5 / 1005
    $judged = Cases::judged(Cases::body('1 L', [['neem-oil', '5 mL']], 'added'));
    expect(Cases::severities($judged, 'effect', 'neem-oil'))->toBe([]);
});

it('has no cliff at the least that works', function (): void {
    $of = static fn (float $percent): string => ruleSays('effect', [['liquid-castile-soap', sprintf('%.4F %% w/v', $percent), '33 %']], now: new Circumstances(water: Water::pure()));
    expect($of(0.501))->toBe('')->and($of(0.48))->toBe('')->and($of(0.47))->toContain('on the weak side')->and($of(0.401))->toContain('on the weak side')->and($of(0.399))->toContain('too weak');
});

// One thing, one word.
it('says of a stop no more that something is within what it bears, nor the same of the sum', function (): void {
    $judged = Cases::judged(Cases::body('1 L', [['vegetable-oil', '40 mL'], ['liquid-castile-soap', '1 % w/v', '33 %']], 'final'), 'lettuce');
    $said = array_map(static fn ($one): string => "{$one->severity->value} {$one->rule}", $judged->findings);
    expect($said)->toContain('stop tolerance')->not->toContain('fine tolerance')->not->toContain('stop burden');
    // Neither alone burns it: then the sum is the word.
    $both = Cases::judged(Cases::body('1 L', [['vegetable-oil', '14 mL'], ['isopropyl-alcohol', '80 mL', '70 %']], 'final'), 'lettuce');
    $said = array_map(static fn ($one): string => "{$one->severity->value} {$one->rule}", $both->findings);
    expect(implode(',', $said))->toContain('burden');
});
