<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Draft;

use Nebbia\Core\Measure\NumberParser;
use Nebbia\Core\Reading\Words\Sentence;
use Nebbia\Core\Reading\Words\Token;
use Nebbia\Core\Reading\Words\TokenKind;

/** Amounts that are said as parts: "one part milk to nine of water", "40 % milk, 60 % water", "half and half". */
final readonly class PartsReader
{
    public function __construct(
        private Draft $draft,
        private Sentence $at,
        /** Of the sentence in the paragraph. */
        private int $number,
    ) {}

    /** "one part milk to nine parts water", "half and half with water". */
    public function read(): void
    {
        $found = [];
        foreach ($this->at->tokens as $n => $token) {
            if ($token->is(TokenKind::Number) && $this->at->is($n + 1, TokenKind::Part)) {
                $what = $this->at->ahead($n + 2, TokenKind::Ingredient, TokenKind::Unnamed, TokenKind::Water) ?? $this->at->rightBehind($n);
                if ($what !== null) {
                    $found[] = [$n, $what, $token];
                }
            } elseif ($found !== [] && $token->is(TokenKind::Number)) {
                // "To nine of water": parts again.
                $what = $this->at->is($n + 1, TokenKind::Of) ? $n + 2 : $n + 1;
                $isNamed = $this->at->is($what, TokenKind::Water, TokenKind::Ingredient, TokenKind::Unnamed);
                $found = $isNamed ? [...$found, [$n, $what, $token]] : $found;
            }
            if ($token->is(TokenKind::Half)) {
                $this->half($n, $token);
            }
        }
        $water = null;
        foreach ($found as [, $what, $number]) {
            $water = $this->at->is($what, TokenKind::Water) ? $number->value : $water;
        }
        $found = $found === [] ? $this->percentParts() : $found;
        $water = $this->waterOf($found) ?? $water;
        foreach ($found as [$n, $what, $number]) {
            $this->at->settle($n, $what);
            if ($this->at->is($n + 1, TokenKind::Part)) {
                $this->at->settle($n + 1);
            }
            if ($this->at->is($what, TokenKind::Water)) {
                $this->draft->counts[] = $number;
            }
            if ($water !== null && ! $this->at->is($what, TokenKind::Water)) {
                $entry = $this->draft->entryFor($this->at->tokens[$what], $this->number);
                $entry->amount = $this->ratioOf($number->value, $water);
                $entry->amountToken = $number;
            }
        }
    }

    /** @param  list<array{int, int, Token}>  $found */
    private function waterOf(array $found): ?string
    {
        foreach ($found as [, $what, $number]) {
            if ($this->at->is($what, TokenKind::Water)) {
                return $number->value;
            }
        }

        return null;
    }

    /**
     * "40 % milk, 60 % water": parts of a whole, where they make one.
     *
     * @return list<array{int, int, Token}> where the number stands, where what it is of, and the number
     */
    private function percentParts(): array
    {
        $found = [];
        $sum = 0.0;
        foreach ($this->at->tokens as $n => $token) {
            $what = $token->is(TokenKind::Percent) && preg_match('/^(\d+(?:[.,]\d+)?)\s*\D*$/u', $token->value, $m) === 1
                ? $this->at->ahead($n + 1, TokenKind::Ingredient, TokenKind::Unnamed, TokenKind::Water)
                : null;
            if ($what !== null && isset($m[1])) {
                $sum += (float) str_replace(',', '.', $m[1]);
                $found[] = [$n, $what, Token::of(TokenKind::Number, $token->text, $token->start, $m[1])];
            }
        }

        return abs($sum - 100.0) < 1e-6 && count($found) === 2 && $this->waterOf($found) !== null ? $found : [];
    }

    private function half(int $n, Token $token): void
    {
        foreach ($this->at->tokens as $m => $other) {
            $hasOwn =
                $this->at->is($m - 1, TokenKind::Amount) ||
                ($this->at->is($m - 1, TokenKind::Of) && $this->at->is($m - 2, TokenKind::Amount));
            if (! $hasOwn && ! $this->at->isSettled($m) && $other->is(TokenKind::Ingredient, TokenKind::Unnamed)) {
                $entry = $this->draft->entryFor($this->at->tokens[$m], $this->number);
                $entry->amount = '1:1';
                $entry->amountToken = $token;
                $this->at->settle($n, $m);

                return;
            }
        }
    }

    /** Number words to a ratio that the amount parser reads. */
    private function ratioOf(string $part, string $parts): string
    {
        $plain = static fn (string $text): string => (string) NumberParser::parse($text);

        return $plain($part).':'.$plain($parts);
    }
}
