<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Draft;

use Nebbia\Core\Measure\NumberParser;
use Nebbia\Core\Reading\Words\Sentence;
use Nebbia\Core\Reading\Words\Token;
use Nebbia\Core\Reading\Words\TokenKind;
use Nebbia\Core\Substance\Ingredients;

/** Per cent of what: the strength of a bottle, the strength that is wanted, or so many parts of the bottle in a hundred. */
final readonly class PercentReader
{
    /** Vinegar and ammonia are sold from this strength on, %. */
    private const SOLD_FROM = 4.0;

    public function __construct(
        private Ingredients $ingredients,
        private Draft $draft,
        private Sentence $at,
        /** Of the sentence in the paragraph. */
        private int $sentence,
    ) {}

    /** Of a bottle where the ingredient has an amount, or could be sold so; else the strength that is wanted. */
    public function read(int $n, Token $token): void
    {
        if (! $token->is(TokenKind::Percent, TokenKind::Strength)) {
            return;
        }
        $what =
            $this->at->ahead($n + 1, TokenKind::Ingredient, TokenKind::Unnamed) ?? ($this->at->justBehind($n) ?? $this->at->anyBehind($n));
        if ($what === null) {
            $this->draft->unplaced[] = $token;

            return;
        }
        $this->at->settle($n);
        $entry = $this->draft->lastFor($this->at->tokens[$what], $this->sentence);
        if ($entry->amount === null && $this->isOfBottle($n, $what, $token, $entry)) {
            $this->at->settle($what);
            $entry->give(Token::of(TokenKind::Amount, $token->text, $token->start, $this->partsOf($token->value), 'percent-of'));

            return;
        }
        $isWanted = $token->is(TokenKind::Percent) && ! $this->couldBeSold($entry, $token->value);
        if ($isWanted && $entry->amount === null) {
            $entry->give($token);
        } elseif ($isWanted) {
            $entry->stated = $token;
        } elseif ($entry->strength === null || $entry->strengthSentence !== $this->sentence) {
            if ($entry->strength !== null && $entry->strengthToken !== null) {
                // What is said beside the amount counts more than what was said before.
                $this->draft->unplaced[] = $entry->strengthToken;
            }
            $entry->strength = $token->value;
            $entry->strengthToken = $token;
            $entry->strengthSentence = $this->sentence;
        } else {
            $this->draft->unplaced[] = $token;
        }
        $this->at->settle($what);
    }

    /** "a 2 % solution of dish soap": so many parts of the bottle in a hundred (FACTS.md, M5), and not so much of what is in it. */
    private function isOfBottle(int $n, int $what, Token $token, Entry $entry): bool
    {
        if (
            ! $token->is(TokenKind::Percent) ||
            $entry->ingredient === null ||
            preg_match('/^\d+(?:[.,]\d+)?\s*(?:%|per ?cent|por cento|per cento)$/iu', $token->value) !== 1
        ) {
            return false;
        }
        $percent = (float) str_replace(',', '.', $token->value);
        $ingredient = $this->ingredients->named($entry->ingredient);
        $isSolution = $this->at->isSolution($n, $what);

        return match ($ingredient->group) {
            'soap' => $isSolution || ! $this->couldBeSold($entry, $token->value),
            'oil' => $isSolution,
            'acid' => $isSolution && $percent < self::SOLD_FROM,
            default => $isSolution && in_array($ingredient->substance?->id, ['hypochlorite', 'detergent', 'plant-ferment'], true),
        };
    }

    private function partsOf(string $percent): string
    {
        $number = NumberParser::parse((string) preg_replace('/[^\d.,]/u', '', $percent));
        $parts = $number->isZero() ? null : $number->reciprocal()->multipliedBy(100)->simplified();

        return $parts !== null && $parts->getDenominator()->isEqualTo(1)
            ? "1 in $parts"
            : preg_replace('/[^\d.,]/u', '', $percent).' in 100';
    }

    private function couldBeSold(Entry $entry, string $percent): bool
    {
        if ($entry->ingredient === null) {
            return false;
        }
        $usual = $this->ingredients->named($entry->ingredient)->usual;

        return $usual->likely > 0.0 && (float) str_replace(',', '.', $percent) >= 0.5 * $usual->low;
    }
}
