<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure\Tool;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Measure\Amount;
use Nebbia\Core\Measure\UnitKind;

/**
 * What one of a gardener's own measures holds, from so many of them weighed, or filled to a line, once or several times.
 *
 * likely = mean of the totals / count. It is off by half a step of the reading, spread over the count; by half of what the repeats
 * differ; and one is never just like the next: a tenth at least, which is rough practice.
 */
final readonly class Calibration
{
    /** Part by which one differs from the next at least (practice, low). */
    public const HAND = 0.1;

    private const MOST = 10_000;

    private function __construct(
        public string $unit,
        public ?string $ingredient,
        /** mL, or g where it was weighed. */
        public Interval $one,
        public bool $isWeighed,
    ) {}

    /**
     * @param  string  $unit  id of a unit
     * @param  int  $count  how many were measured together
     * @param  list<Amount>  $totals  of that many, one for each repeat
     * @param  float  $step  of what they were read from, mL or g
     *
     * @throws MeasuringException naming `count`, `totals` or `step`
     */
    public static function of(string $unit, ?string $ingredient, int $count, array $totals, float $step): self
    {
        if ($count < 1 || $count > self::MOST) {
            throw MeasuringException::count();
        }
        if ($step < 0.0) {
            throw MeasuringException::size('step');
        }
        $kind = $totals === [] ? throw MeasuringException::noTotals() : $totals[0]->unit->kind;
        $sizes = [];
        foreach ($totals as $total) {
            if ($total->unit->kind !== $kind || ($kind !== UnitKind::Volume && $kind !== UnitKind::Mass)) {
                throw MeasuringException::unlike();
            }
            $sizes[] = $total->inBase()->likely;
        }
        $likely = array_sum($sizes) / count($sizes) / $count;
        $off = max($step / 2 / $count + (max($sizes) - min($sizes)) / 2 / $count, self::HAND * $likely);

        return self::known(
            $unit,
            $ingredient,
            Interval::of(max($likely - $off, $likely / 10), $likely, $likely + $off),
            $kind === UnitKind::Mass,
        );
    }

    /** As it was worked out before and kept. */
    public static function known(string $unit, ?string $ingredient, Interval $one, bool $isWeighed): self
    {
        return new self($unit, $ingredient, $one, $isWeighed);
    }
}
