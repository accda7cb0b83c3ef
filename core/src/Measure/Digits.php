<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure;

use IntlChar;

/** Digits of every script are the numbers they are: ٣ and ３ are 3. So are the signs that go with them. */
final class Digits
{
    private const SIGNS = [
        '٫' => '.',
        '٬' => ',',
        '．' => '.',
        '，' => ',',
        '％' => '%',
        '﹪' => '%',
        '٪' => '%',
        '−' => '-',
        '／' => '/',
        '：' => ':',
        '　' => ' ',
    ];

    /** The same text with western digits and signs; one character takes the place of one, so that places in it stay. */
    public static function western(string $text): string
    {
        if (preg_match('/[^\x00-\x7F]/', $text) !== 1) {
            return $text;
        }

        return (string) preg_replace_callback(
            '/[\p{Nd}٫٬．，％﹪٪−／：　]/u',
            static function (array $one): string {
                return self::SIGNS[$one[0]] ?? (string) IntlChar::charDigitValue($one[0]);
            },
            $text,
        ) ?:
            $text;
    }
}
