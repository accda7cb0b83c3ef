<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Steps;

use Nebbia\Core\Reading\Words\Lexicon;
use Nebbia\Core\Reading\Words\Token;
use Nebbia\Core\Reading\Words\TokenKind;

/**
 * Finds where a second step begins: "dilute ten times", "use one part of this to nine of water", "50 ml of the stock per litre", "top up to
 * 5 litres". Before it something must have been mixed.
 */
final class StepFinder
{
    /** Stocks that are no more than that, with or without "this" before them. */
    private const PLAINLY_STOCK = '(?:stock(?: solution)?|concentrate|mother solution|soluzione madre|concentrato|concentrado)';

    /** Bytes back from a trigger in which its clause may begin. */
    private const CLAUSE = 60;

    /** @var list<array{string, bool}>|null pattern, and whether there must be a volume before */
    private ?array $triggers = null;

    public function __construct(private readonly Lexicon $words) {}

    /**
     * @param  list<Token>  $tokens
     * @return int|null byte at which the second step begins
     */
    public function find(string $text, array $tokens): ?int
    {
        $mixed = $this->mixedFrom($tokens);
        $first = null;
        if ($mixed === null) {
            return null;
        }
        foreach ($this->triggers() as [$pattern, $needsVolume]) {
            if (preg_match_all($pattern, $text, $matches, PREG_OFFSET_CAPTURE) === 0) {
                continue;
            }
            foreach ($matches[0] as [, $at]) {
                $from = $this->clause($text, $at);
                if (
                    $from > $mixed[0] &&
                    (! $needsVolume || ($mixed[1] !== null && $from > $mixed[1])) &&
                    ($first === null || $from < $first)
                ) {
                    $first = $from;
                }
            }
        }

        return $first;
    }

    /**
     * Where something has been named with an amount, and where a volume has been said too.
     *
     * @param  list<Token>  $tokens
     * @return array{int, int|null}|null
     */
    private function mixedFrom(array $tokens): ?array
    {
        $amount = $named = null;
        $amounts = 0;
        foreach ($tokens as $token) {
            if ($token->is(TokenKind::Amount, TokenKind::Number, TokenKind::Half)) {
                $amount ??= $token->end();
                $amounts += $token->is(TokenKind::Amount) ? 1 : 0;
                if ($amounts > 1) {
                    return [max($amount, (int) $named), $token->end()];
                }
            } elseif ($token->is(TokenKind::Ingredient, TokenKind::Unnamed)) {
                $named ??= $token->end();
            }
        }

        return $amount === null || $named === null ? null : [max($amount, $named), null];
    }

    /** The clause of a trigger begins behind the last mark, or at the last "then" or "and". */
    private function clause(string $text, int $at): int
    {
        $from = max(0, $at - self::CLAUSE);
        $before = mb_strcut($text, $from, $at - $from);
        $from = $at - strlen($before);
        $patterns = [
            // "strain and dilute": the second step begins behind the link.
            '/(?<!\p{L})(?:and|e|ed|then|poi)\s*$/ui',
            '/(?<!\p{L})'.$this->words->any('then').'(?!.*[.;:\n,(])/uis',
            '/[.;:\n,(](?!.*[.;:\n,(])/us',
        ];
        foreach ($patterns as $pattern) {
            if (preg_match($pattern, $before, $match, PREG_OFFSET_CAPTURE) === 1) {
                return $from + $match[0][1] + strlen($match[0][0]);
            }
        }

        return $from === 0 ? 0 : $at;
    }

    /** @return list<array{string, bool}> */
    private function triggers(): array
    {
        if ($this->triggers === null) {
            $w = $this->words;
            $n = $w->number;
            // A spoon or a cup may be a letter.
            $unit = "(?:{$w->unit}|(?-i:[TtCc])\\.?(?!\\p{L}))";
            $amount = "(?:$n\\s*(?:{$w->adjectives})(?:{$w->unit})|$n\\s+{$w->phrases['part']})";
            $water = '(?:\p{L}+\s+){0,2}'."(?:acqua|water|água|d['’]acqua)";
            $this->triggers = [
                ["/(?<!\\p{L}){$w->any('thins')}/iu", false],
                [
                    "/(?<!\\p{L})$amount\\s+(?:of|from|di|de)\\s+(?:it|this|that|questo|questa|disto|disso)(?!\\p{L})".
                        '(?!\s+(?:mix\s+)?(?:of|di|de)\s)/iu',
                    false,
                ],
                [
                    "/(?<!\\p{L})$amount\\s+(?:(?:of|from|di|del|dello|della|de|da|do)\\s+)?(?:(?:di\\s+)?{$w->any('these')}\\s+){$w->any(
                        'made',
                    )}/iu",
                    false,
                ],
                ["/(?<!\\p{L})$amount\\s+(?:(?:of|from|di|del|della|de|da|do)\\s+)?".self::PLAINLY_STOCK.'(?!\p{L})/iu', false],
                ["/(?<!\\p{L})(?:that|this)\\s+is\\s+(?:your|the|a)\\s+{$w->any('made')}/iu", false],
                ["/(?<!\\p{L}){$w->any('fills_up')}\\s*$n/iu", true],
                ["/(?<!\\p{L}){$w->any('then')}[\\s,]+(?:\\p{L}+\\s+){0,2}(?:\\d+\\s*:\\s*\\d+|$n\\s+{$w->phrases['part']})/iu", false],
                [
                    "/(?<!\\p{L}){$w->any(
                        'then',
                    )}[\\s,]+(?:\\p{L}+\\s+){0,3}$n\\s*(?:{$w->unit})\\s+(?:of\\s+|de\\s+|di\\s+|d['’])?$water/iu",
                    true,
                ],
                // "Strain, add 2 litres of water".
                [
                    "/(?<!\\p{L}){$w->any('strained')}[\\s,.;]+(?:and\\s+|e\\s+|then\\s+)?{$w->any('adds_water')}\\s+".
                        "$n\\s*(?:{$w->unit})\\s+(?:of\\s+|de\\s+|di\\s+|d['’])?$water/iu",
                    true,
                ],
                // "Then 20 ml in a litre": of what was mixed, for nothing else is named.
                [
                    "/(?<!\\p{L}){$w->any('then')}[\\s,]+(?:\\p{L}+\\s+)?$n\\s*$unit\\s+(?:in|into|per|to|em|para|por|a)\\s+".
                        "(?:each\\s+)?(?:$n\\s*)?(?:{$w->unit})/iu",
                    true,
                ],
                ["/(?<!\\p{L}){$w->any('strained')}[\\s,.;]+(?:\\p{L}+\\s+)?\\K\\d+\\s*:\\s*\\d+/iu", false],
                ["/(?<!\\p{L}){$w->any('takes')}\\s+$n\\s+{$w->phrases['part']}/iu", false],
                [
                    "/(?<!\\p{L}){$w->any(
                        'takes',
                    )}\\s+$n\\s*$unit\\s+(?:em|in|per|to|for|para|por|a|cada|ogni|per\\s+ogni)\\s+".
                        "(?:ogni\\s+|cada\\s+|each\\s+)?(?:$n\\s*)?(?:{$w->unit})/iu",
                    true,
                ],
            ];
        }

        return $this->triggers;
    }
}
