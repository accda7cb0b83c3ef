<?php

declare(strict_types=1);

use Nebbia\Core\Mixing\MixingOrder;
use Nebbia\Core\Mixing\MixStep;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Tests\Chance;

/** One ingredient of each group that the order speaks of. */
const OF_GROUP = [
    'caustic' => ['lye', '1 g'], 'salt' => ['baking-soda', '5 g'], 'tablet' => ['aspirin-tablet', '1 tablet'], 'soap-solid' => ['bar-soap', '5 g'], 'powder' => ['wettable-sulfur', '3 g'],
    'extract' => ['garlic', '3 cloves'], 'milk' => ['milk', '50 mL'], 'acid' => ['white-vinegar', '10 mL'], 'peroxide' => ['hydrogen-peroxide', '50 mL'],
    'oil' => ['vegetable-oil', '5 mL'], 'soap' => ['liquid-castile-soap', '5 mL'], 'alcohol' => ['isopropyl-alcohol', '50 mL'],
];

/**
 * @param  list<string>  $groups
 * @return list<string> in the order of mixing
 */
function mixedIn(array $groups): array
{
    $recipe = Cases::recipe(Cases::body('1 L', array_map(static fn (string $group): array => OF_GROUP[$group], $groups), units: 'metric'));

    return array_map(static fn (MixStep $step): string => $step->group, array_slice(Cases::get(MixingOrder::class)->of($recipe), 1));
}

it('holds every rule of order for every pair, whichever is written first', function (string $before, string $after): void {
    expect(mixedIn([$before, $after]))->toBe([$before, $after])->and(mixedIn([$after, $before]))->toBe([$before, $after]);
})->with([
    ['caustic', 'oil'], ['salt', 'soap'], ['tablet', 'soap'], ['powder', 'soap'], ['extract', 'soap'], ['milk', 'soap'], ['peroxide', 'soap'],
    // The soap that is to hold an oil goes in before it, and soap without oil goes in late.
    ['soap', 'oil'], ['soap', 'alcohol'], ['oil', 'alcohol'], ['salt', 'alcohol'], ['soap-solid', 'oil'], ['caustic', 'salt'], ['extract', 'alcohol'],
]);

it('gives one order to a set of ingredients, however they are written down', function (): void {
    $chance = new Chance(21);
    $groups = array_keys(OF_GROUP);
    for ($n = 0; $n < 60; $n++) {
        $some = array_values(array_filter($groups, static fn (): bool => $chance->whole(0, 1) === 1));
        $shuffled = $some;
        for ($i = count($shuffled) - 1; $i > 0; $i--) {
            $j = $chance->whole(0, $i);
            [$shuffled[$i], $shuffled[$j]] = [$shuffled[$j], $shuffled[$i]];
        }
        $order = mixedIn($some);
        expect(mixedIn($shuffled))->toBe($order);
        if (in_array('alcohol', $order, true)) {
            expect($order[count($order) - 1])->toBe('alcohol');
        }
        if (in_array('caustic', $order, true)) {
            expect($order[0])->toBe('caustic');
        }
    }
});
