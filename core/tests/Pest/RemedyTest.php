<?php

declare(strict_types=1);

use Nebbia\Core\Pest\Evidence;
use Nebbia\Core\Pest\Remedies;
use Nebbia\Core\Tests\Cases;

/*
 * The working ranges of the tables, typed again as the three schools; what a remedy is no use against; which mixes are one.
 */
it('has the schools of practice', function (string $id, string $unit, float $mild, float $middle, float $strong): void {
    expect(Cases::get(Remedies::class)->all[$id]->schools)->toBe(['unit' => $unit, 'mild' => $mild, 'middle' => $middle, 'strong' => $strong]);
})->with([
    ['soap', '% w/v', 0.5, 1.0, 2.0],
    ['oil', '% v/v', 0.5, 1.0, 1.5],
    ['alcohol', '% v/v', 5.0, 10.0, 20.0],
    ['peroxide', '% w/v', 0.1, 0.3, 0.5],
    ['peroxide-drench', '% w/v', 0.3, 0.6, 1.0],
    ['bicarbonate', '% w/v', 0.25, 0.5, 0.75],
    ['milk', '% v/v', 10.0, 15.0, 40.0],
    ['strengthener', 'mg/L', 40.0, 85.0, 125.0],
    ['weed-vinegar', '% w/v', 5.0, 10.0, 20.0],
]);

it('has the waits before eating', function (string $id, ?float $days): void {
    expect(Cases::get(Remedies::class)->all[$id]->waitDays)->toBe($days);
})->with([
    ['soap', 1.0], ['oil', 1.0], ['bicarbonate', 1.0], ['peroxide', 1.0], ['alcohol', 1.0], ['milk', 1.0],
    ['pungent-extract', 3.0], ['strengthener', 7.0], ['sulfur', 7.0], ['bacillus', null],
]);

it('is honest where something has been tried and is of no use', function (string $remedy, string $target): void {
    $known = Cases::get(Remedies::class)->all[$remedy];
    expect($known->pairings[$target]->evidence)->toBe(Evidence::None)->and($known->helps($target))->toBeFalse();
})->with([
    ['soap', 'slug'],
    ['soap', 'fungus-gnat'],
    ['bicarbonate', 'aphid'],
    ['bicarbonate', 'downy-mildew'],
    ['milk', 'black-spot'],
    ['peroxide', 'late-blight'],
    ['strengthener', 'virus'],
    ['pungent-extract', 'early-blight'],
]);

it('calls nothing well shown that the tables call weak', function (): void {
    foreach (Cases::get(Remedies::class)->all as $remedy) {
        foreach (['early-blight', 'septoria-leaf-spot', 'downy-mildew', 'late-blight', 'slug', 'vine-weevil'] as $target) {
            expect(($remedy->pairings[$target]->evidence ?? Evidence::None)->rank())->toBeLessThanOrEqual(Evidence::Weak->rank(), "$remedy->id, $target");
        }
    }
});

it('knows which mixes are sprays of its family', function (string $remedy, array $lines, string $use, bool $is): void {
    $mix = Cases::mix(Cases::body('1 L', $lines, use: $use));
    expect(Cases::get(Remedies::class)->all[$remedy]->isMadeBy($mix))->toBe($is);
})->with([
    // 25 mL of 30 % in 1025 mL is 0.73 %; 5 mL is 0.15 %, under half of the mild 0.5 %.
    'soap' => ['soap', [['liquid-castile-soap', '25 mL', '30 %']], 'foliar', true],
    'soap that only wets' => ['soap', [['liquid-castile-soap', '5 mL', '30 %']], 'foliar', false],
    'soap on paths' => ['soap', [['liquid-castile-soap', '25 mL', '30 %']], 'weed', false],
    'detergent is no soap' => ['soap', [['dish-detergent', '25 mL', '20 %']], 'foliar', false],
    'two soaps add up' => ['soap', [['liquid-castile-soap', '5 mL', '30 %'], ['bar-soap', '2 g']], 'foliar', true],
    'oil' => ['oil', [['neem-oil', '8 mL'], ['liquid-castile-soap', '4 mL', '30 %']], 'foliar', true],
    'the soap in the oil' => ['soap', [['neem-oil', '8 mL'], ['liquid-castile-soap', '4 mL', '30 %']], 'foliar', false],
    // 100 mL of 70 % in 1100 mL is 6.4 % v/v.
    'alcohol' => ['alcohol', [['isopropyl-alcohol', '100 mL', '70 %']], 'foliar', true],
    'aspirin' => ['strengthener', [['aspirin-tablet', '1 x 325 mg']], 'foliar', true],
    'peroxide on leaves' => ['peroxide', [['hydrogen-peroxide', '100 mL', '3 %']], 'foliar', true],
    'peroxide on the soil' => ['peroxide-drench', [['hydrogen-peroxide', '100 mL', '3 %']], 'drench', true],
    'peroxide on the soil is none on leaves' => ['peroxide', [['hydrogen-peroxide', '100 mL', '3 %']], 'drench', false],
    'nothing but water' => ['soap', [], 'foliar', false],
]);
