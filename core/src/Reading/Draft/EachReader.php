<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Draft;

use Nebbia\Core\Reading\Words\Sentence;
use Nebbia\Core\Reading\Words\Token;
use Nebbia\Core\Reading\Words\TokenKind;
use Nebbia\Core\Substance\Ingredients;

/** "2 tbsp each of baking soda and oil", "soda and oil, 2 tbsp each": one amount that is said of several things. */
final readonly class EachReader
{
    private const BETWEEN = [
        TokenKind::Comma,
        TokenKind::And,
        TokenKind::Of,
        TokenKind::Mark,
        TokenKind::Word,
        TokenKind::Percent,
        TokenKind::Strength,
    ];

    public function __construct(
        private Ingredients $ingredients,
        private Draft $draft,
        private Sentence $sentence,
        /** Of the sentence in the paragraph. */
        private int $number,
    ) {}

    public function read(int $n, Token $token): void
    {
        $amount = $this->sentence->at($n - 1);
        if (! $token->is(TokenKind::Each) || $amount?->is(TokenKind::Amount) !== true) {
            return;
        }
        $named = $this->named($n + 1, 1);
        $named = count($named) > 1 ? $named : array_reverse($this->named($n - 2, -1));
        if (count($named) < 2) {
            return;
        }
        $isRead = $this->sentence->isSettled($n - 1);
        $this->sentence->settle($n - 1, $n, ...$named);
        foreach ($named as $place) {
            $name = $this->sentence->tokens[$place];
            if (! $name->is(TokenKind::Water)) {
                $this->draft->entryFor($name, $this->number)->give($amount);
            } elseif (! $isRead) {
                // As much water as of the rest: it is the base, unless it has been read as that.
                $this->draft->volumes[] = new Volume($amount->value, $amount, Volume::WATER, false, $this->number);
            }
        }
    }

    /** @return list<int> places of what is named in one list, from here on or from here back */
    private function named(int $from, int $step): array
    {
        $places = [];
        for ($n = $from; ($token = $this->sentence->at($n)) !== null; $n += $step) {
            if ($token->is(TokenKind::Water)) {
                $places[] = $n;
            } elseif ($token->is(TokenKind::Ingredient, TokenKind::Unnamed)) {
                // A tablet's "500 mg each" is its strength.
                if ($this->hasItsOwn($n, $step) || $this->sentence->isSettled($n) || $this->ingredients->named($token->value)->isTablet) {
                    break;
                }
                $places[] = $n;
            } elseif (! $token->is(...self::BETWEEN)) {
                break;
            }
        }

        return $places;
    }

    /** An amount on the side away from the one that is said of each. */
    private function hasItsOwn(int $n, int $step): bool
    {
        $next = $this->sentence->is($n + $step, TokenKind::Of) ? $n + 2 * $step : $n + $step;

        return $this->sentence->is($next, TokenKind::Amount);
    }
}
