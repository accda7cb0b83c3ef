<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Words;

use Nebbia\Core\Measure\NumberParser;
use Nebbia\Core\Measure\NumberWords;

/** Reads what is measured: a number and its unit, a unit alone, spoons, pinches and a few. */
final readonly class AmountScanner
{
    public const RANGE = '\s*(?:-|–|—|\bto\b|\ba\b)\s*';

    public function __construct(private Lexicon $words) {}

    /** @param  bool  $isNumber  whether a number stands there */
    public function at(string $text, int $at, bool $isNumber): ?Token
    {
        return $this->unnumbered($text, $at) ?? ($isNumber || preg_match('/\G(?:a few|few|some|the)\s/iu', $text, $m, 0, $at) === 1
            ? $this->numbered($text, $at, $this->words->number)
            : null);
    }

    /** "per litre", "pinch of salt", "tbsp soap": a unit that no number stands before. */
    private function unnumbered(string $text, int $at): ?Token
    {
        $w = $this->words;
        if (preg_match("/\\G(?:{$w->per})\\s+(?:one\\s+|1\\s*)?({$w->unit})/iu", $text, $m, 0, $at) === 1) {
            return Token::of(TokenKind::Rate, $this->dotted($text, $at, $m[0]), $at, '1 '.$this->cleanUnit($m[1]));
        }
        if (preg_match("/\\G\\/\\s*({$w->unit})/iu", $text, $m, 0, $at) === 1) {
            return Token::of(TokenKind::Rate, $m[0], $at, '1 '.$this->cleanUnit($m[1]));
        }
        if (preg_match("/\\G(?:{$w->adjectives})(?:{$w->unit})/iu", $text, $m, 0, $at) !== 1) {
            return null;
        }
        // "pinch of salt": one of it; of a plural nobody knows how many.
        if (preg_match("/\\G({$w->unit}){$w->of}/iu", $text, $m, 0, $at) === 1 && ! str_ends_with(mb_strtolower($m[1]), 's')) {
            return Token::of(TokenKind::Amount, $m[1], $at, '1 '.$this->cleanUnit($m[1]));
        }
        // "gallon jug of water": one of it.
        if (preg_match("/\\G{$w->unit}(?={$w->container})/iu", $text, $m, 0, $at) === 1) {
            return Token::of(TokenKind::Amount, $m[0], $at, '1 '.$this->cleanUnit($m[0]));
        }
        // "tbsp soap", "whole head garlic": one of it, where an ingredient comes right behind.
        if (
            preg_match("/\\G(?:{$w->adjectives})({$w->unit})\\s+(?=(\\p{L}))/iu", $text, $m, 0, $at) === 1 &&
            ! str_ends_with(mb_strtolower($m[1]), 's') &&
            mb_strlen($m[1]) > 2 &&
            // Clove oil and bar soap are names.
            ! $this->startsIngredient($text, $at, mb_substr($m[0], 0, 1)) &&
            $this->startsIngredient($text, $at + strlen($m[0]), $m[2])
        ) {
            return Token::of(TokenKind::Amount, rtrim($m[0]), $at, '1 '.$this->cleanUnit($m[1]));
        }

        return null;
    }

    private function numbered(string $text, int $at, string $n): ?Token
    {
        $w = $this->words;
        $number = NumberParser::PATTERN;
        if (preg_match("/\\G$number\\s*[x×]\\s*$number\\s*(?:mg|g)(?![\\p{L}])/iu", $text, $m, 0, $at) === 1) {
            return Token::of(TokenKind::Amount, $m[0], $at, $m[0]);
        }
        $short = $this->short($text, $at, $number) ?? ($this->spoon($text, $at, $n) ?? $this->can($text, $at, $n));
        if ($short !== null) {
            return $short;
        }
        $article = '(?:the\s+(?:full|whole)\s+)';
        if (
            preg_match(
                "/\\G(?:(a few|few|some)\\s+|($n)(".self::RANGE."$n)?(?:\\s*|-)|($article))({$w->adjectives})({$w->unit})/iu",
                $text,
                $m,
                0,
                $at,
            ) !== 1
        ) {
            return null;
        }
        // "ago" is no measure, nor "al": a number in words has a space behind it.
        if (
            $m[2] !== '' &&
            $m[3] === '' &&
            preg_match('/\p{L}$/u', $m[2]) === 1 &&
            preg_match('/\G\p{L}/u', $text, $letter, 0, $at + strlen($m[2])) === 1
        ) {
            return null;
        }
        $count = match (true) {
            $m[1] !== '' => 'a few',
            $m[4] !== '' => '1',
            default => self::digits($m[2]).
                ($m[3] === '' ? '' : '-'.self::digits((string) preg_replace('/^'.self::RANGE.'/iu', '', $m[3]))),
        };

        $unit = $this->unitWithSize($m[5], $m[6]);
        if (preg_match('/^(?:m[lg]|g)$/i', $unit) === 1) {
            // Nobody measures thousandths of a millilitre: "1.000 ml" is a thousand.
            $count = (string) preg_replace(Scanner::THOUSANDS, '$1$2', $count);
        }
        [$found, $count] = $this->andHalf($text, $at, $m[0], $count);
        // "uma colher de sopa bem cheia": how full stands behind.
        $isHeaped = preg_match("/{$w->heaped}/iu", $m[5]) === 1;
        if (preg_match("/\\G\\s+(?:bem\\s+)?{$w->heaped}/iu", $text, $behind, 0, $at + strlen($found)) === 1) {
            $found .= $behind[0];
            $isHeaped = true;
        }
        // Bottles are sold by the fluid ounce: nobody means their weight.
        $isBottle = preg_match('/^(?:oz|ounces?)$/i', $unit) === 1 && self::match($w->container, $text, $at + strlen($m[0])) !== null;

        return Token::of(
            TokenKind::Amount,
            $this->dotted($text, $at, $found),
            $at,
            "$count ".($isBottle ? 'fl oz' : $unit),
            $isHeaped ? 'heaped' : null,
        );
    }

    private function startsIngredient(string $text, int $at, string $letter): bool
    {
        foreach (['ingredient', 'unnamed'] as $group) {
            $pattern = $this->words->pattern($group, $letter);
            if ($pattern !== null && self::match($pattern, $text, $at) !== null) {
                return true;
            }
        }

        return false;
    }

    /** "1T", "2 t": a capital is a tablespoon; "1/2 c milk" is a cup where something comes behind it, and "8 C" by itself is not warm. */
    private function short(string $text, int $at, string $n): ?Token
    {
        $cup = "/\\G($n)\\s*c\\.?(?![\\p{L}\\p{N}'’])\\s*(?:of\\s+)?(?:(?:warm|hot|cold|boiling|plain|cool)\\s+)?(?=(\\p{L}))/iu";
        if (preg_match($cup, $text, $m, 0, $at) === 1
            && (preg_match('/[\/½¼¾⅓⅔]/u', $m[1]) === 1 || $this->startsIngredient($text, $at + strlen($m[0]), $m[2]))) {
            $found = (string) preg_replace('/(?<=c|c\.)\s.*$/isu', '', $m[0].' ');

            return Token::of(TokenKind::Amount, $found, $at, self::digits($m[1]).' cup');
        }

        return preg_match("/\\G($n)\\s*((?-i:[Tt]))(?:\\.(?=\\s+\\p{Ll}))?(?![\\p{L}\\p{N}'’])/iu", $text, $m, 0, $at) === 1
            ? Token::of(TokenKind::Amount, $m[0], $at, self::digits($m[1]).($m[2] === 'T' ? ' tbsp' : ' tsp'))
            : null;
    }

    /** "a spoon of soap", "una colher": some spoon, taken for a tablespoon. "uma colher e meia de sopa" says which, further on. */
    private function spoon(string $text, int $at, string $n): ?Token
    {
        $w = $this->words;
        $parts = NumberWords::parts();
        if (
            preg_match(
                "/\\G($n)\\s+(colher|colheres)\\s+e\\s+($parts)\\s+\\(?(de\\s+(?:sopa|chá|cha|café|sobremesa))(?!\\p{L})\\)?/iu",
                $text,
                $m,
                0,
                $at,
            ) === 1
        ) {
            $count = NumberParser::parse($m[1])->plus(NumberParser::parse($m[3]));

            return Token::of(TokenKind::Amount, $m[0], $at, $count.' '.mb_strtolower("colher $m[4]"));
        }
        // "duas colheres de café moído": of ground coffee, with some spoon.
        if (preg_match("/\\G($n)\\s*{$w->spoon}(?=\\s+de\\s+café\\s+(?:moído|moido|em pó|usado))/iu", $text, $m, 0, $at) === 1) {
            return Token::of(TokenKind::Amount, $m[0], $at, self::digits($m[1]).' tbsp', 'which-spoon');
        }
        if (
            preg_match("/\\G($n)(".self::RANGE."$n)?(?:\\s*|-){$w->adjectives}($w->unit)/iu", $text, $m, 0, $at) === 1 &&
            preg_match("/^{$w->spoon}$/iu", $m[3]) !== 1
        ) {
            return null;
        }
        if (preg_match("/\\G($n)\\s*({$w->adjectives}){$w->spoon}/iu", $text, $m, 0, $at) !== 1) {
            return null;
        }
        [$found, $count] = $this->andHalf($text, $at, $m[0], self::digits($m[1]));

        return Token::of(TokenKind::Amount, $found, $at, "$count tbsp", 'which-spoon');
    }

    private function can(string $text, int $at, string $n): ?Token
    {
        return preg_match("/\\G($n)\\s*{$this->words->can}/iu", $text, $m, 0, $at) === 1
            ? Token::of(TokenKind::Amount, $m[0], $at, self::digits($m[1]).' drinks can')
            : null;
    }

    /**
     * "a pint and a half", "due litri e mezzo": what is said behind the unit belongs to its number.
     *
     * @return array{string, string} the words and the number with it
     */
    private function andHalf(string $text, int $at, string $found, string $count): array
    {
        $parts = NumberWords::parts();
        $end = $at + strlen($found);
        if (
            str_contains($count, '-') ||
            str_contains($count, 'few') ||
            preg_match(
                "/\\G\\s+(?:and|e|&)\\s+($parts)(?![\\p{L}\\p{N}])".
                    "(?!\\s*(?:{$this->words->adjectives})(?:{$this->words->unit}|{$this->words->spoon}))/iu",
                $text,
                $m,
                0,
                $end,
            ) !== 1
        ) {
            return [$found, $count];
        }

        return [$found.$m[0], (string) NumberParser::parse($count)->plus(NumberParser::parse($m[1]))];
    }

    /** A dot behind a short unit belongs to it where the sentence goes on; behind "ml" or a whole word it ends one, unless "of" follows. */
    private function dotted(string $text, int $at, string $found): string
    {
        $isShort = preg_match('/(?<!\p{L})(?:tsps?|tbsps?|tbs|tblsp|oz|lbs?|gals?|qts?|pts?|c|fl|pkt|approx)$/iu', $found) === 1;
        $goesOn = $isShort ? '(?=\s+\p{Ll})' : $this->words->of;

        return $found.(preg_match("/\\G\\.$goesOn/u", $text, $m, 0, $at + strlen($found)) === 1 ? '.' : '');
    }

    /** "large onions" are another unit than onions; a level spoon is a spoon. */
    private function unitWithSize(string $adjectives, string $unit): string
    {
        return (preg_match('/\b(small|large)\b/iu', $adjectives, $m) === 1 && preg_match('/onion/iu', $unit) === 1
            ? mb_strtolower($m[1]).' '
            : '').$this->cleanUnit($unit);
    }

    private function cleanUnit(string $unit): string
    {
        return trim((string) preg_replace(['/(spoon|cup)fuls?$/iu', '/[\s\-]+/u'], ['$1', ' '], $unit));
    }

    /** As the amount parser reads it: number words are worked out. */
    public static function digits(string $number): string
    {
        return preg_match('/\p{L}/u', $number) === 1 ? (string) NumberParser::parse($number) : trim($number);
    }

    public static function match(string $pattern, string $text, int $at): ?string
    {
        return preg_match("/\\G$pattern/iu", $text, $m, 0, $at) === 1 ? $m[0] : null;
    }
}
