<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading;

use Nebbia\Core\BadInput;
use Nebbia\Core\Knowledge\Knowledge;
use Nebbia\Core\Measure\AmountParser;
use Nebbia\Core\Measure\NumberParser;
use Nebbia\Core\Measure\UnitKind;
use Nebbia\Core\Measure\UnitSystem;

/**
 * Puts tokens together, sentence by sentence: which amount belongs to which ingredient, which volume is the base. It reads what stands
 * there and makes nothing up; what it cannot place is kept.
 */
final class Assembler
{
    /** An unnamed soap, which is taken as a true one and doubted. */
    public const UNNAMED_SOAP = 'liquid-castile-soap';

    /** Words that may stand between an amount and what it is an amount of. */
    private const REACH = 4;

    /** Units that name what they count. */
    private const NAMED_BY_UNIT = [
        'clove' => 'garlic', 'head' => 'garlic', 'onion' => 'onion', 'small-onion' => 'onion', 'large-onion' => 'onion', 'chilli' => 'hot-pepper',
        'thai-chilli' => 'hot-pepper', 'jalapeno' => 'hot-pepper', 'habanero' => 'hot-pepper', 'lemon' => 'lemon-juice', 'bar' => 'bar-soap',
    ];

    private Draft $draft;

    /** @var list<Token> */
    private array $tokens = [];

    private int $sentence = 0;

    /** @var array<int, true> places that are used up */
    private array $used = [];

    public function __construct(
        private readonly Knowledge $knowledge,
        private readonly AmountParser $amounts,
        private readonly UnitSystem $system,
    ) {
        $this->draft = new Draft;
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

        return $this->draft;
    }

    /** @param  list<Token>  $tokens */
    private function sentence(array $tokens): void
    {
        $this->tokens = $tokens;
        $this->used = [];
        $before = count($this->draft->entries);
        $this->leaveOut();
        $this->parts();
        foreach ([$this->rateOrVolume(...), $this->amount(...), $this->number(...), $this->share(...), $this->percent(...), $this->mention(...), $this->note(...)] as $pass) {
            foreach (array_keys($tokens) as $n) {
                if (! isset($this->used[$n])) {
                    $pass($n, $tokens[$n]);
                }
            }
        }
        $this->ownVolumes($before);
    }

    /** "never bleach", "instead of detergent": named, and not to go in. */
    private function leaveOut(): void
    {
        foreach ($this->tokens as $n => $token) {
            if (! $token->is(TokenKind::Not)) {
                continue;
            }
            for ($m = $n + 1; $m <= $n + self::REACH && isset($this->tokens[$m]); $m++) {
                if ($this->tokens[$m]->is(TokenKind::Comma, TokenKind::Amount, TokenKind::Mark)) {
                    break;
                }
                if ($this->tokens[$m]->is(TokenKind::Ingredient, TokenKind::Soap)) {
                    $this->draft->leftOut[] = $this->tokens[$m];
                    $this->used[$m] = true;
                }
            }
        }
    }

    /** "one part milk to nine parts water", "half and half with water". */
    private function parts(): void
    {
        $found = [];
        foreach ($this->tokens as $n => $token) {
            if ($token->is(TokenKind::Number) && ($this->tokens[$n + 1] ?? null)?->is(TokenKind::Part)) {
                $what = $this->ahead($n + 2, TokenKind::Ingredient, TokenKind::Soap, TokenKind::Water);
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
            $water = $this->tokens[$what]->is(TokenKind::Water) ? $number->value : $water;
        }
        foreach ($found as [$n, $what, $number]) {
            $this->used[$n] = $this->used[$n + 1] = $this->used[$what] = true;
            if ($water !== null && ! $this->tokens[$what]->is(TokenKind::Water)) {
                $entry = $this->entryAt($what);
                $entry->amount = $this->ratioOf($number->value, $water);
                $entry->amountToken = $number;
            }
        }
    }

    private function half(int $n, Token $token): void
    {
        foreach ($this->tokens as $m => $other) {
            if (! isset($this->used[$m]) && $other->is(TokenKind::Ingredient, TokenKind::Soap)) {
                $entry = $this->entryAt($m);
                $entry->amount = '1:1';
                $entry->amountToken = $token;
                $this->used[$n] = $this->used[$m] = true;

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

    private function rateOrVolume(int $n, Token $token): void
    {
        if ($token->is(TokenKind::Rate)) {
            if ($this->isVolume($token->value)) {
                $this->volume($n, $token, Volume::RATE);
            }

            return;
        }
        if (! $token->is(TokenKind::Amount) || ! $this->isVolume($token->value)) {
            return;
        }
        $water = $this->ahead($n + 1, TokenKind::Water, TokenKind::Ingredient, TokenKind::Soap);
        $previous = $this->behind($n);
        if ($water !== null && $this->tokens[$water]->is(TokenKind::Water)) {
            $this->volume($n, $token, Volume::WATER);
            $this->used[$water] = true;
        } elseif ($previous?->is(TokenKind::Water) && $this->isClosed($n) && $this->behind($n, 2)?->is(TokenKind::Amount) !== true) {
            $this->volume($n, $token, Volume::WATER);
        } elseif ($previous?->is(TokenKind::Final)) {
            $this->volume($n, $token, Volume::WATER, true);
        } elseif ($water === null && ($this->tokens[$n + 1] ?? null)?->is(TokenKind::Final)) {
            $this->volume($n, $token, Volume::RATE);
        } elseif ($water === null && ($this->near($n, TokenKind::Container) || $previous?->is(TokenKind::Per, TokenKind::In))) {
            $this->volume($n, $token, $previous?->is(TokenKind::Per) ? Volume::RATE : Volume::CONTAINER);
        }
    }

    private function amount(int $n, Token $token): void
    {
        if (! $token->is(TokenKind::Amount)) {
            return;
        }
        $what = $this->freeAhead($n + 1, TokenKind::Ingredient, TokenKind::Soap) ?? $this->justBehind($n);
        if ($what !== null) {
            $this->used[$what] = $this->used[$n] = true;
            $this->entryAt($what)->give($token);

            return;
        }
        $unit = $this->unit($token->value);
        if (isset(self::NAMED_BY_UNIT[$unit])) {
            $this->used[$n] = true;
            $this->draft->entry(self::NAMED_BY_UNIT[$unit], $token, $this->sentence)->give($token);

            return;
        }
        $this->unknown($n, $token);
    }

    /** "2 aspirins": whole things without a unit. */
    private function number(int $n, Token $token): void
    {
        if (! $token->is(TokenKind::Number)) {
            return;
        }
        $what = $this->freeAhead($n + 1, TokenKind::Ingredient);
        $ingredient = $what === null ? null : $this->knowledge->ingredient($this->tokens[$what]->value);
        if ($what === null || $ingredient === null || $what > $n + 2) {
            return;
        }
        $unit = $ingredient->isTablet ? 'tablets' : ($ingredient->knowsPiece($ingredient->id) ? $ingredient->id : null);
        if ($unit !== null) {
            $this->used[$n] = $this->used[$what] = true;
            $this->entryAt($what)->give(Token::of(TokenKind::Amount, $token->text, $token->start, "$token->value $unit"));
        }
    }

    /** "1:500", "1 in 10": of the ingredient that stands nearest. */
    private function share(int $n, Token $token): void
    {
        if (! $token->is(TokenKind::Ratio)) {
            return;
        }
        $what = $this->justBehind($n) ?? $this->freeAhead($n + 1, TokenKind::Ingredient, TokenKind::Soap) ?? $this->anyBehind($n);
        if ($what === null) {
            $this->draft->unplaced[] = $token;

            return;
        }
        $entry = $this->entryAt($what);
        if ($entry->amount === null) {
            $this->used[$n] = $this->used[$what] = true;
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
        $what = $this->ahead($n + 1, TokenKind::Ingredient, TokenKind::Soap) ?? $this->justBehind($n) ?? $this->anyBehind($n);
        if ($what === null) {
            $this->draft->unplaced[] = $token;

            return;
        }
        $this->used[$n] = true;
        $entry = $this->lastEntryFor($what);
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
        $this->used[$what] = true;
    }

    /** Named without an amount: kept, to be asked for. */
    private function mention(int $n, Token $token): void
    {
        if (! $token->is(TokenKind::Ingredient, TokenKind::Soap)) {
            return;
        }
        $id = $this->idOf($token);
        // Said again, or soap said for short once a soap was named.
        if ($this->draft->has($id) || ($token->is(TokenKind::Soap) && $this->hasSoap())) {
            $this->used[$n] = true;

            return;
        }
        $this->entryAt($n);
        $this->used[$n] = true;
    }

    private function note(int $n, Token $token): void
    {
        match ($token->kind) {
            TokenKind::Use => $this->draft->uses[$token->value] ??= $token,
            TokenKind::Container => preg_match('/spray|spruzz|borrif|pulveriz/iu', $token->text) === 1 ? $this->draft->uses['foliar'] ??= $token : null,
            TokenKind::Target => $this->draft->targets[$token->value] ??= $token,
            TokenKind::Repeat => $this->draft->repeat ??= $token,
            TokenKind::Times => $this->draft->times ??= $token,
            TokenKind::Duration => $this->draft->durations[] = $token,
            TokenKind::Number => $this->draft->unplaced[] = $token,
            default => null,
        };
    }

    /** What follows an amount and is not known: up to four words. */
    private function unknown(int $n, Token $token): void
    {
        $first = ($this->tokens[$n + 1] ?? null)?->is(TokenKind::Of) ? $n + 2 : $n + 1;
        $last = null;
        for ($m = $first; $m < $first + self::REACH && ($this->tokens[$m] ?? null)?->is(TokenKind::Word); $m++) {
            $last = $m;
        }
        $this->used[$n] = true;
        if ($last === null) {
            $entry = $this->draft->entries[count($this->draft->entries) - 1] ?? null;
            if ($first > $n + 1 || $entry === null || $this->unit($token->value) === 'squeeze' || $this->isRough($token->value)) {
                $this->draft->unknown[] = [$token, $token];
                $this->draft->entry(null, $token, $this->sentence)->give($token);
            } else {
                $this->draft->unplaced[] = $token;
            }

            return;
        }
        $words = array_map(static fn (Token $word): string => $word->text, array_slice($this->tokens, $first, $last - $first + 1));
        $name = Token::of(TokenKind::Word, implode(' ', $words), $this->tokens[$first]->start);
        $this->draft->unknown[] = [$token, $name];
        $this->draft->entry(null, $name, $this->sentence)->give($token);
    }

    /** An ingredient's amount is said for the volume that stands in the same sentence. */
    private function ownVolumes(int $from): void
    {
        $mine = array_values(array_filter($this->draft->volumes, fn (Volume $volume): bool => $volume->sentence === $this->sentence));
        foreach (array_slice($this->draft->entries, $from) as $entry) {
            $after = $entry->amountToken->start ?? 0;
            foreach ($mine as $volume) {
                if ($entry->per === null || ($volume->token->start > $after && $entry->per->token->start < $after)) {
                    $entry->per = $volume;
                }
            }
        }
        // "that is about 1 tablespoon per gallon": an amount without a name is of what was spoken of last.
        $unplaced = [];
        foreach ($this->draft->unplaced as $token) {
            $last = $this->draft->entries[count($this->draft->entries) - 1] ?? null;
            if ($last?->ingredient === null || ! $token->is(TokenKind::Amount) || $this->isVolumeToken($token)) {
                $unplaced[] = $token;

                continue;
            }
            $again = new Entry($last->ingredient, $last->name, $this->sentence);
            $again->give($token);
            foreach ($mine as $volume) {
                $again->per = $volume->token->start > $token->start && ($again->per === null || $again->per->token->start < $token->start) ? $volume : $again->per;
            }
            $this->draft->entries[] = $again;
        }
        $this->draft->unplaced = $unplaced;
    }

    private function volume(int $n, Token $token, int $rank, bool $isFinal = false): void
    {
        $this->used[$n] = true;
        $isFinal = $isFinal || ($this->tokens[$n + 1] ?? null)?->is(TokenKind::Final) === true && $this->near($n, TokenKind::Water);
        $stirred = false;
        for ($m = $n - 1; $m >= 0 && ! $this->tokens[$m]->is(TokenKind::Comma); $m--) {
            $stirred = $stirred || $this->tokens[$m]->is(TokenKind::Stirred);
        }
        $this->draft->volumes[] = new Volume($token->value, $token, $rank, $isFinal, $this->sentence, $stirred);
    }

    private function entryAt(int $n): Entry
    {
        return $this->draft->entry($this->idOf($this->tokens[$n]), $this->tokens[$n], $this->sentence);
    }

    private function lastEntryFor(int $n): Entry
    {
        $id = $this->idOf($this->tokens[$n]);
        foreach (array_reverse($this->draft->entries) as $entry) {
            if ($entry->ingredient === $id) {
                return $entry;
            }
        }

        return $this->entryAt($n);
    }

    private function idOf(Token $token): string
    {
        return $token->is(TokenKind::Soap) ? self::UNNAMED_SOAP : $token->value;
    }

    private function hasSoap(): bool
    {
        foreach ($this->draft->entries as $entry) {
            if ($entry->ingredient !== null && in_array($this->knowledge->ingredient($entry->ingredient)->group, ['soap', 'soap-solid'], true)) {
                return true;
            }
        }

        return false;
    }

    /** The first of these kinds from a place on, with nothing but words, strengths and links of possession between. */
    private function ahead(int $from, TokenKind ...$kinds): ?int
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
            } elseif ($token->text !== ')' && ! $token->is(TokenKind::Of, TokenKind::Word, TokenKind::Percent, TokenKind::Strength, TokenKind::Container, TokenKind::Part)) {
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
    private function freeAhead(int $from, TokenKind ...$kinds): ?int
    {
        $n = $this->ahead($from, ...$kinds);

        return $n === null || isset($this->used[$n]) && ! $this->isInBrackets($from) ? null : $n;
    }

    private function isInBrackets(int $n): bool
    {
        return ($this->tokens[$n] ?? null)?->text === ')';
    }

    /** An ingredient right before, as in "neem oil (1 tsp)" and "soap: 2 tbsp", that has no amount yet. */
    private function justBehind(int $n): ?int
    {
        for ($m = $n - 1; $m >= 0 && $m >= $n - self::REACH; $m--) {
            $token = $this->tokens[$m];
            if ($token->is(TokenKind::Ingredient, TokenKind::Soap)) {
                return isset($this->used[$m]) && ! $this->tokens[$n]->is(TokenKind::Percent, TokenKind::Strength) ? null : $m;
            }
            if (! $token->is(TokenKind::Mark, TokenKind::Word, TokenKind::Percent, TokenKind::Strength, TokenKind::Comma)) {
                return null;
            }
        }

        return null;
    }

    private function anyBehind(int $n): ?int
    {
        for ($m = $n - 1; $m >= 0; $m--) {
            if ($this->tokens[$m]->is(TokenKind::Ingredient, TokenKind::Soap)) {
                return $m;
            }
        }

        return null;
    }

    /** The token before, past marks and plain words. */
    private function behind(int $n, int $nth = 1): ?Token
    {
        for ($m = $n - 1; $m >= 0; $m--) {
            if (! $this->tokens[$m]->is(TokenKind::Mark, TokenKind::Word) && --$nth === 0) {
                return $this->tokens[$m];
            }
        }

        return null;
    }

    private function near(int $n, TokenKind $kind): bool
    {
        for ($m = $n + 1; $m <= $n + 2; $m++) {
            if (($this->tokens[$m] ?? null)?->is($kind)) {
                return true;
            }
        }

        return false;
    }

    /** Nothing that an amount could belong to comes next. */
    private function isClosed(int $n): bool
    {
        return $this->ahead($n + 1, TokenKind::Ingredient, TokenKind::Soap) === null;
    }

    private function isVolumeToken(Token $token): bool
    {
        foreach ($this->draft->volumes as $volume) {
            if ($volume->token === $token) {
                return true;
            }
        }

        return false;
    }

    private function isVolume(string $amount): bool
    {
        return $this->unitKind($amount) === UnitKind::Volume;
    }

    private function isRough(string $amount): bool
    {
        try {
            return ! $this->amounts->parse($amount, $this->system)->unit->isPrecise();
        } catch (BadInput) {
            return false;
        }
    }

    private function unitKind(string $amount): ?UnitKind
    {
        try {
            return $this->amounts->parse($amount, $this->system)->unit->kind;
        } catch (BadInput) {
            return null;
        }
    }

    private function unit(string $amount): ?string
    {
        try {
            return $this->amounts->parse($amount, $this->system)->unit->id;
        } catch (BadInput) {
            return null;
        }
    }

    private function couldBeSold(Entry $entry, string $percent): bool
    {
        if ($entry->ingredient === null) {
            return false;
        }
        $usual = $this->knowledge->ingredient($entry->ingredient)->usual;

        return $usual->likely > 0.0 && (float) str_replace(',', '.', $percent) >= 0.5 * $usual->low;
    }
}
