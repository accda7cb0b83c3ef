<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Draft;

use Nebbia\Core\Reading\Words\Lexicon;
use Nebbia\Core\Reading\Words\Sentence;
use Nebbia\Core\Reading\Words\Token;
use Nebbia\Core\Reading\Words\TokenKind;

/** An amount of something that is not known here: it is kept by the words that name it. */
final readonly class NamelessReader
{
    /** Words that a name may have. */
    private const NAME = 3;

    public function __construct(
        private Draft $draft,
        private Peek $peek,
        private Sentence $at,
        /** Of the sentence in the paragraph. */
        private int $number,
        private Lexicon $words,
    ) {}

    /** What follows an amount and is not known: up to four words. */
    public function read(int $n, Token $token): void
    {
        // "1 ml/l wetter": the rate stands between.
        $isRate = $this->at->is($n + 1, TokenKind::Rate) && $this->at->is($n + 2, TokenKind::Word);
        $first = $isRate || $this->at->is($n + 1, TokenKind::Of) ? $n + 2 : $n + 1;
        $last = null;
        for ($m = $first; $m < $first + Sentence::REACH; $m++) {
            // "estratto di ginepro": the link is part of the name, if a word follows.
            if ($this->at->is($m, TokenKind::Word) || ($last === $m - 1 && $this->at->is($m, TokenKind::Plant))) {
                $last = $m;
            } elseif ($last !== $m - 1 || ! $this->at->is($m, TokenKind::Of)) {
                break;
            }
        }
        $this->at->settle($n);
        if ($last === null && $first === $n + 1) {
            [$first, $last] = $this->wordsBefore($n) ?? [$first, null];
        }
        if ($last === null && $this->nameBefore($n, $token)) {
            return;
        }
        if ($last === null) {
            $entry = $this->draft->entries[count($this->draft->entries) - 1] ?? null;
            if (
                $first > $n + 1 ||
                $entry === null ||
                $this->peek->unit($token->value) === 'squeeze' ||
                $this->peek->isRough($token->value)
            ) {
                $this->draft->unknown[] = [$token, $token];
                $this->draft->entry(null, $token, $this->number)->give($token);
            } else {
                $this->draft->unplaced[] = $token;
            }

            return;
        }
        $name = $this->at->joined($first, $last);
        $this->at->settle(...range($first, $last));
        $this->draft->unknown[] = [$token, $name];
        $this->draft->entry(null, $name, $this->number)->give($token);
    }

    /** "Snow flakes 2 tbsp in a gallon", "wetter 1:500": nothing else stands before it, and it is more than what is done with it. */
    public function nameBefore(int $n, Token $token): bool
    {
        // What is named later may be what it is of.
        $isElsewhere = false;
        for ($m = $n + 1; isset($this->at->tokens[$m]); $m++) {
            $isElsewhere = $isElsewhere || $this->at->is($m, TokenKind::Ingredient, TokenKind::Unnamed);
        }
        if ($n === 0 || $n > self::NAME || $this->draft->entries !== [] || $isElsewhere) {
            return false;
        }
        $first = 0;
        while ($first < $n && $this->words->isOf('said_before', $this->at->tokens[$first]->text)) {
            $first++;
        }
        for ($m = $first; $m < $n; $m++) {
            if (! $this->at->is($m, TokenKind::Word) || $this->at->isSettled($m)) {
                return false;
            }
        }
        if ($first === $n) {
            return false;
        }
        $name = $this->at->joined($first, $n - 1);
        $this->at->settle($n, ...range($first, $n - 1));
        $this->draft->unknown[] = [$token, $name];
        $this->draft->entry(null, $name, $this->number)->give($token);

        return true;
    }

    /**
     * "decotto di assenzio, 2 cucchiai": a name that stands before its amount, with nothing else in the clause.
     *
     * @return array{int, int}|null
     */
    private function wordsBefore(int $n): ?array
    {
        $last =
            $this->at->is($n - 1, TokenKind::Comma) || in_array($this->at->at($n - 1)?->text, [':', '-', '–', '('], true)
                ? $n - 2
                : $n - 1;
        $first = null;
        for ($m = $last; $m >= 0 && $m > $last - Sentence::REACH; $m--) {
            if (! $this->at->is($m, TokenKind::Word, TokenKind::Of, TokenKind::Plant) || $this->at->isSettled($m)) {
                break;
            }
            $first = $m;
        }
        if (
            $first === null ||
            ! $this->at->is($first, TokenKind::Word) ||
            ! ($first === 0 || $this->at->is($first - 1, TokenKind::Comma, TokenKind::And))
        ) {
            return null;
        }
        $isLinked = $last < $n - 1;
        for ($m = $first; $m <= $last; $m++) {
            $isLinked = $isLinked || $this->at->is($m, TokenKind::Of);
        }

        return $isLinked ? [$first, $last] : null;
    }
}
