<?php

declare(strict_types=1);

namespace Nebbia\Core\Target;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Row;

/**
 * A pest's life cycle as a linear model of degree-days: days = degree-days / (temperature − lower threshold).
 *
 * Where a figure carries no range, ±15 % is taken, which is what such models are good for.
 */
final readonly class Cycle
{
    private const SPREAD = 0.15;

    /**
     * @param  Interval  $lowerC  °C below which it stands still
     * @param  list<CycleStage>  $stages
     * @param  float|null  $linearToC  °C above which the model does not hold
     */
    private function __construct(public Interval $lowerC, public array $stages, private ?float $linearToC) {}

    public static function fromRow(Row $row): self
    {
        $stages = [];
        foreach ($row->rows('stages') as $stage) {
            $figure = $stage->row('degree_days');
            $days = $figure->interval();
            if (! $figure->has('low')) {
                $days = Interval::of($days->likely * (1 - self::SPREAD), $days->likely, $days->likely * (1 + self::SPREAD));
            }
            $stages[] = new CycleStage($stage->string('stage'), $stage->bool('contact'), $days);
        }

        return new self($row->row('lower_c')->interval(), $stages, $row->has('linear_to_c') ? $row->float('linear_to_c') : null);
    }

    /** Days of one stage at a steady temperature in °C, or null where it stands still or nothing is known. */
    public function days(CycleStage $stage, float $meanC): ?Interval
    {
        $warmth = $meanC - $this->lowerC->likely;
        if ($warmth <= 0.0 || ($this->linearToC !== null && $meanC > $this->linearToC)) {
            return null;
        }

        return Interval::of($stage->degreeDays->low / $warmth, $stage->degreeDays->likely / $warmth, $stage->degreeDays->high / $warmth);
    }

    /** Days of all its stages together at a steady temperature in °C, or null where it stands still. */
    public function totalDays(float $meanC): ?Interval
    {
        $total = [0.0, 0.0, 0.0];
        foreach ($this->stages as $stage) {
            $days = $this->days($stage, $meanC);
            if ($days === null) {
                return null;
            }
            $total = [$total[0] + $days->low, $total[1] + $days->likely, $total[2] + $days->high];
        }

        return Interval::of(...$total);
    }
}
