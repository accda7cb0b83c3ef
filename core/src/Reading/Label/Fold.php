<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Label;

use Normalizer;

/** Names without what typists vary: capitals, accents, hyphens, apostrophes, two spellings of sulfur. */
final class Fold
{
    public static function name(string $text): string
    {
        $text = mb_strtolower($text);
        $plain = Normalizer::normalize(str_replace('ß', 'ss', $text), Normalizer::FORM_D);
        $plain = (string) preg_replace('/\p{Mn}+/u', '', $plain === false ? $text : $plain);
        $plain = str_replace('sulph', 'sulf', $plain);

        return trim((string) preg_replace('/[^\p{L}\p{N}]+/u', ' ', $plain));
    }
}
