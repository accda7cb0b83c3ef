<?php

declare(strict_types=1);

namespace Nebbia\Core\Data\Sentence;

/**
 * Makes a language of English that nobody speaks: with accents and a third longer, as other languages are. What is cut off on a
 * screen, or has never gone through the catalogue, can be seen then. What enters a sentence stays as it is.
 */
final class Pseudo
{
    private const PLAIN = 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ';

    private const ACCENTED = 'áƀçđéƒğĥíĵķļɱñóþɋŕšţúṽŵẋýžÁƁÇĐÉƑĞĤÍĴĶĻƜÑÓÞɊŔŠŢÚṼŴẊÝŽ';

    private const LONGER = 1 / 3;

    /** As long as a word: a line may break between. */
    private const WORD = 6;

    /** @param  string  $pattern  in ICU message format */
    public static function pattern(string $pattern): string
    {
        $said = '';
        $literal = '';
        for ($at = 0, $length = strlen($pattern); $at < $length; $at++) {
            if ($pattern[$at] !== '{') {
                $literal .= $pattern[$at];

                continue;
            }
            $end = self::close($pattern, $at);
            $said .= self::text($literal).'{'.self::argument(substr($pattern, $at + 1, $end - $at - 1)).'}';
            $literal = '';
            $at = $end;
        }

        return $said.self::text($literal);
    }

    public static function text(string $text): string
    {
        $letters = (int) preg_match_all('/[A-Za-z]/', $text);
        $accented = strtr($text, array_combine(mb_str_split(self::PLAIN), mb_str_split(self::ACCENTED)));

        return (string) preg_replace_callback(
            '/\s*$/D',
            static fn (array $space): string => trim(chunk_split(str_repeat('~', (int) ceil($letters * self::LONGER)), self::WORD, ' ')).
                $space[0],
            $accented,
            1,
        );
    }

    /** The inside of an argument: of a plural or a choice what is said in each case. */
    private static function argument(string $inside): string
    {
        $parts = explode(',', $inside, 3);
        if (! in_array(trim($parts[1] ?? ''), ['plural', 'select', 'selectordinal'], true)) {
            return $inside;
        }
        $choices = '';
        $rest = $parts[2] ?? '';
        for ($at = 0, $length = strlen($rest); $at < $length; $at++) {
            if ($rest[$at] === '{') {
                $end = self::close($rest, $at);
                $choices .= '{'.self::pattern(substr($rest, $at + 1, $end - $at - 1)).'}';
                $at = $end;
            } else {
                $choices .= $rest[$at];
            }
        }

        return "$parts[0],{$parts[1]},$choices";
    }

    private static function close(string $text, int $open): int
    {
        $depth = 0;
        for ($at = $open, $length = strlen($text); $at < $length; $at++) {
            $depth += match ($text[$at]) {
                '{' => 1,
                '}' => -1,
                default => 0,
            };
            if ($depth === 0) {
                return $at;
            }
        }

        return strlen($text);
    }
}
