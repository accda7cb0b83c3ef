<?php

declare(strict_types=1);

use Nebbia\Core\Chemistry\Water;
use Nebbia\Core\Chemistry\Waters;
use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Tests\Cases;

/** @param  list<array{0: string, 1: string, 2?: string}>  $lines */
function hardWater(array $lines, ?Water $water): array
{
    return Cases::severities(Cases::judged(Cases::body('1 L', $lines, 'final'), 'grapevine', new Circumstances(water: $water)), 'water');
}

it('speaks of hard water by how hard it is, and only where somebody has measured', function (float $hardness, array $found): void {
    expect(hardWater([['liquid-castile-soap', '1 %', '30 %']], Water::measured($hardness, 100.0)))->toBe($found);
})->with([[30.0, ['fine']], [120.0, ['fine']], [121.0, ['notice']], [300.0, ['notice']], [301.0, ['caution']]]);

it('says nothing of a tap that nobody has measured, nor of detergent, and little of a little soap', function (): void {
    expect(hardWater([['liquid-castile-soap', '1 %', '30 %']], null))->toBe([])
        ->and(hardWater([['dish-detergent', '0.1 %', '20 %']], Water::measured(350.0, 100.0)))->toBe([])
        ->and(hardWater([['garlic', '20 g'], ['liquid-castile-soap', '0.15 %', '30 %']], Water::measured(150.0, 100.0)))->toBe(['fine'])
        // There it holds the oil.
        ->and(hardWater([['vegetable-oil', '1 % v/v'], ['liquid-castile-soap', '0.15 %', '30 %']], Water::measured(150.0, 100.0)))->toBe(['notice'])
        ->and(hardWater([['liquid-castile-soap', '1 %', '30 %']], Cases::get(Waters::class)->usual('rain')))->toBe(['fine']);
});

it('stays a notice while over half of what works is left', function (): void {
    // 6.41 × 290 = 1.86 g/L, less the room of the soap: of 5 g more than half stays; of 0.5 % soap 0.31 % is left, over half of what works
    expect(hardWater([['liquid-castile-soap', '0.5 %', '30 %']], Water::measured(290.0, 100.0)))->toBe(['notice']);
});
