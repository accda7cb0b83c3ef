<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure;

use IntlChar;

/** Digits of every script are the numbers they are: ٣ and ３ are 3. So are the signs that go with them. */
final class Digits
{
    private const SIGNS = ['٫' => '.', '٬' => '', '．' => '.', '，' => ',', '％' => '%', '﹪' => '%', '٪' => '%', '−' => '-', '／' => '/', '：' => ':', '　' => ' '];

    /** The same text with western digits; one character takes the place of one, but for the thousands' sign ٬, which goes. */
    public static function western(string $text): string
    {
        if (preg_match('/[^\x00-\x7F]/', $text) !== 1) {
            return $text;
        }

        return (string) preg_replace_callback('/[\p{Nd}٫٬．，％﹪٪−／：　]/u', static function (array $one): string {
            return self::SIGNS[$one[0]] ?? (string) IntlChar::charDigitValue($one[0]);
        }, $text) ?: $text;
    }
}
