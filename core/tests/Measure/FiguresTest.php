<?php

declare(strict_types=1);

use Nebbia\Core\Measure\Figures;
use Nebbia\Core\Measure\Interval;
use Symfony\Component\Yaml\Yaml;

it('says a number as a neighbour would', function (array $case): void {
    expect(Figures::say((float) $case['value'], $case['digits']))->toBe((string) $case['said']);
})->with(array_map(static fn (array $case): array => [$case], Yaml::parseFile(__DIR__.'/figures.yaml')));

it('says a range only where its ends differ to the eye', function (): void {
    expect(Figures::range(Interval::of(1.0, 1.0, 1.0)))->toBe('1')
        ->and(Figures::range(Interval::of(0.991, 1.0, 1.004)))->toBe('0.99 to 1')
        ->and(Figures::range(Interval::of(0.998, 1.0, 1.004)))->toBe('about 1')
        ->and(Figures::range(Interval::of(0.5, 0.8, 1.24)))->toBe('0.5 to 1.2');
});

it('never says more than four digits after the point, nor an exponent, and is never off by more than its last digit', function (): void {
    mt_srand(14);
    for ($n = 0; $n < 5000; $n++) {
        $value = 10 ** (mt_rand(-6000, 6000) / 1000) * mt_rand(100, 999) / 100;
        foreach ([2, 3] as $digits) {
            $said = Figures::say($value, $digits);
            expect($said)->toMatch('/^(under 0\.001|[\d,]+(\.\d{1,4})?)$/');
            if ($value >= Figures::LEAST) {
                expect(abs((float) str_replace(',', '', $said) - $value))->toBeLessThanOrEqual(max($value * 0.5 * 10 ** (1 - $digits), 0.00005) * 1.000001);
            }
        }
    }
});
