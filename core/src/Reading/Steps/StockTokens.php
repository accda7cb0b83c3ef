<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Steps;

use Nebbia\Core\Reading\Words\Lexicon;
use Nebbia\Core\Reading\Words\Token;
use Nebbia\Core\Reading\Words\TokenKind;

/** Where a second step speaks of what was made in the first: "this mix", "of it", "the stock", "prenderne". */
final readonly class StockTokens
{
    /** What it is taken for while it is read. */
    public const INGREDIENT = 'stock-made-before';

    private const THESE = '(?:this|that|questo|questa|quello|quella|desta|deste|dessa|desse|esta|este|essa|esse)';

    private const PLAINLY = '(?:stock(?: solution)?|concentrate|mother solution|mixture|solution|brew|base|liquid|extract'
        .'|soluzione(?: madre)?|miscela|macerato|decotto|infuso|concentrato|liquido'
        .'|concentrado|mistura|solução|calda|líquido)';

    public function __construct(private Lexicon $words) {}

    /**
     * @param  list<Token>  $tokens  of the second step
     * @return list<Token>
     */
    public function mark(string $text, int $from, array $tokens): array
    {
        $patterns = [
            '/(?<!\p{L})(?:di\s+)?'.self::THESE.'\s+(?:mother\s+)?'.$this->words->any('made').'/iu',
            '/(?<!\p{L})(?:(?:the|your|il|lo|la|l[\'’]|o|a|da|do|della|del|dello)\s+)?(?:strained\s+)?'.self::PLAINLY.'(?!\p{L})/iu',
            '/(?:(?<=of\s)|(?<=from\s)|(?<=di\s)|(?<=de\s))(?:it|this|that|questo|questa|esso|essa|isto|isso)(?!\p{L})/iu',
            '/(?<!\p{L})(?:prenderne|prendetene|usarne|usatene|disto|disso|(?:that|this)\s+is\s+(?:your|the|a)\s+'.
            $this->words->any('made').
            ')(?!\p{L})/iu',
        ];
        foreach ($patterns as $pattern) {
            if (preg_match_all($pattern, $text, $matches, PREG_OFFSET_CAPTURE, $from) > 0) {
                foreach ($matches[0] as [$words, $at]) {
                    $tokens = $this->put(Token::of(TokenKind::Ingredient, $words, $at, self::INGREDIENT), $tokens);
                }
            }
        }

        return $tokens;
    }

    /**
     * In place of the tokens that it covers, if it cuts none in two.
     *
     * @param  list<Token>  $tokens
     * @return list<Token>
     */
    private function put(Token $stock, array $tokens): array
    {
        $marked = [];
        $isPut = false;
        foreach ($tokens as $token) {
            $isInside = $token->start >= $stock->start && $token->end() <= $stock->end();
            if (! $isInside && $token->start < $stock->end() && $token->end() > $stock->start) {
                return $tokens;
            }
            if (! $isInside) {
                $marked[] = $token;
            } elseif (! $isPut) {
                $marked[] = $stock;
                $isPut = true;
            }
        }

        return $isPut ? $marked : $tokens;
    }
}
