<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure;

use Nebbia\Core\Measure\Kitchen\KitchenFraction;

/** Marks up the side of a vessel, at round numbers in the units a gardener prefers. */
final class LevelMarks
{
    private const MOST = 5;

    /** Steps in mL for those who think in litres, and in fluid ounces for those who do not. */
    private const METRIC_STEPS = [10, 25, 50, 100, 250, 500, 1000, 2000, 5000, 10000, 25000, 50000, 100000];

    private const OUNCE_STEPS = [0.5, 1, 2, 4, 8, 16, 32, 64, 128, 256, 640, 1280, 3200];

    /**
     * @param  float  $capacityMl  above zero
     * @return list<array{ml: float, label: string}> from the bottom up, the brim not among them
     */
    public static function of(float $capacityMl, UnitSystem $system): array
    {
        [$unit, $steps] = match ($system) {
            UnitSystem::Us => [PreciseWords::ML_PER_US_FL_OZ, self::OUNCE_STEPS],
            UnitSystem::Imperial => [PreciseWords::ML_PER_IMP_FL_OZ, self::OUNCE_STEPS],
            default => [1.0, self::METRIC_STEPS],
        };
        $step = $capacityMl / $unit;
        foreach ($steps as $candidate) {
            if ($capacityMl / $unit / $candidate <= self::MOST) {
                $step = (float) $candidate;
                break;
            }
        }
        $marks = [];
        for ($n = 1; $n * $step * $unit < 0.98 * $capacityMl; $n++) {
            $marks[] = ['ml' => $n * $step * $unit, 'label' => self::label($n * $step, $unit)];
        }

        return $marks;
    }

    private static function label(float $number, float $unit): string
    {
        if ($unit !== 1.0) {
            return KitchenFraction::figures($number).' oz';
        }

        return $number >= 1000.0 ? KitchenFraction::figures($number / 1000).' L' : KitchenFraction::figures($number);
    }
}
