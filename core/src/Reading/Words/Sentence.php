<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Words;

/** The tokens of one sentence, which of them are settled, and what stands before and behind each. */
final class Sentence
{
    /** Words that may stand between an amount and what it is an amount of. */
    public const REACH = 4;

    /** @var array<int, true> places that are settled */
    private array $used = [];

    /** @param  list<Token>  $tokens */
    public function __construct(public readonly array $tokens) {}

    public function settle(int ...$places): void
    {
        foreach ($places as $place) {
            $this->used[$place] = true;
        }
    }

    public function isSettled(int $place): bool
    {
        return isset($this->used[$place]);
    }

    public function at(int $place): ?Token
    {
        return $this->tokens[$place] ?? null;
    }

    public function is(int $place, TokenKind ...$kinds): bool
    {
        return isset($this->tokens[$place]) && $this->tokens[$place]->is(...$kinds);
    }

    /** The first of these kinds from a place on, with nothing but words, strengths and links of possession between. */
    public function ahead(int $from, TokenKind ...$kinds): ?int
    {
        $reach = self::REACH;
        for ($n = $from; $n < $from + $reach && isset($this->tokens[$n]); $n++) {
            $token = $this->tokens[$n];
            if ($token->is(...$kinds)) {
                return $n;
            }
            if ($token->text === '(') {
                // "1 tablespoon (15 mL) of soap": what stands in brackets is passed over.
                $from = $n = $this->closing($n);
            } elseif (! in_array($token->text, [')', '-'], true) && ! $token->is(TokenKind::Of, TokenKind::Word, TokenKind::Percent, TokenKind::Strength, TokenKind::Container, TokenKind::Part, TokenKind::Rate, TokenKind::Each, TokenKind::Stock)) {
                return null;
            }
        }

        return null;
    }

    private function closing(int $n): int
    {
        for ($m = $n + 1; isset($this->tokens[$m]); $m++) {
            if ($this->tokens[$m]->text === ')') {
                return $m;
            }
        }

        return $n;
    }

    /** As ahead(), but not what already has its amount. */
    public function freeAhead(int $from, TokenKind ...$kinds): ?int
    {
        $n = $this->ahead($from, ...$kinds);

        return $n === null || isset($this->used[$n]) && ! $this->isInBrackets($from) ? null : $n;
    }

    private function isInBrackets(int $n): bool
    {
        return ($this->tokens[$n] ?? null)?->text === ')';
    }

    /** An ingredient right before, as in "neem oil (1 tsp)" and "soap: 2 tbsp", that has no amount yet. */
    public function justBehind(int $n, bool $evenSettled = false): ?int
    {
        for ($m = $n - 1; $m >= 0 && $m >= $n - self::REACH; $m--) {
            $token = $this->tokens[$m];
            if ($token->is(TokenKind::Ingredient, TokenKind::Unnamed)) {
                return isset($this->used[$m]) && ! $evenSettled && ! $this->tokens[$n]->is(TokenKind::Percent, TokenKind::Strength) ? null : $m;
            }
            if (! $token->is(TokenKind::Mark, TokenKind::Word, TokenKind::Stock, TokenKind::Percent, TokenKind::Strength, TokenKind::Comma)) {
                return null;
            }
        }

        return null;
    }

    public function anyBehind(int $n): ?int
    {
        for ($m = $n - 1; $m >= 0; $m--) {
            if ($this->tokens[$m]->is(TokenKind::Ingredient, TokenKind::Unnamed)) {
                return $m;
            }
        }

        return null;
    }

    /** The token before, past marks and plain words. */
    public function behind(int $n, int $nth = 1): ?Token
    {
        for ($m = $n - 1; $m >= 0; $m--) {
            if (! $this->tokens[$m]->is(TokenKind::Mark, TokenKind::Word, TokenKind::Stock) && --$nth === 0) {
                return $this->tokens[$m];
            }
        }

        return null;
    }

    public function near(int $n, TokenKind $kind): bool
    {
        for ($m = $n + 1; $m <= $n + 2; $m++) {
            if (($this->tokens[$m] ?? null)?->is($kind)) {
                return true;
            }
        }

        return false;
    }

    /** Where an amount of what was made before is spoken of: "2 tsp of this mix". */
    public function stockOf(int $n): ?int
    {
        $stock = $this->is($n, TokenKind::Amount) ? $this->ahead($n + 1, TokenKind::Ingredient, TokenKind::Unnamed, TokenKind::Water, TokenKind::Stock) : null;

        return $stock !== null && $this->is($stock, TokenKind::Stock) ? $stock : null;
    }

    /** Nothing that an amount could belong to comes next. */
    public function isClosed(int $n): bool
    {
        return $this->ahead($n + 1, TokenKind::Ingredient, TokenKind::Unnamed) === null;
    }
}
