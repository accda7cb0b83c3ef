<?php

declare(strict_types=1);

namespace App\Find\Queries;

use Illuminate\Support\Str;

/** The runs of words within a sentence, of three at the most, the longest first. */
final class Phrases
{
    private const MOST = 3;

    /** @return list<string> */
    public static function of(string $sentence): array
    {
        $words = preg_split('/[^\p{L}\p{N}\'-]+/u', Str::lower(mb_scrub($sentence)), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $phrases = [];
        for ($length = min(self::MOST, count($words)); $length > 0; $length--) {
            for ($at = 0; $at + $length <= count($words); $at++) {
                $phrases[] = implode(' ', array_slice($words, $at, $length));
            }
        }

        return array_values(array_unique($phrases));
    }
}
