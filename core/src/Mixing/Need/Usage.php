<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Need;

use Nebbia\Core\Data\Interval;

/**
 * Corrects an expected volume by what was really used, a conjugate update of a normal mean on logarithms.
 *
 * Prior of ln(mL): mean ln(likely), standard deviation s0 = ln(high / low) / (2 · 1.96), as the range is taken to hold 95 of 100.
 * Each use x has ln(x) around the true mean with a known standard deviation s (one evening differs from the next). Then
 *   precision = 1/s0² + n/s²,  mean = (ln(likely)/s0² + Σ ln(x)/s²) / precision,
 * and the interval is exp(mean ± 1.96 / √precision).
 */
final class Usage
{
    private const Z = 1.96;

    /**
     * @param  Interval  $expected  mL, above zero
     * @param  list<float>  $used  mL, above zero
     * @param  float  $evening  standard deviation of ln(mL) from one use to the next
     */
    public static function correct(Interval $expected, array $used, float $evening): Interval
    {
        if ($used === []) {
            return $expected;
        }
        $s0 = max(log($expected->high / $expected->low) / (2 * self::Z), 1e-6);
        $precision = 1 / $s0 ** 2 + count($used) / $evening ** 2;
        $mean = (log($expected->likely) / $s0 ** 2 + array_sum(array_map(log(...), $used)) / $evening ** 2) / $precision;
        $off = self::Z / sqrt($precision);

        return Interval::of(exp($mean - $off), exp($mean), exp($mean + $off));
    }
}
