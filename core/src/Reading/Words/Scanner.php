<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Words;

use Nebbia\Core\Measure\NumberParser;

/** Cuts a paragraph into tokens: what is an amount, an ingredient, a link, a sentence's end. */
final readonly class Scanner
{
    private const RANGE = '\s*(?:-|–|—|\bto\b|\ba\b)\s*';

    /** A number whose dot may part thousands. */
    public const THOUSANDS = '/(?<![\d.,])([1-9]\d{0,2})\.(\d{3})(?![\d.,])/';

    public function __construct(private Lexicon $words) {}

    /** @return list<Token> */
    public function scan(string $text): array
    {
        $tokens = [];
        $length = strlen($text);
        for ($at = 0; $at < $length;) {
            if (preg_match('/\G[^\S\n]+/u', $text, $m, 0, $at) === 1) {
                $at += strlen($m[0]);

                continue;
            }
            $token = $this->measured($text, $at) ?? $this->phrase($text, $at) ?? $this->rest($text, $at);
            $tokens[] = $token;
            $at = $token->end();
        }

        return $tokens;
    }

    private function measured(string $text, int $at): ?Token
    {
        $w = $this->words;
        $n = $w->number;
        if (preg_match("/\\G{$w->every}/iu", $text, $m, 0, $at) === 1) {
            $days = NumberParser::parse($m[1])->toFloat() * (($m[4] ?? '') !== '' ? 7 : 1);

            return Token::of(TokenKind::Repeat, $m[0], $at, $m[2] === '' && $days === floor($days) && $days >= 1.0 ? (string) (int) $days : 'odd');
        }
        if (preg_match("/\\G{$w->times}/iu", $text, $m, 0, $at) === 1) {
            $times = NumberParser::parse($m[1])->toFloat();
            if ($times === floor($times) && $times >= 1.0 && $this->match($w->phrases['repeat'], $text, $at) === null) {
                return Token::of(TokenKind::Times, $m[0], $at, (string) (int) $times);
            }
        }
        if (preg_match("/\\G{$w->duration}/iu", $text, $m, 0, $at) === 1) {
            $days = $m[2] === '' ? $w->daysIn($m[3]) : null;

            return Token::of(TokenKind::Duration, $m[0], $at, $days === null ? '' : (string) ($days * NumberParser::parse($m[1])->toFloat()));
        }
        if (preg_match("/\\G{$w->ratio}/iu", $text, $m, 0, $at) === 1) {
            return Token::of(TokenKind::Ratio, $m[0], $at, '1:'.NumberParser::parse($m[1]));
        }
        $number = NumberParser::PATTERN;
        if (preg_match("/\\G$number\\s*:\\s*$number(?:-$number)?(?![\\p{L}\\p{N}:])/iu", $text, $m, 0, $at) === 1
            || preg_match("/\\G$n(?:\\s+parts?)? in $number(?!\\s*{$w->unit})(?![\\p{L}\\p{N}])/iu", $text, $m, 0, $at) === 1) {
            return Token::of(TokenKind::Ratio, $m[0], $at, str_ireplace(['one ', 'a '], '1 ', $m[0]));
        }
        if (preg_match("/\\G($number)(".self::RANGE."$number)?\\s*(?:%|percent\\b|per cent\\b|por cento\\b|per cento\\b)(?:\\s*(?:w\\/v|v\\/v|w\\/w|acidity|purity))?/iu", $text, $m, 0, $at) === 1) {
            return Token::of(TokenKind::Percent, $m[0], $at, $m[0]);
        }
        if (preg_match("/\\G$number\\s*{$w->strengths}/iu", $text, $m, 0, $at) === 1) {
            return Token::of(TokenKind::Strength, $m[0], $at, (string) preg_replace('/volumi/iu', 'volumes', $m[0]));
        }

        return $this->amount($text, $at, $n);
    }

    private function amount(string $text, int $at, string $n): ?Token
    {
        $w = $this->words;
        $number = NumberParser::PATTERN;
        if (preg_match("/\\G$number\\s*[x×]\\s*$number\\s*(?:mg|g)(?![\\p{L}])/iu", $text, $m, 0, $at) === 1) {
            return Token::of(TokenKind::Amount, $m[0], $at, $m[0]);
        }
        if (preg_match("/\\G(?:{$w->per})\\s+(?:one\\s+|1\\s*)?({$w->unit})/iu", $text, $m, 0, $at) === 1) {
            return Token::of(TokenKind::Rate, $this->dotted($text, $at, $m[0]), $at, '1 '.$this->cleanUnit($m[1]));
        }
        if (preg_match("/\\G\\/\\s*({$w->unit})/iu", $text, $m, 0, $at) === 1) {
            return Token::of(TokenKind::Rate, $m[0], $at, '1 '.$this->cleanUnit($m[1]));
        }
        // "pinch of salt": one of it; of a plural nobody knows how many.
        if (preg_match("/\\G({$w->unit}){$w->of}/iu", $text, $m, 0, $at) === 1 && ! str_ends_with(mb_strtolower($m[1]), 's')) {
            return Token::of(TokenKind::Amount, $m[1], $at, '1 '.$this->cleanUnit($m[1]));
        }
        $article = '(?:the\s+(?:full|whole)\s+)';
        if (preg_match("/\\G(?:(a few|few|some)\\s+|($n)(".self::RANGE."$n)?(?:\\s*|-)|($article))({$w->adjectives})({$w->unit})/iu", $text, $m, 0, $at) !== 1) {
            return null;
        }
        $count = match (true) {
            $m[1] !== '' => 'a few',
            $m[4] !== '' => '1',
            default => $this->digits($m[2]).($m[3] === '' ? '' : '-'.$this->digits((string) preg_replace('/^'.self::RANGE.'/iu', '', $m[3]))),
        };

        $unit = $this->unitWithSize($m[5], $m[6]);
        if (preg_match('/^(?:m[lg]|g)$/i', $unit) === 1) {
            // Nobody measures thousandths of a millilitre: "1.000 ml" is a thousand.
            $count = (string) preg_replace(self::THOUSANDS, '$1$2', $count);
        }
        // Bottles are sold by the fluid ounce: nobody means their weight.
        $isBottle = preg_match('/^(?:oz|ounces?)$/i', $unit) === 1 && $this->match($w->container, $text, $at + strlen($m[0])) !== null;

        return Token::of(TokenKind::Amount, $this->dotted($text, $at, $m[0]), $at, "$count ".($isBottle ? 'fl oz' : $unit), preg_match("/{$w->heaped}/iu", $m[5]) === 1);
    }

    /** A dot behind a unit belongs to it where the sentence goes on. */
    private function dotted(string $text, int $at, string $found): string
    {
        return $found.(preg_match('/\G\.(?=\s+\p{Ll})/u', $text, $m, 0, $at + strlen($found)) === 1 ? '.' : '');
    }

    private function phrase(string $text, int $at): ?Token
    {
        $w = $this->words;
        $matches = [];
        foreach ($w->phrases as $group => $pattern) {
            $found = $this->match($pattern, $text, $at);
            if ($found !== null) {
                $matches[] = [strlen($found), $group, $found];
            }
        }
        // The longest phrase is meant: "water the plants" is no water. The sort is stable, so that ties keep the lexicon's order.
        usort($matches, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        foreach ($matches as [, $group, $found]) {
            $token = match ($group) {
                'repeat' => Token::of(TokenKind::Repeat, $found, $at, $w->meaning('repeats', $found)),
                'ingredient' => $this->ingredient($found, $at),
                'unnamed' => Token::of(TokenKind::Unnamed, $found, $at, $w->meaning('unnamed', $found)),
                'target' => Token::of(TokenKind::Target, $found, $at, $w->target($found) ?? ''),
                'use' => Token::of(TokenKind::Use, $found, $at, $w->meaning('uses', $found)),
                'once' => Token::of(TokenKind::Times, $found, $at, '1'),
                'half' => Token::of(TokenKind::Half, $found, $at, '1:1'),
                'final' => Token::of(TokenKind::Final, $found, $at),
                'part' => Token::of(TokenKind::Part, $found, $at),
                'containers' => Token::of(TokenKind::Container, $found, $at, $w->meaning('containers', $found)),
                'spells' => Token::of(TokenKind::Duration, $found, $at),
                'stocks' => Token::of(TokenKind::Stock, $found, $at),
                'each' => Token::of(TokenKind::Each, $found, $at),
                'stirred' => Token::of(TokenKind::Stirred, $found, $at),
                'not' => Token::of(TokenKind::Not, $found, $at),
                'per' => Token::of(TokenKind::Per, $found, $at),
                'and' => Token::of(TokenKind::And, $found, $at),
                'of' => Token::of(TokenKind::Of, $found, $at),
                default => Token::of(TokenKind::In, $found, $at),
            };
            if ($token !== null) {
                return $token;
            }
        }

        return null;
    }

    private function ingredient(string $found, int $at): ?Token
    {
        $id = $this->words->ingredient($found);

        return match ($id) {
            null => null,
            'water' => Token::of(TokenKind::Water, $found, $at),
            default => Token::of(TokenKind::Ingredient, $found, $at, $id),
        };
    }

    private function rest(string $text, int $at): Token
    {
        if (preg_match("/\\G{$this->words->number}(?![\\p{L}\\p{N}])/iu", $text, $m, 0, $at) === 1) {
            return Token::of(TokenKind::Number, $m[0], $at, $this->digits($m[0]));
        }
        if (preg_match("/\\G[\\p{L}\\p{N}]+(?:['’][\\p{L}]+)*(?:-{$this->words->manner})?/iu", $text, $m, 0, $at) === 1) {
            return Token::of(TokenKind::Word, $m[0], $at);
        }
        preg_match('/\G./us', $text, $m, 0, $at);
        $mark = $m[0] ?? $text[$at];

        return Token::of(match ($mark) {
            '.', ';', '!', '?', "\n" => TokenKind::Stop,
            ',' => TokenKind::Comma,
            default => TokenKind::Mark,
        }, $mark, $at);
    }

    private function match(string $pattern, string $text, int $at): ?string
    {
        return preg_match("/\\G$pattern/iu", $text, $m, 0, $at) === 1 ? $m[0] : null;
    }

    /** As the amount parser reads it: its number words come without those that the unit makes plain. */
    private function digits(string $number): string
    {
        return trim($number);
    }

    /** "large onions" are another unit than onions; a level spoon is a spoon. */
    private function unitWithSize(string $adjectives, string $unit): string
    {
        return (preg_match('/\b(small|large)\b/iu', $adjectives, $m) === 1 && preg_match('/onion/iu', $unit) === 1 ? mb_strtolower($m[1]).' ' : '').$this->cleanUnit($unit);
    }

    private function cleanUnit(string $unit): string
    {
        return trim((string) preg_replace(['/(spoon|cup)fuls?$/iu', '/[\s\-]+/u'], ['$1', ' '], $unit));
    }
}
