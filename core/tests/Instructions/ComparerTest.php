<?php

declare(strict_types=1);

use Nebbia\Core\Instructions\Comparison\Comparer;
use Nebbia\Core\Instructions\Comparison\Schools;
use Nebbia\Core\Instructions\Comparison\SchoolStanding;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Pest\Remedies;
use Nebbia\Core\Tests\Cases;

it('says where a strength stands among the schools', function (string $substance, string $use, float $strength, SchoolStanding $standing): void {
    expect(Schools::of($substance, $use, Cases::get(Remedies::class))?->standing($strength))->toBe($standing);
})->with([
    // Soap: 0.5 mild, 1 middle, 2 strong.
    ['potassium-soap', 'foliar', 0.3, SchoolStanding::BelowMild],
    ['potassium-soap', 'foliar', 0.55, SchoolStanding::Mild],
    ['potassium-soap', 'foliar', 1.1, SchoolStanding::Middle],
    ['potassium-soap', 'foliar', 1.9, SchoolStanding::Strong],
    ['potassium-soap', 'foliar', 2.6, SchoolStanding::BeyondStrong],
    // Peroxide on leaves and on roots are two practices: 0.1 to 0.5 and 0.3 to 1.
    ['hydrogen-peroxide', 'foliar', 0.6, SchoolStanding::Strong],
    ['hydrogen-peroxide', 'drench', 0.6, SchoolStanding::Middle],
]);

it('puts recipes side by side by what is in them', function (): void {
    $plant = Cases::plant('fuchsia');
    $mixes = [
        Cases::mix(Cases::body('1 L', [['liquid-castile-soap', '30 mL', '33 %']])),
        Cases::mix(Cases::body('1 gal', [['liquid-castile-soap', '1 tsp', '33 %'], ['neem-oil', '2 tbsp']])),
        Cases::mix(Cases::body('500 mL', [['hydrogen-peroxide', '50 mL', '3 %']])),
    ];
    $rows = Cases::get(Comparer::class)->compare(array_map(static fn ($mix) => Situation::of($mix, $plant), $mixes));
    expect(array_map(static fn ($row) => $row->gauge->substance, $rows))->toBe(['potassium-soap', 'neem-oil', 'hydrogen-peroxide']);
    [$soap] = $rows;
    // 30 · 33 / 1030 = 0.96117; a fuchsia is listed for soap: careful at 0.6.
    expect($soap->strengths[0]?->strength->likely)->toEqualWithDelta(0.96117, 1e-5)->and($soap->strengths[0]?->standing)->toBe(SchoolStanding::Middle)
        ->and($soap->strengths[1]?->standing)->toBe(SchoolStanding::BelowMild)->and($soap->strengths[2])->toBeNull()
        ->and($soap->gauge->careful)->toBe(0.6)->and($soap->gauge->works)->toBe([0.5, 2.0]);
});

it('does not depend on the units a recipe is written in', function (): void {
    $one = Cases::mix(Cases::body('1 gal', [['liquid-castile-soap', '1 fl oz', '33 %'], ['baking-soda', '1 oz']]));
    $other = Cases::mix(Cases::body('3785.411784 mL', [['liquid-castile-soap', '29.5735295625 mL', '33 %'], ['baking-soda', '28.349523125 g']], units: 'au'));
    foreach ($one->strengths as $n => $strength) {
        expect($other->strengths[$n]->percentWv->likely)->toEqualWithDelta($strength->percentWv->likely, 1e-12);
    }
});

it('wants two to six', function (int $number): void {
    $situation = Situation::of(Cases::mix(Cases::body('1 L', [['milk', '1:9']])));
    expect(Cases::complaint(static fn () => Cases::get(Comparer::class)->compare(array_fill(0, $number, $situation)))[0])->toBe('recipes');
})->with([1, 7]);
