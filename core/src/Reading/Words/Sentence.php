<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Words;

/** The tokens of one sentence, which of them are settled, and what stands before and behind each. */
final class Sentence
{
    /** Words that may stand between an amount and what it is an amount of. */
    public const REACH = 5;

    private const SOLUTION = '/^(?:solution|soluzione|solução|solucao|dilution|diluizione|diluição)$/iu';

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
            if ($token->text === '-') {
                $reach++;

                continue;
            }
            if ($token->text === '(') {
                // "1 tablespoon (15 mL) of soap": what stands in brackets is passed over.
                $from = $n = $this->closing($n);
            } elseif (
                ! ($token->text === ')' && $this->is($n + 1, TokenKind::Of)) &&
                ! $token->is(
                    TokenKind::Of,
                    TokenKind::Word,
                    TokenKind::Percent,
                    TokenKind::Strength,
                    TokenKind::Container,
                    TokenKind::Part,
                    TokenKind::Rate,
                    TokenKind::Each,
                    TokenKind::Stock,
                )
            ) {
                return null;
            }
        }

        return null;
    }

    /** What stands right before a number or an amount: "bleach 1 part", "garlic: 3 cloves". */
    public function rightBehind(int $n): ?int
    {
        $behind = in_array(($this->tokens[$n - 1] ?? null)?->text, [':', '-', '–', '='], true) ? $n - 2 : $n - 1;

        return $this->is($behind, TokenKind::Ingredient, TokenKind::Unnamed, TokenKind::Water) ? $behind : null;
    }

    /** "garlic, 3 cloves": what the unit names was named before. */
    public function namesBehind(int $n, string $ingredient): bool
    {
        $behind = $this->justBehind($n, true);

        return $behind !== null && $this->tokens[$behind]->value === $ingredient;
    }

    /** A percentage of a solution: "a 2 % solution of soap", "2 % soap solution", "soluzione al 2 % di sapone". */
    public function isSolution(int $n, int $what): bool
    {
        foreach ([$n - 2, $n - 1, $n + 1, $what - 1, $what + 1] as $place) {
            if (
                $this->is($place, TokenKind::Stock) &&
                preg_match(self::SOLUTION, $this->tokens[$place]->text) === 1
            ) {
                return true;
            }
        }

        return $this->is($n - 3, TokenKind::Stock) && $this->is($n - 2, TokenKind::Of, TokenKind::In, TokenKind::Per);
    }

    /** "20 g per 10 L of copper": what an amount is of that is said behind the volume it is for. */
    public function rateOf(int $n): ?int
    {
        $isRate = $this->is($n, TokenKind::Amount) && $this->is($n + 1, TokenKind::Per) && $this->is($n + 2, TokenKind::Amount)
            && $this->is($n + 3, TokenKind::Of);

        return $isRate && $this->is($n + 4, TokenKind::Ingredient, TokenKind::Unnamed) ? $n + 4 : null;
    }

    /** Whether what stands there has an amount right before it: "a litre of water". */
    public function hasAmount(int $n): bool
    {
        while ($this->is($n, TokenKind::Mark, TokenKind::Word) && $n > 0) {
            $n--;
        }

        return $this->is($n - 1, TokenKind::Amount) || ($this->is($n - 1, TokenKind::Of) && $this->is($n - 2, TokenKind::Amount));
    }

    /** "alcohol: 5 ml", "alcohol, 5 ml, oil": its amount stands behind it, and is no other's. */
    public function hasOwnBehind(int $n): bool
    {
        $isMarked =
            $this->is($n + 1, TokenKind::Comma) || in_array(($this->tokens[$n + 1] ?? null)?->text, [':', '-', '–', '=', '('], true);
        $amount = $isMarked ? $n + 2 : $n + 1;

        return $this->is($amount, TokenKind::Amount) &&
            $this->ahead($amount + 1, TokenKind::Ingredient, TokenKind::Unnamed, TokenKind::Water) === null;
    }

    /** The words from one place to another as one. */
    public function joined(int $first, int $last): Token
    {
        $words = array_map(static fn (Token $word): string => $word->text, array_slice($this->tokens, $first, $last - $first + 1));

        return Token::of(TokenKind::Word, implode(' ', $words), $this->tokens[$first]->start);
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

        return $n === null || (isset($this->used[$n]) && ! $this->isInBrackets($from)) ? null : $n;
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
                return isset($this->used[$m]) && ! $evenSettled && ! $this->tokens[$n]->is(TokenKind::Percent, TokenKind::Strength)
                    ? null
                    : $m;
            }
            if (
                ! $token->is(TokenKind::Mark, TokenKind::Word, TokenKind::Stock, TokenKind::Percent, TokenKind::Strength, TokenKind::Comma)
            ) {
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
        $stock = $this->is($n, TokenKind::Amount)
            ? $this->ahead($n + 1, TokenKind::Ingredient, TokenKind::Unnamed, TokenKind::Water, TokenKind::Stock)
            : null;

        return $stock !== null && $this->is($stock, TokenKind::Stock) ? $stock : null;
    }

    /** Nothing that an amount could belong to comes next. */
    public function isClosed(int $n): bool
    {
        return $this->ahead($n + 1, TokenKind::Ingredient, TokenKind::Unnamed) === null;
    }
}
