<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Label;

/** Cuts a list of contents at its commas, semicolons, headings ("Ingredients: …"), dots and ends of sentences, but not inside numbers. */
final class Segments
{
    private const CUT = '/((?<!\d),|,(?!\d)|[;•·|*]|\((?:and|e|und|et|y)\)|(?<=[\p{L}%)])\.(?=\s+[\p{L}\d<>≤≥]|\s*$)'
        .'|(?<=\p{L}):(?=\s*\p{L})|\R{2,})/u';

    /** @return list<array{string, int, bool}> pieces, the bytes at which they begin, and whether a sentence or a semicolon ended before */
    public static function of(string $text): array
    {
        $pieces = [];
        $ended = true;
        foreach (preg_split(self::CUT, $text, -1, PREG_SPLIT_OFFSET_CAPTURE | PREG_SPLIT_DELIM_CAPTURE) ?: [] as $n => [$piece, $at]) {
            if ($n % 2 === 1) {
                $ended = $piece !== ',';
            } elseif (trim($piece) !== '') {
                $pieces[] = [$piece, $at, $ended];
            }
        }

        return $pieces;
    }
}
