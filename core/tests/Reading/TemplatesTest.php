<?php

declare(strict_types=1);

use Nebbia\Core\Reading\PlainReader;
use Nebbia\Core\Tests\Cases;

// Ways to write a recipe, each with every pair of things and some amounts: what is read must be what was put in, whatever the words between.

const WAYS_TO_WRITE = [
    '%1$s of %2$s and %3$s of %4$s in %5$s of water',
    '%5$s water, %1$s %2$s, %3$s %4$s',
    "- %5\$s water\n- %1\$s %2\$s\n- %3\$s %4\$s",
    '%2$s: %1$s; %4$s: %3$s; water: %5$s',
    '%2$s %1$s, %4$s %3$s, water %5$s',
    'Mix %1$s %2$s with %5$s of water, then add %3$s of %4$s',
    'To %5$s of water add %1$s of %2$s and %3$s of %4$s',
    'For every %5$s use %1$s of %2$s plus %3$s of %4$s',
    '%1$s %2$s + %3$s %4$s + %5$s water',
    '%5$s of water with %1$s %2$s, %3$s %4$s added',
    'Take %5$s of water. Add %1$s %2$s. Add %3$s %4$s. Shake well.',
    '%2$s (%1$s) and %4$s (%3$s) to %5$s water',
    'I use %1$s of %2$s to %5$s of water with %3$s of %4$s, every 7 days',
    'Fill a bottle with %5$s of water, put in %1$s of %2$s and also %3$s of %4$s, shake and spray',
    "%2\$s ..... %1\$s\n%4\$s ..... %3\$s\nwater ..... %5\$s",
    "You need:\n%1\$s %2\$s\n%3\$s %4\$s\n%5\$s water",
    'Stir %1$s %2$s and %3$s %4$s into %5$s of warm water and spray at dusk',
    '%1$s of %2$s, %3$s of %4$s; make up with %5$s of water',
    'Spray roses with %1$s of %2$s and %3$s of %4$s dissolved in %5$s water',
    'per %5$s of water: %1$s %2$s, %3$s %4$s',
    '%2$s - %1$s, %4$s - %3$s, water - %5$s',
    '%5$s water + %1$s %2$s. Optional: %3$s %4$s',
    'Add %1$s %2$s & %3$s %4$s to %5$s H2O',
    'Recipe — %5$s water — %1$s %2$s — %3$s %4$s',
    'Spray made from %1$s %2$s, %3$s %4$s and %5$s of water',
    '%5$s of water, into which go %1$s of %2$s and %3$s of %4$s',
    '%2$s = %1$s; %4$s = %3$s; H2O = %5$s',
    "| %2\$s | %1\$s |\n| %4\$s | %3\$s |\n| water | %5\$s |",
    '• %1$s %2$s • %3$s %4$s • %5$s water',
    '1. %5$s water 2. %1$s %2$s 3. %3$s %4$s',
    '%1$s of %2$s then %3$s of %4$s then %5$s of water',
    'First %5$s of water, next %1$s of %2$s, last %3$s of %4$s',
    'My grandmother put %1$s of %2$s and %3$s of %4$s in %5$s of water',
    'Use %1$s %2$s for %5$s of water; %3$s %4$s helps it stick',
    '%1$s %2$s, %3$s %4$s, %5$s',
    '%1$s %2$s and %3$s %4$s per %5$s',
    '%2$s %1$s, %4$s %3$s to the %5$s',
];

const THINGS_TO_WRITE = [
    ['castile soap', 'liquid-castile-soap'], ['neem oil', 'neem-oil'], ['baking soda', 'baking-soda'], ['white vinegar', 'white-vinegar'], ['milk', 'milk'],
    ['epsom salt', 'epsom-salt'], ['dish soap', 'dish-detergent'], ['vegetable oil', 'vegetable-oil'], ['sugar', 'sugar'], ['rubbing alcohol', 'isopropyl-alcohol'],
    ['hydrogen peroxide', 'hydrogen-peroxide'], ['seaweed extract', 'seaweed-extract'],
];

const AMOUNTS_TO_WRITE = [['1 tsp', '2 tbsp', '1 gallon'], ['5 ml', '10 ml', '2 litres'], ['half a teaspoon', 'a tablespoon', 'a quart'], ['1 1/2 tbsp', '3 tsp', '1.5 L'], ['2 teaspoons', '1/4 cup', '1 gal']];

it('reads what was put in, however it is written', function (string $way): void {
    $wrong = [];
    $reader = Cases::get(PlainReader::class);
    $n = 0;
    foreach (THINGS_TO_WRITE as $a => [$first, $one]) {
        foreach (THINGS_TO_WRITE as $b => [$second, $two]) {
            if ($a === $b) {
                continue;
            }
            // Every pair with one of the amounts, in turn.
            [$much, $more, $water] = AMOUNTS_TO_WRITE[$n++ % count(AMOUNTS_TO_WRITE)];
            $text = sprintf($way, $much, $first, $more, $second, $water);
            $read = $reader->read($text)->recipe;
            $found = array_column($read['ingredients'], 'amount', 'ingredient');
            ksort($found);
            $wanted = [$one => $much, $two => $more];
            ksort($wanted);
            $same = static fn (?string $is, string $was): bool => $is !== null && abs(Cases::amount($is)->inBase()->likely / Cases::amount($was)->inBase()->likely - 1.0) < 1e-6;
            $isRight = array_keys($found) === array_keys($wanted) && $same($read['base']['amount'], $water) && $read['base']['liquid'] === 'water';
            foreach ($wanted as $id => $was) {
                $isRight = $isRight && $same($found[$id] ?? null, $was);
            }
            if (! $isRight) {
                $wrong[] = str_replace("\n", ' / ', $text).' => '.json_encode([$read['base'], $found]);
            }
        }
    }
    expect($wrong)->toBe([]);
})->with(WAYS_TO_WRITE);
