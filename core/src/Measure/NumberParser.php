<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure;

use Brick\Math\BigRational;

/**
 * Numbers as gardeners write them: "1 1/2", "1½", "0.75", "1,5", "half", "a". Exact.
 */
final class NumberParser
{
    /** A number, without a sign, as a piece of a regular expression. Longest forms first. */
    public const PATTERN = '(?:\d+[\s\-]+\d+\s*[\/⁄]\s*\d+|\d+\s*[\/⁄]\s*\d+'
        .'|\d+\s*[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]|[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]|\d+[.,]\d+|[.,]\d+|\d+)';

    private const MAX_LENGTH = 60;

    private const FRACTIONS = [
        '½' => '1/2',
        '⅓' => '1/3',
        '⅔' => '2/3',
        '¼' => '1/4',
        '¾' => '3/4',
        '⅕' => '1/5',
        '⅖' => '2/5',
        '⅗' => '3/5',
        '⅘' => '4/5',
        '⅙' => '1/6',
        '⅚' => '5/6',
        '⅛' => '1/8',
        '⅜' => '3/8',
        '⅝' => '5/8',
        '⅞' => '7/8',
    ];

    /**
     * @param  string  $text  something that PATTERN or words() matches
     *
     * @throws AmountException if the number is too long, divides by zero or reads two ways
     */
    public static function parse(string $text): BigRational
    {
        $text = trim(Digits::western($text));
        if (strlen($text) > self::MAX_LENGTH) {
            throw AmountException::tooLong();
        }
        $said = NumberWords::parse($text);
        if ($said !== null) {
            return $said;
        }
        foreach (self::FRACTIONS as $glyph => $fraction) {
            $text = str_replace($glyph, " $fraction", $text);
        }
        // "1,500" is a litre and a half to one reader and fifteen hundred to another.
        if (preg_match('/^[1-9]\d{0,2},\d{3}$/', $text) === 1) {
            throw AmountException::ambiguousComma($text);
        }
        $text = str_replace([',', '⁄'], ['.', '/'], trim($text));
        if (str_starts_with($text, '.')) {
            $text = "0$text";
        }
        if (preg_match('/^(?:(\d+)[\s\-]+)?(\d+)\s*\/\s*(\d+)$/', $text, $m) === 1) {
            if (ltrim($m[3], '0') === '') {
                throw AmountException::divisionByZero($text);
            }

            return BigRational::nd($m[2], $m[3])
                ->plus($m[1] === '' ? 0 : $m[1])
                ->simplified();
        }

        return BigRational::of($text)->simplified();
    }
}
