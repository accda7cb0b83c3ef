<?php

declare(strict_types=1);

use Nebbia\Core\Pest\Diagnosis\DiagnosisCircumstances;
use Nebbia\Core\Pest\Diagnosis\Diagnostician;
use Nebbia\Core\Pest\Diagnosis\Likelihoods;
use Nebbia\Core\Pest\Diagnosis\Signs;
use Nebbia\Core\Plant\Plants;
use Nebbia\Core\Tests\Cases;

it('expects a sign as often as its causes show it', function (): void {
    $of = DiagnosisCircumstances::of(Cases::plant('tomato'));
    $likelihoods = Cases::get(Likelihoods::class);
    $prior = $likelihoods->prior($of);
    foreach (Cases::get(Diagnostician::class)->expected($of) as $sign => $chance) {
        $sum = 0.0;
        foreach ($likelihoods->causes as $n => $cause) {
            $sum += $cause === Likelihoods::NONE ? 0.0 : $prior[$n] * $likelihoods->present[$sign][$n];
        }
        expect($chance)->toEqualWithDelta($sum, 1e-12);
    }
});

it('counts as rare what hardly ever is on such a plant, and never what its own troubles show', function (string $plant, array $usual, array $rare): void {
    $diagnostician = Cases::get(Diagnostician::class);
    $expected = $diagnostician->expected(DiagnosisCircumstances::of(Cases::plant($plant)));
    foreach ($usual as $sign) {
        expect($diagnostician->isRare($expected[$sign]))->toBeFalse("$sign on $plant");
    }
    foreach ($rare as $sign) {
        expect($diagnostician->isRare($expected[$sign]))->toBeTrue("$sign on $plant");
    }
})->with([
    ['lawn', ['c-shaped-grubs', 'legless-grey-grubs', 'slime-on-mulch'], ['silver-trails', 'cucurbit-beetles', 'blossom-end']],
    ['tomato', ['blossom-end', 'seedling-cut', 'soil-dry'], ['cucurbit-beetles', 'legless-grey-grubs', 'yellow-wiry-worms']],
    ['houseplant', ['dark-flies-soil', 'salt-crust', 'slipping-roots'], ['legless-grey-grubs', 'silver-trails', 'blossom-end']],
]);

it('leaves enough to look at on every plant, and folds something away', function (): void {
    $diagnostician = Cases::get(Diagnostician::class);
    $signs = count(Cases::get(Signs::class)->ids());
    foreach (Cases::get(Plants::class)->ids() as $id) {
        $expected = $diagnostician->expected(DiagnosisCircumstances::of(Cases::plant($id)));
        $rare = count(array_filter($expected, $diagnostician->isRare(...)));
        expect(count($expected))->toBe($signs)->and($rare)->toBeGreaterThan(10)->toBeLessThan($signs - 25);
    }
});
