<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Words;

use Nebbia\Core\Substance\Ingredients;

/**
 * "peppermint castile soap", "coconut liquid soap", "lemon scented washing-up liquid": what smells of it, or was made from it, is a soap.
 */
final readonly class Compounds
{
    /** Words between a name and the soap that it belongs to. */
    private const REACH = 2;

    /** Such a thing beside a soap is no scent: "neem oil soap" is both. */
    private const NO_SCENT = ['soap', 'soap-solid', 'alcohol', 'peroxide', 'acid', 'salt', 'milk'];

    public function __construct(private Ingredients $ingredients) {}

    /**
     * @param  list<Token>  $tokens
     * @return list<Token>
     */
    public function join(array $tokens): array
    {
        foreach ($tokens as $n => $token) {
            if (
                $token->is(TokenKind::Ingredient) &&
                $this->isSoap($token->value) &&
                ($tokens[$n + 1] ?? null)?->is(TokenKind::Ingredient) === true &&
                $this->isSoap($tokens[$n + 1]->value)
            ) {
                // "castile bar soap" is the bar.
                $tokens[$n] = $token->taken(TokenKind::Word);
            } elseif ($token->is(TokenKind::Ingredient) && $this->isScent($token->value) && $this->soapBehind($tokens, $n)) {
                $tokens[$n] = $token->taken(TokenKind::Word);
            }
        }

        return $tokens;
    }

    /** @param  list<Token>  $tokens */
    private function soapBehind(array $tokens, int $n): bool
    {
        for ($m = $n + 1; $m <= $n + 1 + self::REACH && isset($tokens[$m]); $m++) {
            $token = $tokens[$m];
            if ($token->is(TokenKind::Ingredient, TokenKind::Unnamed)) {
                return $this->isSoap($token->value);
            }
            if (! $token->is(TokenKind::Word) && $token->text !== '-') {
                return false;
            }
        }

        return false;
    }

    private function isSoap(string $id): bool
    {
        return str_starts_with($this->ingredients->named($id)->group, 'soap');
    }

    private function isScent(string $id): bool
    {
        return ($id !== 'neem-oil' && ! in_array($this->ingredients->named($id)->group, self::NO_SCENT, true)) || $id === 'lemon-juice';
    }
}
