<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Label\Contents;

use Nebbia\Core\Reading\Label\Fold;

/** Lists of words as patterns on a folded text. */
final class Words
{
    /** @param  list<string>  $words  `*` at the end stands for any ending */
    public static function pattern(array $words): string
    {
        return '/\b(?:'.self::either($words).')\b/u';
    }

    /** @param  list<string>  $words */
    public static function either(array $words): string
    {
        // The longest first, so that it is what is found.
        usort($words, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));

        return implode('|', array_map(self::one(...), $words));
    }

    /**
     * The same on a text that is not folded: accents are optional, and whatever is no letter may stand between two words.
     *
     * @param  list<string>  $words
     */
    public static function written(array $words): string
    {
        usort($words, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));

        return implode(
            '|',
            array_map(static fn (string $word): string => str_replace(' ', "[\\s'’-]+", preg_quote($word, '/')), $words),
        );
    }

    private static function one(string $word): string
    {
        return preg_quote(Fold::name(rtrim($word, '*')), '/').(str_ends_with($word, '*') ? '\w*' : '');
    }
}
