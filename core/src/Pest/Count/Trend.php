<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Count;

use Nebbia\Core\Data\Interval;

/**
 * How fast a count grows or falls between two samples, as exponential growth: rate = ln(m₂/m₁)/days, with the standard errors
 * of both logarithms added in squares.
 */
final readonly class Trend
{
    private const Z = 1.96;

    /** @param  float  $rateLow  a day, 95 % bounds; below zero it falls */
    private function __construct(
        public float $days,
        public float $rateLow,
        public float $rate,
        public float $rateHigh,
    ) {}

    /**
     * @param  float  $days  between the two, above zero
     *
     * @throws CountException if the two were not counted in the same measure
     */
    public static function between(Sample $before, Sample $after, float $days): self
    {
        if ($before->measure !== $after->measure) {
            throw CountException::otherMeasure();
        }
        [$was, $wasError] = $before->logarithm();
        [$is, $isError] = $after->logarithm();
        $rate = ($is - $was) / $days;
        $error = self::Z * sqrt($wasError ** 2 + $isError ** 2) / $days;

        return new self($days, $rate - $error, $rate, $rate + $error);
    }

    public function grows(): bool
    {
        return $this->rateLow > 0.0;
    }

    public function falls(): bool
    {
        return $this->rateHigh < 0.0;
    }

    /** Days in which it doubles, if it surely grows. */
    public function doublingDays(): ?Interval
    {
        return $this->grows() ? Interval::of(M_LN2 / $this->rateHigh, M_LN2 / $this->rate, M_LN2 / $this->rateLow) : null;
    }

    /** Days in which it halves, if it surely falls. */
    public function halvingDays(): ?Interval
    {
        return $this->falls() ? Interval::of(M_LN2 / -$this->rateLow, M_LN2 / -$this->rate, M_LN2 / -$this->rateHigh) : null;
    }

    /** Where it is not sure: the shortest time in which it may double, or null where it cannot. */
    public function doublesNoFasterThan(): ?float
    {
        return $this->rateHigh > 0.0 ? M_LN2 / $this->rateHigh : null;
    }

    /** Likewise the shortest time in which it may halve. */
    public function halvesNoFasterThan(): ?float
    {
        return $this->rateLow < 0.0 ? M_LN2 / -$this->rateLow : null;
    }
}
