<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Draft;

use Nebbia\Core\Measure\AmountParser;
use Nebbia\Core\Measure\NumberParser;
use Nebbia\Core\Measure\UnitKind;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Reading\Words\Lexicon;
use Nebbia\Core\Reading\Words\PlantParts;
use Nebbia\Core\Reading\Words\Sentence;
use Nebbia\Core\Reading\Words\Token;
use Nebbia\Core\Reading\Words\TokenKind;
use Nebbia\Core\Substance\Ingredient;
use Nebbia\Core\Substance\Ingredients;

/**
 * Puts tokens together, sentence by sentence: which amount belongs to which ingredient, which volume is the base. It reads what stands
 * there and makes nothing up; what it cannot place is kept.
 */
final class Assembler
{
    private Draft $draft;

    private Sentence $at;

    private readonly Peek $peek;

    private int $sentence = 0;

    public function __construct(
        private readonly Ingredients $ingredients,
        private readonly Lexicon $words,
        AmountParser $amounts,
        UnitSystem $system,
    ) {
        $this->draft = new Draft();
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
        $this->draft->settleBare();
        $this->draft->settleCounted();

        return $this->draft;
    }

    /** @param  list<Token>  $tokens */
    private function sentence(array $tokens): void
    {
        $this->at = new Sentence($tokens);
        $volumes = new VolumeReader($this->draft, $this->peek, $this->at, $this->sentence);
        $each = new EachReader($this->ingredients, $this->draft, $this->at, $this->sentence);
        $percents = new PercentReader($this->ingredients, $this->draft, $this->at, $this->sentence);
        $before = count($this->draft->entries);
        $this->leaveOut();
        (new PartsReader($this->draft, $this->at, $this->sentence))->read();
        foreach (
            [
                $volumes->read(...),
                $each->read(...),
                $this->amount(...),
                $this->number(...),
                $this->share(...),
                $percents->read(...),
                $this->mention(...),
                $this->note(...),
            ] as $pass
        ) {
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

    private function amount(int $n, Token $token): void
    {
        if (! $token->is(TokenKind::Amount)) {
            return;
        }
        $ahead = $this->at->rateOf($n) ?? $this->at->freeAhead($n + 1, TokenKind::Ingredient, TokenKind::Unnamed);
        if ($ahead !== null && $this->at->hasOwnBehind($ahead)) {
            // "oil, 1 ml, alcohol: 5 ml": what comes next has an amount of its own.
            $ahead = $this->at->justBehind($n) ?? $ahead;
        }
        $named = $ahead === null ? NamedByUnit::ingredient($this->peek->unit($token->value)) : null;
        if ($named !== null && ! $this->at->namesBehind($n, $named)) {
            $this->at->settle($n);
            $this->draft->entry($named, $token, $this->sentence)->give($token);

            return;
        }
        $what =
            $ahead ??
            ($this->at->justBehind($n, true) ?? ($this->at->is($n - 1, TokenKind::Of) ? $this->at->justBehind($n - 1, true) : null));
        if ($what !== null && $this->tabletOf($n, $what, $token)) {
            return;
        }
        // "One of oil, 1 litre": the oil has its own.
        $hasOwn = $what !== null && $what < $n && $this->at->is($what - 1, TokenKind::Of) && $this->at->is($what - 2, TokenKind::Number);
        $what = $what !== null && $what < $n && ($hasOwn || $this->at->isSettled($what)) ? null : $what;
        if ($what !== null) {
            $this->at->settle($what, $n);
            $this->draft
                ->entryFor($this->barOf($token, $this->at->tokens[$what]), $this->sentence)
                ->give($this->poured($token, $this->at->tokens[$what]->value));

            return;
        }
        (new NamelessReader($this->draft, $this->peek, $this->at, $this->sentence, $this->words))->read($n, $token);
    }

    /** A bar of soap is hard soap, whatever it is called. */
    private function barOf(Token $amount, Token $name): Token
    {
        return $this->peek->unit($amount->value) === 'bar' && $this->ingredients->familyOf($name->value) === 'soap'
            ? $name->taken(TokenKind::Ingredient, 'bar-soap')
            : $name;
    }

    /** "1 oz neem oil": of what is poured nobody weighs ounces. */
    private function poured(Token $token, string $ingredient): Token
    {
        return $this->peek->unit($token->value) === 'oz' && $this->ingredients->named($ingredient)->isLiquid
            ? Token::of(
                TokenKind::Amount,
                $token->text,
                $token->start,
                (string) preg_replace('/\b(?:oz|ounces?)\.?$/iu', 'floz', $token->value),
                $token->doubt,
            )
            : $token;
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
            $entry->give(
                Token::of(TokenKind::Amount, $token->text, $token->start, NumberParser::parse($count->value).' x '.$token->value),
            );

            return true;
        }
        $tablets = $this->peek->amount($entry->amount ?? '');
        if ($count?->is(TokenKind::Number) === true || $tablets?->unit->id === 'tablet') {
            $this->at->settle($n);
            // How many there are may be read only after this.
            $entry->strength = $token->value;
            $entry->strengthToken = $token;
            if ($tablets?->unit->id === 'tablet') {
                $entry->eachHolds((string) $tablets->likely);
            }

            return true;
        }

        return false;
    }

    /** "2 aspirins": whole things without a unit. */
    private function number(int $n, Token $token): void
    {
        if (! $token->is(TokenKind::Number)) {
            return;
        }
        if ($this->sameAgain($n, $token)) {
            return;
        }
        $what = $this->at->freeAhead($n + 1, TokenKind::Ingredient) ?? $this->countedBehind($n);
        $ingredient = $what === null ? null : $this->ingredients->named($this->at->tokens[$what]->value);
        if ($what === null || $ingredient === null || $what > $n + 3) {
            $this->counted($n, $token);

            return;
        }
        $unit = $ingredient->isTablet ? 'tablets' : $this->pieceSaid($what, $ingredient) ?? NamedByUnit::piece($ingredient);
        if ($unit !== null) {
            $this->at->settle($n, $what);
            $entry = $this->draft->entryFor($this->at->tokens[$what], $this->sentence);
            $entry->give(Token::of(TokenKind::Amount, $token->text, $token->start, "$token->value $unit"));
            if ($ingredient->isTablet && $entry->strength !== null) {
                $entry->eachHolds((string) NumberParser::parse($token->value));
            }
        }
    }

    /** "2 aloe leaves": kept by its name, for where nothing else goes in. A plant alone is one that is sprayed. */
    private function counted(int $n, Token $token): void
    {
        for ($last = $n; $last < $n + Sentence::REACH && $this->at->is($last + 1, TokenKind::Word, TokenKind::Plant, TokenKind::Target);) {
            $last++;
        }
        $isElse = $this->words->isOf('not_in', $this->at->at($n - 1)->text ?? '');
        if ($last > $n && $this->at->is($last, TokenKind::Word) && ! $isElse) {
            $isListed = $n === 0 || $this->at->is($n - 1, TokenKind::And, TokenKind::Comma);
            for ($part = $n + 1; $part < $last && $this->at->at($part)?->value !== PlantParts::COUNTED;) {
                $part++;
            }
            $isPart = $isListed && $this->at->at($part)?->value === PlantParts::COUNTED;
            $this->draft->counted[] = [$token, $this->at->joined($n + 1, $isPart ? $part : $last), $this->sentence, $isPart];
        }
    }

    /** The piece that is said behind the name, or ends it: "3 garlic bulbs" are ten times "3 garlic", "2 cinnamon sticks" are sticks. */
    private function pieceSaid(int $what, Ingredient $ingredient): ?string
    {
        $said = $this->at->at($what + 1);
        $unit = $said?->is(TokenKind::Word, TokenKind::Plant) === true ? $this->peek->unit("1 $said->text") : null;
        if ($unit !== null && $ingredient->knowsPiece($unit)) {
            $this->at->settle($what + 1);

            return $unit;
        }
        $words = explode(' ', $this->at->tokens[$what]->text);
        $own = count($words) > 1 ? $this->peek->unit('1 '.$words[count($words) - 1]) : null;

        return $own !== null && $ingredient->knowsPiece($own) ? $own : null;
    }

    /** "peperoncino 2, ...": a bare number right behind what is counted, at the end of its clause. */
    private function countedBehind(int $n): ?int
    {
        $behind = in_array($this->at->at($n - 1)?->text, [':', '-', '–'], true) ? $n - 2 : $n - 1;
        $isEnd = $this->at->at($n + 1) === null || $this->at->is($n + 1, TokenKind::Comma, TokenKind::And);

        return $isEnd && $this->at->is($behind, TokenKind::Ingredient) && ! $this->at->isSettled($behind) ? $behind : null;
    }

    /** "A teaspoon of oil and one of soap", "a cup of milk to 9 of water": so many of the same spoon, of another thing. */
    private function sameAgain(int $n, Token $token): bool
    {
        $isOf = $this->at->is($n + 1, TokenKind::Of);
        $water = $isOf ? $n + 2 : $n + 1;
        $isWater = $this->at->is($water, TokenKind::Water);
        $what = $isOf ? $this->at->freeAhead($n + 2, TokenKind::Ingredient, TokenKind::Unnamed) : null;
        for ($m = $n - 1; ($isWater || $what !== null) && $m >= 0; $m--) {
            if (! $this->at->is($m, TokenKind::Amount)) {
                continue;
            }
            $before = $this->at->tokens[$m];
            $many = $this->peek->soMany($token->value, $before->value);
            if ($many === null || ($isWater && ! $this->peek->isVolume($many))) {
                return false;
            }
            $same = Token::of(TokenKind::Amount, $token->text, $token->start, $many, $before->doubt);
            if ($isWater) {
                $this->at->settle(...range($n, $water));
                $this->draft->volumes[] = new Volume($same->value, $same, Volume::WATER, false, $this->sentence);
            } elseif ($what !== null) {
                $this->at->settle($n, $what);
                $this->draft->entryFor($this->at->tokens[$what], $this->sentence)->give($same);
            }

            return true;
        }

        return false;
    }

    /** "1:500", "1 in 10": of the ingredient that stands nearest. */
    private function share(int $n, Token $token): void
    {
        if (! $token->is(TokenKind::Ratio)) {
            return;
        }
        $what =
            $this->at->justBehind($n) ??
            ($this->at->freeAhead($n + 1, TokenKind::Ingredient, TokenKind::Unnamed) ?? $this->at->anyBehind($n));
        $nameless = new NamelessReader($this->draft, $this->peek, $this->at, $this->sentence, $this->words);
        if ($what === null && $nameless->nameBefore($n, $token)) {
            return;
        }
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

    /** Named without an amount: kept, to be asked for. */
    private function mention(int $n, Token $token): void
    {
        if (! $token->is(TokenKind::Ingredient, TokenKind::Unnamed)) {
            return;
        }
        $id = $token->value;
        // Said again, or said for short once one was named.
        if ($this->draft->has($id) || ($token->is(TokenKind::Unnamed) && $this->draft->hasAlike($id, $this->ingredients))) {
            $this->at->settle($n);

            return;
        }
        $this->draft->entryFor($this->at->tokens[$n], $this->sentence);
        $this->at->settle($n);
    }

    /** "Fortnightly x3", "weekly x 4". */
    private function timesBehind(int $n, Token $token): ?Token
    {
        $isBehind = $this->at->is($n - 1, TokenKind::Repeat, TokenKind::RepeatRange);
        if (! $isBehind || preg_match('/^[x×](\d{0,2})$/iu', $token->text, $m) !== 1) {
            return null;
        }
        $number = $m[1] !== '' ? $m[1] : ($this->at->is($n + 1, TokenKind::Number) ? $this->at->tokens[$n + 1]->value : '');
        if (! ctype_digit($number) || (int) $number < 1) {
            return null;
        }
        $this->at->settle($n, ...$m[1] === '' ? [$n + 1] : []);

        return Token::of(TokenKind::Times, $token->text, $token->start, (string) (int) $number);
    }

    private function note(int $n, Token $token): void
    {
        $times = $token->is(TokenKind::Word) ? $this->timesBehind($n, $token) : null;
        if ($times !== null) {
            $this->draft->times ??= $times;

            return;
        }
        match ($token->kind) {
            TokenKind::Use => ($this->draft->uses[$token->value] ??= $token),
            TokenKind::Container => $token->value === 'any' ? null : ($this->draft->uses[$token->value] ??= $token),
            TokenKind::Plant => ($this->draft->plants[$token->value] ??= $token),
            TokenKind::Target => ($this->draft->targets[$token->value] ??= $token),
            TokenKind::Repeat, TokenKind::RepeatRange => ($this->draft->repeat ??= $token),
            TokenKind::Times => ($this->draft->times ??= $token),
            TokenKind::Duration => ($this->draft->durations[] = $token),
            // "in a bucket" counts no buckets.
            TokenKind::Number => $this->at->is($n + 1, TokenKind::Container, TokenKind::Use)
                && (string) NumberParser::parse($token->value) === '1'
                ? ($this->draft->counts[] = $token)
                : ($this->draft->unplaced[] = $token),
            // "the 14th" is a number too.
            TokenKind::Word => preg_match('/\d/', $token->text) === 1 ? ($this->draft->unplaced[] = $token) : null,
            default => null,
        };
    }
}
