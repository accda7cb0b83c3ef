<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Hour;

use Nebbia\Core\Measure\Vessel\FillPlan;
use Nebbia\Core\Measure\Vessel\Vessel;

/**
 * How long a round takes: mixing and filling a quarter of an hour each time, then spraying. Rough practice where the sprayer was not
 * measured.
 */
final readonly class SprayTime
{
    private const FILLING = 15.0;

    /** mL a minute of a sprayer that nobody has measured: by hand, and by pump. */
    private const USUAL = [60.0, 300.0];

    private const PUMPED_FROM = 1500.0;

    /** More than half a day nobody sprays. */
    private const MOST = 6;

    /**
     * @param  float  $volumeMl  above zero
     * @param  float|null  $mlPerMinute  as it was measured
     * @return int full hours, 1 to 6
     */
    public static function hours(float $volumeMl, ?Vessel $vessel, ?float $mlPerMinute = null): int
    {
        $fills = $vessel === null ? 1 : FillPlan::of($vessel, max(1.0, $volumeMl - $vessel->dead->likely))->fills;
        $flow = $mlPerMinute ?? self::USUAL[($vessel->capacityMl ?? 0.0) >= self::PUMPED_FROM ? 1 : 0];

        return max(1, min(self::MOST, (int) ceil(($fills * self::FILLING + $volumeMl / $flow) / 60.0 - 1e-9)));
    }
}
