<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Words;

/**
 * Tells the plant that is spoken of from what goes in: onions "on my onions", lemon "for the lemon" are plants, and an amount of them is an
 * ingredient. What is brewed of a plant is none that is sprayed.
 */
final readonly class PlantSpotter
{
    /** Words of the longest name that is looked for. */
    private const LONGEST = 4;

    /** Such kinds may be what somebody speaks of, or anything else. */
    private const TAKEN = [TokenKind::Word, TokenKind::Ingredient, TokenKind::Unnamed, TokenKind::Stock, TokenKind::Number];

    public function __construct(private Lexicon $words) {}

    /**
     * @param  list<Token>  $tokens
     * @return list<Token>
     */
    public function spot(string $text, array $tokens): array
    {
        $spotted = [];
        for ($n = 0, $count = count($tokens); $n < $count;) {
            [$plant, $length] = $this->at($text, $tokens, $n, $spotted);
            if ($plant === null) {
                $spotted[] = $tokens[$n];
                $n++;

                continue;
            }
            $last = $tokens[$n + $length - 1];
            $spotted[] = Token::of(
                TokenKind::Plant,
                substr($text, $tokens[$n]->start, $last->end() - $tokens[$n]->start),
                $tokens[$n]->start,
                $plant,
            );
            $n += $length;
        }

        return $spotted;
    }

    /**
     * @param  list<Token>  $tokens
     * @param  list<Token>  $before  those before it, with the plants that were found
     * @return array{string|null, int} id of the plant that is spoken of here, and how many tokens name it
     */
    private function at(string $text, array $tokens, int $n, array $before): array
    {
        for ($length = self::LONGEST; $length >= 1; $length--) {
            $part = array_slice($tokens, $n, $length);
            $last = $part[count($part) - 1] ?? null;
            if (
                $last === null ||
                count($part) < $length ||
                array_filter($part, static fn (Token $one): bool => ! $one->is(...self::TAKEN)) !== []
            ) {
                continue;
            }
            $name = substr($text, $part[0]->start, $last->end() - $part[0]->start);
            $id = str_contains($name, "\n") ? null : $this->words->plant($name);
            if ($id !== null) {
                $isIngredient = array_filter($part, static fn (Token $one): bool => $one->is(TokenKind::Ingredient)) !== [];

                return $this->isSpokenOf($name, $isIngredient, $before, $tokens[$n + $length] ?? null) ? [$id, $length] : [null, 1];
            }
        }

        return [null, 1];
    }

    /** @param  list<Token>  $before */
    private function isSpokenOf(string $name, bool $isIngredient, array $before, ?Token $after): bool
    {
        $previous = array_reverse($before);
        $isMine = false;
        while (
            ($previous[0] ?? null)?->is(TokenKind::Word, TokenKind::In, TokenKind::Of, TokenKind::Number) === true &&
            ($this->words->isOf('articles', $previous[0]->text) || $this->words->isOf('mine', $previous[0]->text))
        ) {
            $isMine = $isMine || $this->words->isOf('mine', $previous[0]->text);
            array_shift($previous);
        }
        $near = $previous[0] ?? null;
        if (
            $near?->is(TokenKind::Amount) === true ||
            ($near?->is(TokenKind::Of) === true && ($previous[1] ?? null)?->is(TokenKind::Amount) === true)
        ) {
            return false;
        }
        // Tea of wormwood, aloe juice.
        if ($after !== null && $this->words->isOf('brews', $after->text)) {
            return false;
        }
        if ($near?->is(TokenKind::Of, TokenKind::Word) === true && $this->isBrew($previous)) {
            return false;
        }
        $isPlaced =
            $isMine ||
            ($near !== null && $this->words->isOf('near_plants', $near->text) && ! $this->isAmountOf($previous)) ||
            ($near?->is(TokenKind::Use) === true && count($before) > count($previous)) ||
            ($after !== null && $this->words->isOf('has', $after->text)) ||
            ($near?->is(TokenKind::And, TokenKind::Comma) === true && ($previous[1] ?? null)?->is(TokenKind::Plant) === true);

        return ($isPlaced && ! $this->isMeasured($after)) ||
            (! $isIngredient && ! $this->words->isOf('plants_in_context', $name) && ! $this->isMeasured($after));
    }

    /** @param  list<Token>  $previous  the nearest first */
    private function isBrew(array $previous): bool
    {
        foreach (array_slice($previous, 0, 2) as $token) {
            if ($this->words->isOf('brews', $token->text)) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<Token>  $previous  the nearest first */
    private function isAmountOf(array $previous): bool
    {
        return ($previous[1] ?? null)?->is(TokenKind::Amount) === true && $previous[0]->is(TokenKind::Of);
    }

    /** "garlic: 3 cloves", "cipolla 200 g": it goes in. */
    private function isMeasured(?Token $after): bool
    {
        return $after?->is(TokenKind::Amount) === true;
    }
}
