<?php

declare(strict_types=1);

use Nebbia\Core\Measure\Kitchen\Kitchens;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Tests\Cases;

it('finds the nearest spoons and cups', function (float $ml, string $system, string $text, float $error): void {
    $measure = Cases::get(Kitchens::class)->of(UnitSystem::from($system))->nearest($ml);
    expect($measure->text)->toBe($text)->and($measure->errorPercent)->toEqualWithDelta($error, 0.01);
})->with([
    // 2 · 14.7868 + 1.5 · 4.9289 = 36.9669; 36.9669 / 37.5 − 1 = −1.42 %
    [37.5, 'us', '2 tbsp + 1 1/2 tsp', -1.42],
    [4.92892159375, 'us', '1 tsp', 0.0],
    [236.5882365, 'us', '1 cup', 0.0],
    [78.8627455, 'us', '1/3 cup', 0.0],
    // 2 · 236.5882 + 14.7868 = 487.963
    [487.963237782, 'us', '2 cups + 1 tbsp', 0.0],
    [20.0, 'au', '1 tbsp', 0.0],
    [15.0, 'metric', '1 tbsp', 0.0],
    [284.130625, 'imperial', '1 cup', 0.0],
    // 1.375 tsp = 6.777; a quarter and an eighth together come nearer than a quarter more or less
    [6.8, 'us', '1 1/4 tsp + 1/8 tsp', -0.34],
    [0.1, 'us', '1/8 tsp', 516.115],
    // 15.6 − 14.7868 = 0.813: a quarter (1.232) is nearer than nothing
    [15.6, 'us', '1 tbsp + 1/4 tsp', 2.685],
]);

it('uses at most two kinds, is near, and knows how near', function (string $system): void {
    $kitchen = Cases::get(Kitchens::class)->of(UnitSystem::from($system));
    for ($ml = 0.7; $ml < 900; $ml *= 1.0173) {
        $measure = $kitchen->nearest($ml);
        expect(substr_count($measure->text, '+'))->toBeLessThanOrEqual(1)
            // Read back by the parser, the words are the volume that the error was worked out from.
            ->and(Cases::amount($measure->text, $system)->inBase()->likely)->toEqualWithDelta($ml * (1 + $measure->errorPercent / 100), 1e-6)
            // Half a cup and below: within half a quarter teaspoon; above, within what two kinds can do.
            ->and(abs($measure->ml - $ml))->toBeLessThan($ml < 118 ? 0.65 : 0.036 * $ml, "$ml mL as $measure->text");
    }
})->with(['us', 'metric', 'imperial']);
