<?php

declare(strict_types=1);

namespace Nebbia\Core\Data;

/**
 * What a number is likely to be, and between what bounds it lies: low ≤ likely ≤ high, all ≥ 0.
 *
 * Plain floats, for what is computed; amounts as the gardener states them are exact (Amount).
 */
final readonly class Interval
{
    private function __construct(
        public float $low,
        public float $likely,
        public float $high,
    ) {}

    public static function of(float $low, float $likely, float $high): self
    {
        return new self($low, $likely, $high);
    }

    public static function exactly(float $value): self
    {
        return new self($value, $value, $value);
    }

    public static function zero(): self
    {
        return self::exactly(0.0);
    }

    /** Product of two independent intervals of positive numbers. */
    public function times(self|float $factor): self
    {
        return $factor instanceof self
            ? new self($this->low * $factor->low, $this->likely * $factor->likely, $this->high * $factor->high)
            : new self($this->low * $factor, $this->likely * $factor, $this->high * $factor);
    }

    public function plus(self $other): self
    {
        return new self($this->low + $other->low, $this->likely + $other->likely, $this->high + $other->high);
    }

    /** Quotient of independent positive intervals: the worst case pairs the low end with the high divisor. */
    public function dividedBy(self|float $divisor): self
    {
        return $divisor instanceof self
            ? new self($this->low / $divisor->high, $this->likely / $divisor->likely, $this->high / $divisor->low)
            : new self($this->low / $divisor, $this->likely / $divisor, $this->high / $divisor);
    }

    public function isExact(): bool
    {
        return $this->low === $this->high;
    }

    /** @return array{low: float, likely: float, high: float} */
    public function toArray(): array
    {
        return ['low' => $this->low, 'likely' => $this->likely, 'high' => $this->high];
    }
}
