<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Words;

/**
 * "Lemon leaves", "ash leaves", "onion tops": another part than the one that goes by the plant's name is another thing, and not known.
 * "The skins of 4 onions" are onion skins, as many.
 */
final readonly class PlantParts
{
    /** What the value of a word says that is a part of a plant that is known, beside a number. */
    public const COUNTED = 'counted-part';

    public function __construct(private Lexicon $lexicon) {}

    /**
     * @param  list<Token>  $tokens
     * @return list<Token>
     */
    public function apart(array $tokens): array
    {
        $apart = [];
        for ($n = 0; isset($tokens[$n]); $n++) {
            $token = $tokens[$n];
            $behind = $tokens[$n + 1] ?? null;
            $of = $this->ofSoMany($tokens, $n);
            if ($of !== null) {
                [$some, $n] = $of;
                array_push($apart, ...$some);

                continue;
            }
            $isPart = $behind?->is(TokenKind::Word) === true && $this->lexicon->isOf('parts_of_plants', $behind->text)
                && ! $this->isDone($tokens[$n + 2] ?? null);
            array_push($apart, ...$isPart ? $this->unknown($token) : [$token]);
            $isNamed = $isPart && ($token->is(TokenKind::Plant) || $apart[count($apart) - 1] !== $token);
            if ($isNamed && ($apart[count($apart) - 2] ?? null)?->is(TokenKind::Number) === true) {
                $apart[] = $behind->taken(TokenKind::Word, self::COUNTED);
                $n++;
            }
        }

        return $apart;
    }

    /**
     * "Peel of 3 oranges", "the skins of an onion".
     *
     * @param  list<Token>  $tokens
     * @return array{list<Token>, int}|null how much of what, and its last place
     */
    private function ofSoMany(array $tokens, int $n): ?array
    {
        $part = preg_replace('/^1 /', '', $tokens[$n]->is(TokenKind::Amount) ? $tokens[$n]->value : $tokens[$n]->text);
        $count = $tokens[$n + 2] ?? null;
        $isPeel = $this->lexicon->isOf('peels', (string) $part);
        if (! $isPeel || ($tokens[$n + 1] ?? null)?->is(TokenKind::Of) !== true || $count === null) {
            return null;
        }
        $counted = $count->is(TokenKind::Amount) ? $this->counted($count) : null;
        $plant = $count->is(TokenKind::Number) ? $tokens[$n + 3] ?? null : null;
        [$number, $name, $last] = match (true) {
            $counted !== null => [$counted[0], $counted[1]->text, $n + 2],
            $plant?->is(TokenKind::Plant, TokenKind::Ingredient, TokenKind::Word) === true => [$count, $plant->text, $n + 3],
            default => [$count, '', $n],
        };
        foreach ($name === '' ? [] : $this->names($name, $plant) as $one) {
            $ingredient = $this->lexicon->ingredient("$one peel") ?? $this->lexicon->ingredient("$one skins");
            if ($ingredient !== null) {
                $end = $tokens[$last];

                return [[
                    Token::of(TokenKind::Amount, $number->text, $number->start, "$number->value peel"),
                    Token::of(TokenKind::Ingredient, $name, $end->end() - strlen($name), $ingredient),
                ], $last];
            }
        }

        return null;
    }

    /**
     * What a plant may be called before "peel": as it is said, or by its own name.
     *
     * @return list<string>
     */
    private function names(string $said, ?Token $plant): array
    {
        $id = $plant?->is(TokenKind::Plant, TokenKind::Ingredient) === true && $plant->value !== '' ? $plant->value : null;

        return array_values(array_filter([
            rtrim($said, 's'), $id, $this->lexicon->ingredient($said), $this->lexicon->plant($said),
        ], static fn (?string $one): bool => $one !== null && $one !== ''));
    }

    /** @return array{Token, Token}|null the number and the name, where it is counted by its name: "2 lemons" */
    private function counted(Token $token): ?array
    {
        $isCounted = preg_match('/^(.*\S)\s+(\p{L}+)$/u', $token->text, $said) === 1;

        return $isCounted && $this->isOfPlant($this->lexicon->ingredient($said[2]) ?? '')
            ? [
                Token::of(TokenKind::Number, $said[1], $token->start, (string) strtok($token->value, ' ')),
                Token::of(TokenKind::Word, $said[2], $token->end() - strlen($said[2])),
            ]
            : null;
    }

    /** @return list<Token> the plant as a mere word, and how many where they are counted by it */
    private function unknown(Token $token): array
    {
        if ($token->is(TokenKind::Ingredient) && ! str_contains($token->text, ' ')) {
            return [$this->isOfPlant($token->value) ? $token->taken(TokenKind::Word) : $token];
        }

        return ($token->is(TokenKind::Amount) ? $this->counted($token) : null) ?? [$token];
    }

    private function isOfPlant(string $ingredient): bool
    {
        return $this->lexicon->isOf('known_by_plant', $ingredient);
    }

    /** "The garlic leaves no smell": it does so; "neem seed oil": it is of that. */
    private function isDone(?Token $next): bool
    {
        return $next !== null
            && ($next->is(TokenKind::Not, TokenKind::Ingredient, TokenKind::Unnamed) || $this->lexicon->isOf('articles', $next->text));
    }
}
