<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure\Home;

use Nebbia\Core\Measure\Digits;
use Nebbia\Core\Measure\TypedNumber;

/**
 * How high, how much ground, how large a pot, as people write it: 70, 28 in, 5' 6", 1,2 m; 12 m², 4 x 8 ft; 5 L, 1 gal, a pot of 6 in.
 */
final class TypedSize
{
    private const CM = [
        'mm|millimet(?:re|er)s?' => 0.1,
        'cm|centimet(?:re|er)s?' => 1.0,
        'm|met(?:re|er)s?' => 100.0,
        'in|ins|inch|inches|"|″|”|\'\'' => HomeUnits::CM_PER_INCH,
        'ft|foot|feet|\'|′|’' => HomeUnits::CM_PER_FOOT,
        'yd|yards?' => 91.44,
    ];

    private const M2 = [
        'm2|m²|sq\.? ?m|sqm|square met(?:re|er)s?|m\^2|m sq|qm|mq' => 1.0,
        'hectares?|ha' => 10_000.0,
        'acres?' => 4046.8564224,
        'ft2|ft²|sq\.? ?ft|sqft|sf|sq\.? ?feet|square f(?:ee|oo)t' => HomeUnits::M2_PER_SQ_FT,
        'sq\.? ?yds?|yd²|square yards?' => 0.83612736,
    ];

    private const LITRES = [
        'l|lit(?:re|er)s?|ltr' => 1.0,
        'ml|millilit(?:re|er)s?|cc' => 0.001,
    ];

    /**
     * @param  float  $bare  cm, where no unit is written
     * @return float|null cm; null where it cannot be read
     */
    public static function length(string $text, float $bare): ?float
    {
        $text = self::plain($text);
        $feet = self::unit("ft|foot|feet|'|′|’");
        $inches = self::unit('in|ins|inch|inches|"|″|”|\'\'');
        // Feet and inches in one.
        $isBoth = preg_match("/^(\\d+)\\s*$feet\\s*(\\S.*?)\\s*(?:$inches)?$/uD", $text, $m) === 1;
        if ($isBoth && ($rest = TypedNumber::read($m[2])) !== null) {
            return (float) $m[1] * HomeUnits::CM_PER_FOOT + $rest * HomeUnits::CM_PER_INCH;
        }

        return self::one($text, self::CM, $bare);
    }

    /**
     * @param  float  $bare  m², where no unit is written
     * @return float|null m²; null where it cannot be read
     */
    public static function area(string $text, float $bare): ?float
    {
        $text = self::plain($text);
        $sides = preg_split('/\s*(?:[x×*]|\bby\b)\s*/u', $text) ?: [];
        if (count($sides) === 2) {
            // Of two sides their product is said in squares, each of them in lengths.
            $sides[1] = (string) preg_replace(
                ['/ ?(?:sq\.? ?ft|ft²|square feet)$/u', '/ ?(?:m²|sqm|sq\.? ?m)$/u'],
                [' ft', ' m'],
                $sides[1],
            );
            $unit = preg_match('/[^\d.,½¼¾⅓⅔\s].*$/u', $sides[1], $m) === 1 ? $m[0] : ($bare < 0.5 ? 'ft' : 'm');
            $each = array_map(
                static fn (string $side): ?float => self::length(TypedNumber::read($side) === null ? $side : "$side $unit", 100.0),
                $sides,
            );

            return in_array(null, $each, true) ? null : array_product($each) / 10_000.0;
        }

        return self::one($text, self::M2, $bare);
    }

    /**
     * @param  float  $bare  litres, where no unit is written
     * @return float|null litres; null where it cannot be read
     */
    public static function pot(string $text, float $bare, float $litresPerGallon = PotSize::LITRES_PER_GALLON): ?float
    {
        $text = self::plain($text);
        $ofGallons = [
            'gal|gals|gallons?' => $litresPerGallon,
            'qt|quarts?' => $litresPerGallon / 4.0,
            'pt|pts|pints?' => $litresPerGallon / 8.0,
        ];
        $litres = self::one($text, $ofGallons + self::LITRES, $bare);
        if ($litres !== null) {
            return $litres;
        }
        $cm = self::one($text, self::CM, 0.0);

        return $cm === null ? null : PotSize::litres($cm);
    }

    /** @return float|null °C; a bare number is °C */
    public static function warmth(string $text): ?float
    {
        $text = self::plain($text);
        if (preg_match('/^(.+?)\s*°?\s*(c|f)?$/uD', $text, $m) !== 1 || ($number = TypedNumber::read(rtrim($m[1], ' °'))) === null) {
            return null;
        }

        return ($m[2] ?? 'c') === 'f' ? ($number - 32.0) / 1.8 : $number;
    }

    private static function plain(string $text): string
    {
        $text = mb_strtolower(trim(Digits::western($text)));
        // "about 3 feet tall" is three feet.
        $text = (string) preg_replace(
            ['/^(?:about|around|roughly|approx\.?|ca\.?|circa|~|some)\s*/u', '/\s*(?:tall|high|deep|across|wide|pots?)$/u'],
            '',
            $text,
        );

        return (string) preg_replace('/^half an? /u', '0.5 ', $text);
    }

    private static function unit(string $names): string
    {
        return "(?:$names)\\.?";
    }

    /** @param  array<string, float>  $units  names => what one is */
    private static function one(string $text, array $units, float $bare): ?float
    {
        // "2-3 ft" is between the two.
        if (preg_match('/^(\d+(?:[.,]\d+)?)\s*(?:-|–|to)\s*(\d+(?:[.,]\d+)?)(\s*\D+)?$/uD', $text, $m) === 1) {
            $ends = [self::one($m[1].($m[3] ?? ''), $units, $bare), self::one($m[2].($m[3] ?? ''), $units, $bare)];

            return in_array(null, $ends, true) ? null : array_sum($ends) / 2.0;
        }
        foreach ($units as $names => $each) {
            if (preg_match('/^(.+?)[\s-]*'.self::unit($names).'$/uD', $text, $m) === 1 && ($number = TypedNumber::read($m[1])) !== null) {
                return $number * $each;
            }
        }
        $number = TypedNumber::read($text);

        return $number === null || $bare === 0.0 ? null : $number * $bare;
    }
}
