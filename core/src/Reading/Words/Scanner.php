<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Words;

use Nebbia\Core\Measure\NumberParser;
use Nebbia\Core\Reading\Often\PaceReader;

/** Cuts a paragraph into tokens: what is an amount, an ingredient, a link, a sentence's end. */
final readonly class Scanner
{
    /** A number whose dot may part thousands. */
    public const THOUSANDS = '/(?<![\d.,])([1-9]\d{0,2})\.(\d{3})(?![\d.,])/';

    private AmountScanner $amounts;

    public function __construct(private Lexicon $words, private PaceReader $paces)
    {
        $this->amounts = new AmountScanner($words);
    }

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
            $token = $this->measured($text, $at) ?? ($this->phrase($text, $at) ?? $this->rest($text, $at));
            $tokens[] = $token;
            $at = $token->end();
        }

        return $tokens;
    }

    private function measured(string $text, int $at): ?Token
    {
        $w = $this->words;
        $n = $w->number;
        $pace = $this->paces->at($text, $at);
        if ($pace !== null) {
            [$found, $how] = $pace;

            return Token::of($how->isRange ? TokenKind::RepeatRange : TokenKind::Repeat, $found, $at, (string) $how->days);
        }
        // Most words begin none of these: they are not tried one by one.
        $isNumber = preg_match("/\\G$n/iu", $text, $m, 0, $at) === 1;
        $letter = strtolower($text[$at]);
        if (! $isNumber && ! str_contains('fpd', $letter)) {
            return $this->amounts->at($text, $at, false);
        }
        if (preg_match("/\\G{$w->times}/iu", $text, $m, 0, $at) === 1) {
            $times = NumberParser::parse($m[1])->toFloat();
            if ($times === floor($times) && $times >= 1.0) {
                return Token::of(TokenKind::Times, $m[0], $at, (string) (int) $times);
            }
        }
        if (preg_match("/\\G{$w->duration}/iu", $text, $m, 0, $at) === 1) {
            $days = $m[2] === '' ? $w->daysIn($m[3]) : null;

            return Token::of(
                TokenKind::Duration,
                $m[0],
                $at,
                $days === null ? '' : (string) ($days * NumberParser::parse($m[1])->toFloat()),
            );
        }
        if (! $isNumber) {
            return $this->amounts->at($text, $at, false);
        }
        if (preg_match("/\\G{$w->ratio}/iu", $text, $m, 0, $at) === 1 || preg_match("/\\G{$w->thinnedOn}/iu", $text, $m, 0, $at) === 1) {
            return Token::of(TokenKind::Ratio, $m[0], $at, '1:'.NumberParser::parse($m[1]));
        }
        $number = NumberParser::PATTERN;
        if (
            preg_match("/\\G$number\\s*:\\s*$number(?:-$number)?(?![\\p{L}\\p{N}:])(?!\\s*{$w->unit})/iu", $text, $m, 0, $at) === 1 ||
            preg_match("/\\G$n(?:\\s+parts?)? in $number(?!\\s*{$w->unit})(?![\\p{L}\\p{N}])/iu", $text, $m, 0, $at) === 1
        ) {
            return Token::of(TokenKind::Ratio, $m[0], $at, str_ireplace(['one ', 'a '], '1 ', $m[0]));
        }
        if (
            preg_match(
                "/\\G($number)(".
                    AmountScanner::RANGE.
                    "$number)?\\s*(?:%|percent\\b|per cent\\b|por cento\\b|per cento\\b)(?:\\s*(?:w\\/v|v\\/v|w\\/w|acidity|purity))?/iu",
                $text,
                $m,
                0,
                $at,
            ) === 1
        ) {
            return Token::of(TokenKind::Percent, $m[0], $at, $m[0]);
        }
        if (preg_match("/\\G$number\\s*{$w->strengths}/iu", $text, $m, 0, $at) === 1) {
            return Token::of(TokenKind::Strength, $m[0], $at, (string) preg_replace('/volumi/iu', 'volumes', $m[0]));
        }

        return $this->amounts->at($text, $at, true);
    }

    private function phrase(string $text, int $at): ?Token
    {
        $w = $this->words;
        $matches = [];
        $letter = mb_substr(mb_strcut($text, $at, 4), 0, 1);
        foreach (array_keys($w->phrases) as $group) {
            $pattern = $w->pattern($group, $letter);
            $found = $pattern === null ? null : AmountScanner::match($pattern, $text, $at);
            if ($found !== null) {
                $matches[] = [strlen($found), $group, $found];
            }
        }
        // The longest phrase is meant: "water the plants" is no water. The sort is stable, so that ties keep the lexicon's order.
        usort($matches, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        foreach ($matches as [, $group, $found]) {
            $token = match ($group) {
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
            return Token::of(TokenKind::Number, $m[0], $at, AmountScanner::digits($m[0]));
        }
        // "l'oidio", "dell'aglio": the article stands for itself.
        if (preg_match("/\\G(?:l|un|dell|all|dall|nell|sull|quest)['’](?=\\p{L})/iu", $text, $m, 0, $at) === 1) {
            return Token::of(TokenKind::Word, $m[0], $at);
        }
        if (preg_match("/\\G[\\p{L}\\p{N}]+(?:['’][\\p{L}]+)*(?:-{$this->words->manner})?/iu", $text, $m, 0, $at) === 1) {
            return Token::of(TokenKind::Word, $m[0], $at);
        }
        preg_match('/\G./us', $text, $m, 0, $at);
        $mark = $m[0] ?? $text[$at];

        return Token::of(
            match ($mark) {
                '.', ';', '!', '?', "\n" => TokenKind::Stop,
                ',' => TokenKind::Comma,
                default => TokenKind::Mark,
            },
            $mark,
            $at,
        );
    }
}
