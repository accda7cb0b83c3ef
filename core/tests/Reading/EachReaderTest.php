<?php

declare(strict_types=1);

use Nebbia\Core\Reading\PlainReader;
use Nebbia\Core\Tests\Cases;

/** @return array{list<string>, list<string|null>} ingredients and amounts, in the order they are read */
function sharedOut(string $text): array
{
    static $reader = null;
    $reader ??= Cases::get(PlainReader::class);
    $lines = $reader->read($text)->recipe['ingredients'];
    assert(is_array($lines));

    return [array_column($lines, 'ingredient'), array_column($lines, 'amount')];
}

it('gives each of a list the amount that is said of each', function (string $text, array $ingredients, array $amounts): void {
    expect(sharedOut($text))->toBe([$ingredients, $amounts]);
})->with([
    'three in a row' => ['5 g each of baking soda, Epsom salt and table salt in 1 L of water.', ['baking-soda', 'epsom-salt', 'table-salt'], ['5 g', '5 g', '5 g']],
    'the list before the amount' => ['Neem oil and castile soap, 5 mL each, in 1 L of water.', ['neem-oil', 'liquid-castile-soap'], ['5 mL', '5 mL']],
    'what has an amount of its own keeps it' => ['5 g each of baking soda and Epsom salt, and 2 tsp castile soap, in 1 L of water.', ['baking-soda', 'epsom-salt', 'liquid-castile-soap'], ['5 g', '5 g', '2 tsp']],
    'one thing alone' => ['5 g each of baking soda in 1 L of water.', ['baking-soda'], ['5 g']],
    'a tablet\'s "each" is its strength' => ['2 aspirin tablets, 500 mg each, in 1 L of water.', ['aspirin-tablet'], ['2 x 500 mg']],
]);

it('reads how many rounds go into a length of time, and only one that stands right behind', function (string $words, ?int $times): void {
    $recipe = Cases::get(PlainReader::class)->read("5 g of baking soda in 1 L of water. $words")->recipe;
    expect($recipe['repeat']['times'] ?? null)->toBe($times);
})->with([
    // 21 / 7, 30 / 7, 14 / 3, 60 / 14
    ['Spray every 7 days for three weeks.', 3], ['Spray weekly for a month.', 4], ['Spray every 3 days, for two weeks.', 5], ['Spray fortnightly for 2 months.', 4],
    ['Spray every 7 days, three times.', 3], ['Spray every 7 days. It keeps for three weeks.', null], ['Spray every 7 days and let it rest for two hours.', null],
    // Less than one interval is no number of rounds.
    ['Spray every 14 days for 3 days.', null],
]);

it('takes a bottle by the ounce for fluid ounces, and nothing else', function (string $text, string $base): void {
    expect(Cases::get(PlainReader::class)->read($text)->recipe['base']['amount'])->toBe($base);
})->with([
    ['Put 1 tsp castile soap into a 32 oz spray bottle of water.', '32 US fl oz'], ['Put 1 tsp castile soap into a 2-liter bottle of water.', '2 L'],
    ['Put 1 tsp castile soap into a 1.5-litre jug of water.', '1.5 L'], ['Put 4 oz of Epsom salt into a 2 gallon watering can of water.', '2 US gal'],
]);

it('sees weeds where weeds are sprayed, and what a can is for', function (string $text, string $use): void {
    expect(Cases::get(PlainReader::class)->read($text)->recipe['use'])->toBe($use);
})->with([
    ['500 mL white vinegar in 500 mL of water, spray the weeds.', 'weed'], ['5 mL castile soap in a 1 L spray bottle of water.', 'foliar'],
    ['40 g Epsom salt in a 10 L watering can.', 'drench'], ['5 mL castile soap in 1 L of water, spray the aphids.', 'foliar'],
]);
