<?php

declare(strict_types=1);

use Nebbia\Core\Measure\LevelMarks;
use Nebbia\Core\Measure\UnitSystem;

it('marks a vessel at round numbers in the gardener\'s units', function (float $ml, UnitSystem $system, array $labels): void {
    expect(array_column(LevelMarks::of($ml, $system), 'label'))->toBe($labels);
})->with([
    [2000.0, UnitSystem::Metric, ['500', '1 L', '1.5 L']],
    [750.0, UnitSystem::Metric, ['250', '500']],
    [8000.0, UnitSystem::Au, ['2 L', '4 L', '6 L']],
    // 2 L is 67.6 US fluid ounces, 70.4 imperial ones
    [2000.0, UnitSystem::Us, ['16 oz', '32 oz', '48 oz', '64 oz']],
    [2000.0, UnitSystem::Imperial, ['16 oz', '32 oz', '48 oz', '64 oz']],
    [100.0, UnitSystem::Us, ['1 oz', '2 oz', '3 oz']],
]);

it('puts the marks where their words say, below the brim and never too many', function (UnitSystem $system, float $unit): void {
    for ($ml = 20.0; $ml < 90000.0; $ml *= 1.37) {
        $marks = LevelMarks::of($ml, $system);
        expect(count($marks))->toBeLessThanOrEqual(5)->and(count($marks))->toBeGreaterThan(0);
        foreach ($marks as $n => $mark) {
            expect($mark['ml'])->toBeLessThan($ml)->and($mark['ml'])->toEqualWithDelta(($n + 1) * $marks[0]['ml'], 1e-6)
                ->and(fmod($mark['ml'] / $unit + 1e-9, 0.5))->toBeLessThan(1e-6);
        }
    }
})->with([[UnitSystem::Metric, 1.0], [UnitSystem::Us, 29.5735295625], [UnitSystem::Imperial, 28.4130625]]);
