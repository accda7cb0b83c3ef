<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure;

use Brick\Math\BigRational;

/** Numbers in words, in English, Italian and Portuguese: "two and a half", "tre quarti di", "meia", "a dozen". */
final class NumberWords
{
    /** Whole numbers, as they stand before a unit. */
    private const WHOLE = [
        'a' => 1, 'an' => 1, 'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7,
        'eight' => 8,
        'nine' => 9, 'ten' => 10, 'eleven' => 11, 'twelve' => 12, 'fifteen' => 15, 'twenty' => 20, 'twenty-five' => 25,
        'thirty' => 30,
        'forty' => 40, 'fifty' => 50, 'a hundred' => 100, 'one hundred' => 100,
        'un' => 1, 'uno' => 1, 'una' => 1, 'due' => 2, 'tre' => 3, 'quattro' => 4, 'cinque' => 5, 'sei' => 6, 'sette' => 7,
        'otto' => 8,
        'nove' => 9, 'dieci' => 10, 'undici' => 11, 'dodici' => 12, 'quindici' => 15, 'venti' => 20, 'trenta' => 30,
        'quaranta' => 40,
        'cinquanta' => 50, 'cento' => 100,
        'um' => 1, 'uma' => 1, 'dois' => 2, 'duas' => 2, 'três' => 3, 'tres' => 3, 'quatro' => 4, 'cinco' => 5, 'seis' => 6,
        'sete' => 7,
        'oito' => 8, 'dez' => 10, 'onze' => 11, 'doze' => 12, 'quinze' => 15, 'vinte' => 20, 'quarenta' => 40,
        'cinquenta' => 50, 'cem' => 100,
    ];

    /** So many of a thing, whatever article stands before. */
    private const COUNTS = [
        'dozen' => 12, 'a dozen' => 12, 'one dozen' => 12, 'half a dozen' => 6, 'two dozen' => 24, 'a couple of' => 2,
        'a couple' => 2, 'couple of' => 2, 'couple' => 2,
        'a pair of' => 2, 'una dozzina di' => 12, 'mezza dozzina di' => 6, 'un paio di' => 2, 'uma dúzia de' => 12,
        'meia dúzia de' => 6,
        'um par de' => 2, 'dúzia de' => 12,
    ];

    /** Parts of one, before a unit. A part of one is also said after "and". */
    private const PARTS = [
        'half a' => '1/2', 'half an' => '1/2', 'half of a' => '1/2', 'a half' => '1/2', 'one half' => '1/2', 'half' => '1/2',
        'a quarter of a' => '1/4', 'a quarter of an' => '1/4', 'a quarter' => '1/4', 'one quarter' => '1/4',
        'quarter of a' => '1/4', 'quarter' => '1/4',
        'three quarters of a' => '3/4', 'three-quarters of a' => '3/4', 'three quarters of' => '3/4',
        'three quarters' => '3/4', 'three-quarters' => '3/4', 'three quarter' => '3/4',
        'three-quarter' => '3/4', 'a third of a' => '1/3', 'a third' => '1/3', 'one third' => '1/3', 'one-third' => '1/3',
        'third of a' => '1/3',
        'two thirds of a' => '2/3', 'two-thirds of a' => '2/3', 'two thirds' => '2/3', 'two-thirds' => '2/3',
        'an eighth of a' => '1/8', 'an eighth' => '1/8', 'one eighth' => '1/8',
        'mezzo' => '1/2', 'mezza' => '1/2', 'un quarto di' => '1/4', 'un quarto' => '1/4', 'tre quarti di' => '3/4',
        'tre quarti' => '3/4',
        'un terzo di' => '1/3', 'un terzo' => '1/3', 'due terzi di' => '2/3', 'due terzi' => '2/3',
        'meio' => '1/2', 'meia' => '1/2', 'um quarto de' => '1/4', 'um quarto' => '1/4', 'três quartos de' => '3/4',
        'três quartos' => '3/4', 'um terço de' => '1/3',
        'um terço' => '1/3', 'dois terços de' => '2/3', 'dois terços' => '2/3',
    ];

    private const AND = '(?:\s+(?:and|e)\s+|\s*&\s*)';

    /** Number words as a piece of a regular expression, longest first: "two and a half", "three-quarters of a", "a dozen". */
    public static function pattern(): string
    {
        static $pattern = null;
        if (! is_string($pattern)) {
            $whole = self::either(array_keys(self::WHOLE));
            $single = self::either([...array_keys(self::COUNTS), ...array_keys(self::PARTS), ...array_keys(self::WHOLE)]);
            $pattern = '(?:(?:'.$whole.'|\d+)'.self::AND.self::parts()."|$single)";
        }

        return $pattern;
    }

    /** Words for a part of one, as a piece of a regular expression: what may stand after "and". */
    public static function parts(): string
    {
        return self::either(array_keys(self::PARTS));
    }

    /** @param  list<string>  $words */
    private static function either(array $words): string
    {
        usort($words, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));

        return '(?:'.implode('|', $words).')';
    }

    /** Null where it is no number in words. */
    public static function parse(string $text): ?BigRational
    {
        $text = (string) preg_replace('/\s+/u', ' ', mb_strtolower($text));
        $one = self::COUNTS[$text] ?? self::PARTS[$text] ?? self::WHOLE[$text] ?? null;
        if ($one !== null) {
            return BigRational::of($one)->simplified();
        }
        if (preg_match('/^(.+?)'.self::AND.'(.+)$/u', $text, $m) === 1) {
            $whole = self::WHOLE[$m[1]] ?? (ctype_digit($m[1]) ? $m[1] : null);
            $part = self::PARTS[$m[2]] ?? null;

            return $whole === null || $part === null ? null : BigRational::of($part)->plus($whole)->simplified();
        }

        return null;
    }
}
