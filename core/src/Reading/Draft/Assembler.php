<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Draft;

use Nebbia\Core\Measure\AmountParser;
use Nebbia\Core\Measure\NumberParser;
use Nebbia\Core\Measure\UnitKind;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Reading\Words\Sentence;
use Nebbia\Core\Reading\Words\Token;
use Nebbia\Core\Reading\Words\TokenKind;
use Nebbia\Core\Substance\Ingredients;

/**
 * Puts tokens together, sentence by sentence: which amount belongs to which ingredient, which volume is the base. It reads what stands
 * there and makes nothing up; what it cannot place is kept.
 */
final class Assembler
{
    /** Units that name what they count. */
    private const NAMED_BY_UNIT = [
        'clove' => 'garlic', 'head' => 'garlic', 'onion' => 'onion', 'small-onion' => 'onion', 'large-onion' => 'onion', 'chilli' => 'hot-pepper',
        'thai-chilli' => 'hot-pepper', 'jalapeno' => 'hot-pepper', 'habanero' => 'hot-pepper', 'lemon' => 'lemon-juice', 'bar' => 'bar-soap',
    ];

    private Draft $draft;

    private Sentence $at;

    private readonly Peek $peek;

    private int $sentence = 0;

    public function __construct(
        private readonly Ingredients $ingredients,
        AmountParser $amounts,
        UnitSystem $system,
    ) {
        $this->draft = new Draft;
        $this->at = new Sentence([]);
        $this->peek = new Peek($amounts, $system);
    }

    /** @param  list<Token>  $tokens */
    public function assemble(array $tokens): Draft
    {
        $sentence = [];
        foreach ([...$tokens, Token::of(TokenKind::Stop, '', 0)] as $token) {
            if (! $token->is(TokenKind::Stop)) {
                $sentence[] = $token;

                continue;
            }
            if ($sentence !== []) {
                $this->sentence($sentence);
                $this->sentence++;
            }
            $sentence = [];
        }
        $this->draft->settleRounds();

        return $this->draft;
    }

    /** @param  list<Token>  $tokens */
    private function sentence(array $tokens): void
    {
        $this->at = new Sentence($tokens);
        $volumes = new VolumeReader($this->draft, $this->peek, $this->at, $this->sentence);
        $each = new EachReader($this->ingredients, $this->draft, $this->at, $this->sentence);
        $before = count($this->draft->entries);
        $this->leaveOut();
        $this->parts();
        foreach ([$volumes->read(...), $each->read(...), $this->amount(...), $this->number(...), $this->share(...), $this->percent(...), $this->mention(...), $this->note(...)] as $pass) {
            foreach (array_keys($tokens) as $n) {
                if (! $this->at->isSettled($n)) {
                    $pass($n, $tokens[$n]);
                }
            }
        }
        $volumes->settle($before);
    }

    /** "never bleach", "instead of detergent": named, and not to go in. */
    private function leaveOut(): void
    {
        foreach ($this->at->tokens as $n => $token) {
            if (! $token->is(TokenKind::Not)) {
                continue;
            }
            for ($m = $n + 1; $m <= $n + Sentence::REACH && isset($this->at->tokens[$m]); $m++) {
                if ($this->at->is($m, TokenKind::Comma, TokenKind::Amount, TokenKind::Mark)) {
                    break;
                }
                if ($this->at->is($m, TokenKind::Ingredient, TokenKind::Unnamed)) {
                    $this->draft->leftOut[] = $this->at->tokens[$m];
                    $this->at->settle($m);
                }
            }
        }
    }

    /** "one part milk to nine parts water", "half and half with water". */
    private function parts(): void
    {
        $found = [];
        foreach ($this->at->tokens as $n => $token) {
            if ($token->is(TokenKind::Number) && $this->at->is($n + 1, TokenKind::Part)) {
                $what = $this->at->ahead($n + 2, TokenKind::Ingredient, TokenKind::Unnamed, TokenKind::Water);
                if ($what !== null) {
                    $found[] = [$n, $what, $token];
                }
            }
            if ($token->is(TokenKind::Half)) {
                $this->half($n, $token);
            }
        }
        $water = null;
        foreach ($found as [, $what, $number]) {
            $water = $this->at->is($what, TokenKind::Water) ? $number->value : $water;
        }
        foreach ($found as [$n, $what, $number]) {
            $this->at->settle($n, $n + 1, $what);
            if ($water !== null && ! $this->at->is($what, TokenKind::Water)) {
                $entry = $this->draft->entryFor($this->at->tokens[$what], $this->sentence);
                $entry->amount = $this->ratioOf($number->value, $water);
                $entry->amountToken = $number;
            }
        }
    }

    private function half(int $n, Token $token): void
    {
        foreach ($this->at->tokens as $m => $other) {
            $hasOwn = $this->at->is($m - 1, TokenKind::Amount) || ($this->at->is($m - 1, TokenKind::Of) && $this->at->is($m - 2, TokenKind::Amount));
            if (! $hasOwn && ! $this->at->isSettled($m) && $other->is(TokenKind::Ingredient, TokenKind::Unnamed)) {
                $entry = $this->draft->entryFor($this->at->tokens[$m], $this->sentence);
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

    private function amount(int $n, Token $token): void
    {
        if (! $token->is(TokenKind::Amount)) {
            return;
        }
        $what = $this->at->freeAhead($n + 1, TokenKind::Ingredient, TokenKind::Unnamed) ?? $this->at->justBehind($n, true);
        if ($what !== null && $this->tabletOf($n, $what, $token)) {
            return;
        }
        $what = $what !== null && $what < $n && $this->at->isSettled($what) ? null : $what;
        if ($what !== null) {
            $this->at->settle($what, $n);
            $this->draft->entryFor($this->at->tokens[$what], $this->sentence)->give($token);

            return;
        }
        $unit = $this->peek->unit($token->value);
        if (isset(self::NAMED_BY_UNIT[$unit])) {
            $this->at->settle($n);
            $this->draft->entry(self::NAMED_BY_UNIT[$unit], $token, $this->sentence)->give($token);

            return;
        }
        $this->unknown($n, $token);
    }

    /** "two 500 mg aspirin tablets", "3 aspirin tablets, 500 mg each", "3 tablets of aspirin (325 mg)": what one tablet holds. */
    private function tabletOf(int $n, int $what, Token $token): bool
    {
        $ingredient = $this->ingredients->named($this->at->tokens[$what]->value);
        if (! $ingredient->isTablet || $this->peek->kind($token->value) !== UnitKind::Mass) {
            return false;
        }
        $count = $this->at->at($what > $n ? $n - 1 : $what - 1);
        $entry = $this->draft->lastFor($this->at->tokens[$what], $this->sentence);
        if ($what > $n && $count?->is(TokenKind::Number) === true) {
            $this->at->settle($n - 1, $n, $what);
            $entry->give(Token::of(TokenKind::Amount, $token->text, $token->start, NumberParser::parse($count->value).' x '.$token->value));

            return true;
        }
        $tablets = $this->peek->amount($entry->amount ?? '');
        if ($count?->is(TokenKind::Number) === true || $tablets?->unit->id === 'tablet') {
            $this->at->settle($n);
            // How many there are may be read only after this.
            $entry->strength = $token->value;
            $entry->strengthToken = $token;
            if ($tablets?->unit->id === 'tablet') {
                $this->eachHolds($entry, (string) $tablets->likely);
            }

            return true;
        }

        return false;
    }

    /** So many tablets of that much each are said in one. */
    private function eachHolds(Entry $entry, string $count): void
    {
        $entry->amount = "$count x $entry->strength";
        $entry->strength = null;
    }

    /** "2 aspirins": whole things without a unit. */
    private function number(int $n, Token $token): void
    {
        if (! $token->is(TokenKind::Number)) {
            return;
        }
        $what = $this->at->freeAhead($n + 1, TokenKind::Ingredient);
        $ingredient = $what === null ? null : $this->ingredients->named($this->at->tokens[$what]->value);
        if ($what === null || $ingredient === null || $what > $n + 2) {
            return;
        }
        $unit = $ingredient->isTablet ? 'tablets' : ($ingredient->knowsPiece($ingredient->id) ? $ingredient->id : null);
        if ($unit !== null) {
            $this->at->settle($n, $what);
            $entry = $this->draft->entryFor($this->at->tokens[$what], $this->sentence);
            $entry->give(Token::of(TokenKind::Amount, $token->text, $token->start, "$token->value $unit"));
            if ($ingredient->isTablet && $entry->strength !== null) {
                $this->eachHolds($entry, (string) NumberParser::parse($token->value));
            }
        }
    }

    /** "1:500", "1 in 10": of the ingredient that stands nearest. */
    private function share(int $n, Token $token): void
    {
        if (! $token->is(TokenKind::Ratio)) {
            return;
        }
        $what = $this->at->justBehind($n) ?? $this->at->freeAhead($n + 1, TokenKind::Ingredient, TokenKind::Unnamed) ?? $this->at->anyBehind($n);
        if ($what === null) {
            $this->draft->unplaced[] = $token;

            return;
        }
        $entry = $this->draft->entryFor($this->at->tokens[$what], $this->sentence);
        if ($entry->amount === null) {
            $this->at->settle($n, $what);
            $entry->give($token);
        } else {
            $this->draft->unplaced[] = $token;
        }
    }

    /** Of a bottle where the ingredient has an amount, or could be sold so; else the strength that is wanted. */
    private function percent(int $n, Token $token): void
    {
        if (! $token->is(TokenKind::Percent, TokenKind::Strength)) {
            return;
        }
        $what = $this->at->ahead($n + 1, TokenKind::Ingredient, TokenKind::Unnamed) ?? $this->at->justBehind($n) ?? $this->at->anyBehind($n);
        if ($what === null) {
            $this->draft->unplaced[] = $token;

            return;
        }
        $this->at->settle($n);
        $entry = $this->draft->lastFor($this->at->tokens[$what], $this->sentence);
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

    /** Named without an amount: kept, to be asked for. */
    private function mention(int $n, Token $token): void
    {
        if (! $token->is(TokenKind::Ingredient, TokenKind::Unnamed)) {
            return;
        }
        $id = $token->value;
        // Said again, or said for short once one was named.
        if ($this->draft->has($id) || ($token->is(TokenKind::Unnamed) && $this->hasAlike($id))) {
            $this->at->settle($n);

            return;
        }
        $this->draft->entryFor($this->at->tokens[$n], $this->sentence);
        $this->at->settle($n);
    }

    private function note(int $n, Token $token): void
    {
        match ($token->kind) {
            TokenKind::Use => $this->draft->uses[$token->value] ??= $token,
            TokenKind::Container => $token->value === 'any' ? null : $this->draft->uses[$token->value] ??= $token,
            TokenKind::Target => $this->draft->targets[$token->value] ??= $token,
            TokenKind::Repeat => $this->draft->repeat ??= $token,
            TokenKind::Times => $this->draft->times ??= $token,
            TokenKind::Duration => $this->draft->durations[] = $token,
            // "in a bucket" counts no buckets.
            TokenKind::Number => $this->at->is($n + 1, TokenKind::Container) && (string) NumberParser::parse($token->value) === '1' ? null : $this->draft->unplaced[] = $token,
            default => null,
        };
    }

    /** What follows an amount and is not known: up to four words. */
    private function unknown(int $n, Token $token): void
    {
        $first = $this->at->is($n + 1, TokenKind::Of) ? $n + 2 : $n + 1;
        $last = null;
        for ($m = $first; $m < $first + Sentence::REACH && $this->at->is($m, TokenKind::Word); $m++) {
            $last = $m;
        }
        $this->at->settle($n);
        if ($last === null) {
            $entry = $this->draft->entries[count($this->draft->entries) - 1] ?? null;
            if ($first > $n + 1 || $entry === null || $this->peek->unit($token->value) === 'squeeze' || $this->peek->isRough($token->value)) {
                $this->draft->unknown[] = [$token, $token];
                $this->draft->entry(null, $token, $this->sentence)->give($token);
            } else {
                $this->draft->unplaced[] = $token;
            }

            return;
        }
        $words = array_map(static fn (Token $word): string => $word->text, array_slice($this->at->tokens, $first, $last - $first + 1));
        $name = Token::of(TokenKind::Word, implode(' ', $words), $this->at->tokens[$first]->start);
        $this->draft->unknown[] = [$token, $name];
        $this->draft->entry(null, $name, $this->sentence)->give($token);
    }

    /** Whether something of that kind is named already: a soap, an alcohol. */
    private function hasAlike(string $id): bool
    {
        foreach ($this->draft->entries as $entry) {
            if ($entry->ingredient !== null && $this->family($entry->ingredient) === $this->family($id)) {
                return true;
            }
        }

        return false;
    }

    /** Liquid soaps and solid ones are one family. */
    private function family(string $id): string
    {
        return explode('-', $this->ingredients->named($id)->group)[0];
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
