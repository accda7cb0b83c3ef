<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure;

use Brick\Math\BigInteger;
use Brick\Math\BigRational;
use Nebbia\Core\Measure\Kitchen\KitchenFraction;

/**
 * Writes an amount back: for machines so that the parser reads the same amount again, for people in kitchen fractions.
 */
final class AmountFormatter
{
    private const PLACES = 12;

    /** Figures and a dot that are read at a glance. */
    private const SHORT = 7;

    /** ASCII, exact: parse(machine(a)) is a again, in the same measuring system. */
    public static function machine(Amount $amount): string
    {
        $isDecimal = $amount->unit->isDecimal();
        $n = static fn (BigRational $number): string => self::exact($number, $isDecimal);

        return self::write($amount, $n, ' ');
    }

    /** "1½ tbsp", "3-5 drops", "1:50"; decimals of what is metric or a strength: nobody says "1½ %". */
    public static function people(Amount $amount): string
    {
        $isDecimal = $amount->unit->isDecimal();
        $n = static fn (BigRational $number): string => $isDecimal ? self::tenths($number) : KitchenFraction::pretty($number->toFloat());

        return self::write($amount, $n, ' ');
    }

    /** @param  callable(BigRational): string  $n */
    private static function write(Amount $amount, callable $n, string $space): string
    {
        $unit = $amount->unit;
        $one = BigRational::one();
        if ($unit->kind === UnitKind::PerBase || $unit->kind === UnitKind::PerFinal) {
            $from = $n($one->dividedBy($amount->high)->simplified());
            $to = $n($one->dividedBy($amount->low)->simplified());

            return ($unit->kind === UnitKind::PerBase ? '1:' : '1 in ').($from === $to ? $from : "$from-$to");
        }
        $number = match (true) {
            $amount->low->isEqualTo($amount->high) => $n($amount->likely),
            self::isAFew($amount) => 'a few',
            default => $n($amount->low).'-'.$n($amount->high),
        };
        if ($unit->id === 'tablet') {
            return $unit->label === 'tablet' ? $number.$space.$unit->label : $number.' x '.str_replace(' tablet', '', $unit->label);
        }
        $label = $amount->high->isGreaterThan(1) ? $unit->plural : $unit->label;

        return $number.$space.$label;
    }

    private static function isAFew(Amount $amount): bool
    {
        return $amount->low->isEqualTo(3) && $amount->likely->isEqualTo(5) && $amount->high->isEqualTo(10);
    }

    /** "3/2" as "1 1/2", "3/4", "2"; decimals stay decimals where they are short, or where the unit goes by tenths. */
    private static function exact(BigRational $number, bool $isDecimal): string
    {
        $number = $number->simplified();
        if ($number->getDenominator()->isEqualTo(1)) {
            return (string) $number->getNumerator();
        }
        $decimal = ! $isDecimal && $number->getDenominator()->isLessThanOrEqualTo(8) ? null : self::decimal($number);
        if ($decimal !== null) {
            return $decimal;
        }
        $whole = $number->getNumerator()->quotient($number->getDenominator());
        $rest = $number->minus($whole)->simplified();

        return $whole->isZero() ? (string) $rest : "$whole $rest";
    }

    /** As it is written where that is short, else to three figures. */
    private static function tenths(BigRational $number): string
    {
        $exact = self::exact($number, true);

        return strlen($exact) <= self::SHORT && ! str_contains($exact, '/') ? $exact : KitchenFraction::figures($number->toFloat());
    }

    /** Where a decimal number says it exactly. */
    private static function decimal(BigRational $number): ?string
    {
        $denominator = $number->getDenominator();
        for ($places = 1, $ten = BigInteger::of(10); $places <= self::PLACES; $places++, $ten = $ten->multipliedBy(10)) {
            if ($ten->remainder($denominator)->isZero()) {
                return (string) $number->toScale($places);
            }
        }

        return null;
    }
}
