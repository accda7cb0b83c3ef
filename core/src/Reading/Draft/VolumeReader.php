<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Draft;

use Nebbia\Core\Reading\Words\Sentence;
use Nebbia\Core\Reading\Words\Token;
use Nebbia\Core\Reading\Words\TokenKind;

/** Which volumes of a sentence the recipe may be for, and which amount is said for which of them. */
final readonly class VolumeReader
{
    /** mL, and how many times what goes in: less is no water that somebody leaves out. */
    private const WATER_ML = 200.0;

    private const FAR_MORE = 5.0;

    public function __construct(
        private Draft $draft,
        private Peek $peek,
        private Sentence $sentence,
        /** Of the sentence in the paragraph. */
        private int $number,
    ) {}

    public function read(int $n, Token $token): void
    {
        if ($this->sentence->stockOf($n) !== null) {
            $this->sentence->settle($n);
            $this->draft->stocks[] = $token;

            return;
        }
        if ($token->is(TokenKind::Rate)) {
            if ($this->peek->isVolume($token->value)) {
                $this->volume($n, $token, Volume::RATE);
            }

            return;
        }
        if ($token->is(TokenKind::Amount) && $this->peek->unit($token->value) === 'oz' && $this->waterAhead($n) !== null) {
            // Nobody weighs water.
            $token = Token::of(
                TokenKind::Amount,
                $token->text,
                $token->start,
                (string) preg_replace('/\b(?:oz|ounces?)\.?$/iu', 'floz', $token->value),
            );
        }
        if (! $token->is(TokenKind::Amount) || ! $this->peek->isVolume($token->value)) {
            return;
        }
        if ($this->sentence->is($n + 1, TokenKind::Rate)) {
            // "100 mL per litre of water" is no water.
            return;
        }
        if ($n > 1 && $this->sentence->rateOf($n - 2) !== null) {
            // "20 g per 10 L of copper": the copper is what there are 20 g of.
            $this->volume($n, $token, Volume::RATE);

            return;
        }
        if ($this->isOfSolution($n) || $this->isBehindSolution($n)) {
            $this->volume($n, $token, Volume::WATER, true);

            return;
        }
        $water = $this->waterAhead($n) ?? $this->sentence->ahead($n + 1, TokenKind::Ingredient, TokenKind::Unnamed);
        $previous = $this->sentence->behind($n);
        // "a can of 5 litres": the can is what stands before it.
        $previous =
            $previous?->is(TokenKind::Of) === true && $this->sentence->behind($n, 2)?->is(TokenKind::Container) === true
                ? $this->sentence->behind($n, 2)
                : $previous;
        if ($water !== null && $this->sentence->is($water, TokenKind::Water)) {
            $this->volume($n, $token, Volume::WATER);
            $this->sentence->settle($water);
        } elseif ($previous?->is(TokenKind::Water) && $this->sentence->isClosed($n) && ! $this->sentence->hasAmount($n - 1)) {
            $this->volume($n, $token, Volume::WATER);
        } elseif ($previous?->is(TokenKind::Final)) {
            $this->volume($n, $token, Volume::WATER, true);
        } elseif ($water === null && $this->sentence->is($n + 1, TokenKind::Final)) {
            $this->volume($n, $token, Volume::RATE);
        } elseif (
            $water === null &&
            ($this->isSizeOfContainer($n) || $previous?->is(TokenKind::Per, TokenKind::In, TokenKind::Container))
        ) {
            // Half and half in a bottle of that size: it is all that goes in.
            $this->volume($n, $token, $previous?->is(TokenKind::Per) ? Volume::RATE : Volume::CONTAINER, $this->hasHalf());
        }
    }

    /** "100 ml per watering can" is what goes into it, and not its size. */
    private function isSizeOfContainer(int $n): bool
    {
        return $this->sentence->near($n, TokenKind::Container) && ! $this->sentence->is($n + 1, TokenKind::Per);
    }

    /** "a litre of a 2 % soap solution". */
    private function isOfSolution(int $n): bool
    {
        if (! $this->sentence->is($n + 1, TokenKind::Of)) {
            return false;
        }
        for ($m = $n + 2; $m <= $n + 4; $m++) {
            $what = $this->sentence->is($m, TokenKind::Percent)
                ? $this->sentence->ahead($m + 1, TokenKind::Ingredient, TokenKind::Unnamed)
                : null;
            if ($what !== null && $this->sentence->isSolution($m, $what)) {
                return true;
            }
        }

        return false;
    }

    /** "A 2 % soap solution, 5 litres". */
    private function isBehindSolution(int $n): bool
    {
        $what = $this->peek->likely($this->sentence->tokens[$n]->value) < self::WATER_ML ? null : $this->sentence->justBehind($n, true);

        return $what !== null && $this->sentence->is($what - 1, TokenKind::Percent) && $this->sentence->isSolution($what - 1, $what);
    }

    /** Water that the amount is of: "a quart of water", and of "a quart of sugar water" too. */
    private function waterAhead(int $n): ?int
    {
        $what = $this->sentence->ahead($n + 1, TokenKind::Water, TokenKind::Ingredient, TokenKind::Unnamed);
        if ($what !== null && ! $this->sentence->is($what, TokenKind::Water)) {
            $isOne =
                $this->sentence->is($what + 1, TokenKind::Water) && ! $this->sentence->is($what + 2, TokenKind::Amount, TokenKind::Mark);

            return $isOne ? $what + 1 : null;
        }

        return $what;
    }

    /** An ingredient's amount is said for the volume that stands in the same sentence. */
    public function settle(int $from): void
    {
        $mine = array_values(array_filter($this->draft->volumes, fn (Volume $volume): bool => $volume->sentence === $this->number));
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
            $again = new Entry($last->ingredient, $last->name, $this->number);
            $again->give($token);
            foreach ($mine as $volume) {
                $again->per =
                    $volume->token->start > $token->start && ($again->per === null || $again->per->token->start < $token->start)
                        ? $volume
                        : $again->per;
            }
            if ($this->isFarMore($token, $last)) {
                $this->draft->bare[] = [$token, $again];
            } else {
                $this->draft->entries[] = $again;
            }
        }
        $this->draft->unplaced = $unplaced;
    }

    /** "10 ml soap, 1 litre": it may be the water that goes with it. */
    private function isFarMore(Token $token, Entry $last): bool
    {
        if (! $this->peek->isVolume($token->value) || $this->peek->likely($token->value) < self::WATER_ML) {
            return false;
        }

        $named = (string) $last->amount;

        return ! $this->peek->isVolume($named) || $this->peek->likely($token->value) >= self::FAR_MORE * $this->peek->likely($named);
    }

    private function volume(int $n, Token $token, int $rank, bool $isFinal = false): void
    {
        $this->sentence->settle($n);
        $isFinal = $isFinal || ($this->sentence->is($n + 1, TokenKind::Final) === true && $this->sentence->near($n, TokenKind::Water));
        $stirred = false;
        for ($m = $n - 1; $m >= 0 && ! $this->sentence->is($m, TokenKind::Comma); $m--) {
            $stirred = $stirred || $this->sentence->is($m, TokenKind::Stirred);
        }
        if ($this->thinsStock()) {
            // The water that a mix is thinned with is not what the mix was made with.
            $this->draft->thinned[] = $token;

            return;
        }
        $this->draft->volumes[] = new Volume($token->value, $token, $rank, $isFinal, $this->number, $stirred);
    }

    private function thinsStock(): bool
    {
        foreach (array_keys($this->sentence->tokens) as $n) {
            if ($this->sentence->stockOf($n) !== null) {
                return true;
            }
        }

        return false;
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

    private function hasHalf(): bool
    {
        foreach ($this->sentence->tokens as $token) {
            if ($token->is(TokenKind::Half)) {
                return true;
            }
        }

        return false;
    }
}
