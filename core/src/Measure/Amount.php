<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure;

use Brick\Math\BigRational;
use Nebbia\Core\Data\Interval;

/**
 * How much, as stated: an exact number (low ≤ likely ≤ high, all above zero) and a unit.
 *
 * "2 tbsp" is exact; "3-5 drops" runs from 3 to 5; "a squeeze" is exactly one of an inexact unit.
 */
final readonly class Amount
{
    /** Nothing a garden needs is larger: 1,000,000 L, in mL or g. */
    public const LIMIT = 1_000_000_000;

    private function __construct(public BigRational $low, public BigRational $likely, public BigRational $high, public Unit $unit) {}

    /** @throws AmountException if not above zero, out of order or beyond the limit */
    public static function of(BigRational $likely, Unit $unit): self
    {
        return self::between($likely, $likely, $likely, $unit);
    }

    /** @throws AmountException if not above zero, out of order or beyond the limit */
    public static function between(BigRational $low, BigRational $likely, BigRational $high, Unit $unit): self
    {
        if (! $low->isPositive()) {
            throw AmountException::notPositive();
        }
        if ($low->isGreaterThan($likely) || $likely->isGreaterThan($high)) {
            throw AmountException::reversed();
        }
        if ($high->multipliedBy($unit->high ?? 1)->isGreaterThan(self::LIMIT)) {
            throw AmountException::tooLarge();
        }

        return new self($low, $likely, $high, $unit);
    }

    /**
     * In the unit's own base: mL, g, or parts. Pieces that the ingredient weighs count as one each.
     */
    public function inBase(): Interval
    {
        $likely = $this->base($this->likely, $this->unit->likely);

        // Most amounts are one number, which is worked out once: turning an exact number into a float is slow.
        return Interval::of(
            $this->low === $this->likely && $this->unit->low === $this->unit->likely ? $likely : $this->base($this->low, $this->unit->low),
            $likely,
            $this->high === $this->likely && $this->unit->high === $this->unit->likely
                ? $likely
                : $this->base($this->high, $this->unit->high),
        );
    }

    /** How many of the unit, without its size. */
    public function count(): Interval
    {
        return Interval::of($this->low->toFloat(), $this->likely->toFloat(), $this->high->toFloat());
    }

    /** Exactly as much again, k times. Ratios and strengths do not scale and are returned as they are. */
    public function scaledBy(BigRational $k): self
    {
        return $this->isRelative()
            ? $this
            : self::between(
                $this->low->multipliedBy($k)->simplified(),
                $this->likely->multipliedBy($k)->simplified(),
                $this->high->multipliedBy($k)->simplified(),
                $this->unit,
            );
    }

    /** k times as much in the same volume: shares and strengths grow too. */
    public function strengthenedBy(BigRational $k): self
    {
        return self::between(
            $this->low->multipliedBy($k)->simplified(),
            $this->likely->multipliedBy($k)->simplified(),
            $this->high->multipliedBy($k)->simplified(),
            $this->unit,
        );
    }

    /** @throws AmountException if the other is of another kind, or either too rough to be part of a sum */
    public function plus(self $other): self
    {
        if (
            ! $this->canBeSummed() ||
            ! $other->canBeSummed() ||
            $other->unit->kind !== $this->unit->kind ||
            $this->unit->likely === null ||
            $other->unit->likely === null
        ) {
            throw AmountException::cannotAdd();
        }
        if ($other->unit->id === $this->unit->id) {
            return self::between(
                $this->low->plus($other->low),
                $this->likely->plus($other->likely),
                $this->high->plus($other->high),
                $this->unit,
            );
        }
        // Said in millilitres or grams, in which every unit is exact.
        $one = static fn (?BigRational $factor): BigRational => $factor ?? BigRational::one();

        return self::between(
            $this->low->multipliedBy($one($this->unit->low))->plus($other->low->multipliedBy($one($other->unit->low))),
            $this->likely->multipliedBy($this->unit->likely)->plus($other->likely->multipliedBy($other->unit->likely)),
            $this->high->multipliedBy($one($this->unit->high))->plus($other->high->multipliedBy($one($other->unit->high))),
            Unit::plain($this->unit->kind),
        );
    }

    /** A squeeze on top of a cup has no likely value that a range could say: such sums are not made. */
    private function canBeSummed(): bool
    {
        return $this->unit->isPrecise() && $this->likely->multipliedBy(2)->isEqualTo($this->low->plus($this->high));
    }

    /** Whether it depends on the rest of the mix. */
    public function isRelative(): bool
    {
        return in_array($this->unit->kind, [UnitKind::PerBase, UnitKind::PerFinal, UnitKind::Strength], true);
    }

    public function isSameAs(self $other): bool
    {
        return $this->unit->id === $other->unit->id &&
            $this->low->isEqualTo($other->low) &&
            $this->likely->isEqualTo($other->likely) &&
            $this->high->isEqualTo($other->high);
    }

    private function base(BigRational $number, ?BigRational $factor): float
    {
        return $factor === null ? $number->toFloat() : $number->toFloat() * $factor->toFloat();
    }
}
