<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading;

use Nebbia\Core\BadInput;
use Nebbia\Core\Formulation\Mixer;
use Nebbia\Core\Formulation\RecipeReader;
use Nebbia\Core\Ingredient\Ingredient;
use Nebbia\Core\Ingredient\PercentMeaning;
use Nebbia\Core\Ingredient\StrengthParser;
use Nebbia\Core\Knowledge\Knowledge;
use Nebbia\Core\Measure\Amount;
use Nebbia\Core\Measure\AmountFormatter;
use Nebbia\Core\Measure\AmountParser;
use Nebbia\Core\Measure\UnitKind;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Message\Message;

/** Settles what a draft leaves open, and says of everything that could be otherwise that it could. */
final class Doubter
{
    public const SMALLEST_BASE_ML = 100.0;

    /** Two ways to say the same differ by no more: a quart is a litre to most. */
    private const SAME = 0.06;

    /** @var list<Span> */
    private array $doubts = [];

    private ?Volume $volumeChosen = null;

    /** @var array<int, true> starts of tokens that are settled */
    private array $settled = [];

    public function __construct(
        private readonly Knowledge $knowledge,
        private readonly AmountParser $amounts,
        private readonly UnitSystem $system,
        private readonly string $text,
        private readonly Draft $draft,
    ) {}

    /** The volume that is the base: the most plainly said, of these the first that is not for dissolving something in. */
    public function base(): ?Volume
    {
        $best = null;
        foreach ($this->draft->volumes as $volume) {
            $isBetter = $best === null || $volume->rank > $best->rank
                || ($volume->rank === $best->rank && $best->isForStirring && $this->likely($volume->amount) > $this->likely($best->amount));
            if ($volume->isFinal && $best !== null && ! $best->isFinal) {
                $isBetter = true;
            }
            $best = $isBetter && ! ($best !== null && $best->isFinal && ! $volume->isFinal) ? $volume : $best;
        }
        $this->volumeChosen = $best;
        foreach ($this->draft->volumes as $volume) {
            if ($best !== null && $volume !== $best && ! $this->isNear($this->likely($volume->amount), $this->likely($best->amount))) {
                $this->otherVolume($volume, $best);
            }
        }

        return $best;
    }

    /**
     * One entry for each ingredient: an amount said twice is compared, one said for another volume is converted.
     *
     * @return list<Entry>
     */
    public function lines(?Volume $base): array
    {
        $lines = [];
        foreach ($this->draft->entries as $entry) {
            $same = null;
            foreach ($lines as $line) {
                $same = $entry->ingredient !== null && $line->ingredient === $entry->ingredient ? $line : $same;
            }
            if ($same === null) {
                $lines[] = $entry;
            } else {
                $this->compare($same, $entry, $base);
            }
        }
        foreach ($lines as $line) {
            $this->convert($line, $base);
        }

        return $lines;
    }

    public function use(): ?string
    {
        foreach (['disinfect', 'weed', 'drench', 'dip', 'wipe', 'foliar'] as $use) {
            if (isset($this->draft->uses[$use])) {
                return $use;
            }
        }

        return null;
    }

    /** mL of an entry where it is a volume; 0 where it is none. */
    public function millilitres(Entry $entry): float
    {
        $amount = $entry->amount === null ? null : $this->parse($entry->amount);

        return $amount?->unit->kind === UnitKind::Volume ? $amount->inBase()->likely : 0.0;
    }

    /**
     * @param  list<Token>  $tokens
     * @param  list<Entry>  $lines
     * @return list<Span> in the order of the text
     */
    public function understood(array $tokens, ?Volume $base, array $lines): array
    {
        $spans = [];
        if ($base !== null) {
            $spans[] = $this->span($base->token, 'base', Message::of($base->isFinal ? 'reading.base-final' : 'reading.base-added', ['amount' => $this->people($base->amount)]));
        }
        foreach ($this->draft->entries as $entry) {
            if ($entry->name !== null && $entry->ingredient !== null) {
                $spans[] = $this->span($entry->name, 'ingredient', Message::of('reading.ingredient', ['name' => $this->knowledge->ingredient($entry->ingredient)->name]));
            }
            if ($entry->amountToken !== null && $entry->amount !== null && $entry->amountToken !== $entry->name) {
                $spans[] = $this->span($entry->amountToken, 'amount', Message::of('reading.amount', ['amount' => $this->people($entry->amount)]));
            }
            if ($entry->stated !== null) {
                $spans[] = $this->span($entry->stated, 'stated', Message::of('reading.stated'));
            }
            if ($entry->strengthToken !== null) {
                $spans[] = $this->span($entry->strengthToken, 'strength', Message::of('reading.strength', ['strength' => $entry->strength ?? '']));
            }
        }
        foreach ($this->draft->volumes as $volume) {
            if ($volume !== $base) {
                $spans[] = $this->span($volume->token, 'volume', Message::of('reading.volume', ['amount' => $this->people($volume->amount)]));
            }
        }
        foreach ($this->draft->uses as $use => $token) {
            $spans[] = $this->span($token, 'use', Message::of("reading.use.$use"));
        }
        foreach ($this->draft->targets as $target => $token) {
            $spans[] = $this->span($token, 'target', Message::of('reading.target', ['name' => $this->knowledge->target($target)->name]));
        }
        if ($this->draft->repeat !== null && $this->draft->repeat->value !== 'odd') {
            $spans[] = $this->span($this->draft->repeat, 'repeat', Message::of('reading.repeat', ['days' => (int) $this->draft->repeat->value]));
        }
        if ($this->draft->times !== null) {
            $spans[] = $this->span($this->draft->times, 'times', Message::of('reading.times', ['times' => (int) $this->draft->times->value]));
        }
        foreach ($this->draft->durations as $token) {
            $spans[] = $this->span($token, 'time', Message::of('reading.time'));
        }
        foreach ($this->draft->leftOut as $token) {
            $spans[] = $this->span($token, 'left-out', Message::of('reading.left-out'));
        }
        foreach ($tokens as $token) {
            if ($token->is(TokenKind::Water)) {
                $spans[] = $this->span($token, 'water', Message::of('reading.water'));
            }
        }
        usort($spans, static fn (Span $a, Span $b): int => [$a->start, -$a->end] <=> [$b->start, -$b->end]);

        return $spans;
    }

    /**
     * @param  list<Entry>  $lines
     * @return list<Span>
     */
    public function doubts(?Volume $base, array $lines): array
    {
        $isHopeless = array_filter($lines, static fn (Entry $entry): bool => $entry->ingredient !== null) === [];
        if ($isHopeless && $this->draft->unknown === []) {
            $this->doubtAll('hopeless', Message::of('reading.hopeless'));
        } else {
            if ($isHopeless && $base === null) {
                $this->doubtAll('hopeless', Message::of('reading.hopeless'));
            } elseif ($base === null) {
                $this->doubtAll('missing-volume', Message::of('reading.missing-volume'));
            }
            foreach ($lines as $entry) {
                $this->doubtLine($entry);
            }
            if ($this->use() === null && ! ($isHopeless && $base === null)) {
                $this->doubtAll('missing-use', Message::of('reading.missing-use'));
            }
        }
        foreach ($this->draft->unknown as [$amount, $name]) {
            $this->doubt($name, 'unknown-ingredient', Message::of('reading.unknown-ingredient', ['name' => $name->text]));
        }
        if ($this->draft->repeat?->value === 'odd') {
            $this->doubt($this->draft->repeat, 'odd-repeat', Message::of('reading.odd-repeat'));
        }
        foreach ($this->draft->unplaced as $token) {
            if (! isset($this->settled[$token->start])) {
                $this->doubt($token, 'not-understood', Message::of('reading.not-placed', ['text' => $token->text]));
            }
        }
        usort($this->doubts, static fn (Span $a, Span $b): int => $a->start <=> $b->start);

        return $this->doubts;
    }

    /**
     * Stretches of plain words, for the gardener to read again.
     *
     * @param  list<Token>  $tokens
     * @return list<Span>
     */
    public function left(array $tokens): array
    {
        $spans = [];
        $from = $to = null;
        foreach ([...$tokens, Token::of(TokenKind::Stop, '', strlen($this->text))] as $token) {
            if ($token->is(TokenKind::Word)) {
                $from ??= $token->start;
                $to = $token->end();
            } elseif ($from !== null && $to !== null) {
                $spans[] = Span::of($this->text, $from, $to, 'words', Message::of('reading.words'));
                $from = $to = null;
            }
        }

        return $spans;
    }

    private function doubtLine(Entry $entry): void
    {
        $token = $entry->name ?? $entry->amountToken;
        if ($token === null) {
            return;
        }
        $amount = $entry->amount === null ? null : $this->parse($entry->amount);
        if ($entry->amountToken !== null && $entry->amount !== null && $amount === null) {
            $this->doubt($entry->amountToken, 'not-understood', Message::of('reading.not-placed', ['text' => $entry->amountToken->text]));
        }
        if ($entry->amountToken?->isHeaped) {
            $this->doubt($entry->amountToken, 'heaped', Message::of('reading.heaped'));
        }
        if ($amount !== null && $entry->amountToken !== null && $this->isWide($amount)) {
            $this->doubt($entry->amountToken, 'rough', Message::of('reading.rough', ['text' => $entry->amountToken->text]));
        }
        if ($entry->ingredient === null) {
            return;
        }
        $ingredient = $this->knowledge->ingredient($entry->ingredient);
        if ($entry->amount === null) {
            $this->doubt($token, 'missing-amount', Message::of('reading.missing-amount', ['name' => $ingredient->name]));
        }
        if ($token->is(TokenKind::Soap)) {
            $this->doubt($token, 'unnamed-soap', Message::of('reading.unnamed-soap'));
        }
        if ($entry->strength === null && $ingredient->substance !== null && $ingredient->usual->likely !== 100.0) {
            $this->doubt($token, 'missing-strength', Message::of('reading.missing-strength', ['name' => $ingredient->name]));
        }
        $this->doubtStrength($entry, $ingredient);
        $this->doubtStated($entry, $ingredient);
    }

    /** "A 0.5 % solution: 5 g in a litre" is looked at again: does the amount give that strength? */
    private function doubtStated(Entry $entry, Ingredient $ingredient): void
    {
        $base = $this->volumeChosen;
        if ($entry->stated === null || $entry->amount === null || $base === null) {
            return;
        }
        try {
            $recipe = (new RecipeReader($this->knowledge))->read([
                'format' => RecipeReader::FORMAT, 'use' => 'foliar', 'units' => $this->system->value,
                'base' => ['amount' => $base->amount, 'basis' => $base->isFinal ? 'final' : 'added', 'liquid' => 'water'],
                'ingredients' => [['ingredient' => $ingredient->id, 'amount' => $entry->amount] + ($entry->strength === null ? [] : ['strength' => $entry->strength])],
            ]);
            $strength = (new Mixer($this->knowledge))->mix($recipe)->strengths[0] ?? null;
        } catch (BadInput) {
            return;
        }
        $given = ($ingredient->percent === PercentMeaning::ByVolume ? $strength?->percentVv : $strength?->percentWv)->likely ?? 0.0;
        $stated = (float) str_replace(',', '.', $entry->stated->value);
        if (! $this->isNear($given, $stated)) {
            $this->doubt($entry->stated, 'contradiction', Message::of('reading.stated-otherwise', ['stated' => $stated, 'given' => $given]));
        }
    }

    private function doubtStrength(Entry $entry, Ingredient $ingredient): void
    {
        if ($entry->strength === null || $entry->strengthToken === null) {
            return;
        }
        try {
            StrengthParser::parse($entry->strength, $ingredient);
        } catch (BadInput $e) {
            $this->doubt($entry->strengthToken, 'not-understood', $e->said);
            $entry->strength = null;
        }
    }

    /** Spoons are what they are; a drop, a squeeze, a capful, a handful are anything. */
    private function isWide(Amount $amount): bool
    {
        return ! $amount->unit->isPrecise() || $amount->unit->kind === UnitKind::Piece;
    }

    private function compare(Entry $first, Entry $second, ?Volume $base): void
    {
        if ($second->strength !== null && $first->strength === null) {
            $first->strength = $second->strength;
            $first->strengthToken = $second->strengthToken;
        }
        if ($second->amount === null || $second->amountToken === null) {
            return;
        }
        if ($first->amount === null) {
            $first->amount = $second->amount;
            $first->amountToken = $second->amountToken;

            return;
        }
        [$a, $b] = [$this->parse($first->amount), $this->parse($second->amount)];
        $isSame = $a !== null && $b !== null && $a->unit->kind === $b->unit->kind
            && $this->isNear($a->inBase()->likely / $this->volumeOf($first, $base), $b->inBase()->likely / $this->volumeOf($second, $base));
        if (! $isSame) {
            $this->doubt($second->amountToken, 'contradiction', Message::of('reading.two-amounts', ['first' => $this->people($first->amount), 'second' => $this->people($second->amount)]));
        }
    }

    private function volumeOf(Entry $entry, ?Volume $base): float
    {
        $volume = $entry->per ?? $base;

        return $volume === null ? 1.0 : max($this->likely($volume->amount), 1e-9);
    }

    /** "1 tsp per gallon" in a recipe for a litre: as much as the litre takes. */
    private function convert(Entry $line, ?Volume $base): void
    {
        if ($line->per === null || $base === null || $line->amount === null || $line->amountToken === null || $line->per->rank !== Volume::RATE || $line->per === $base) {
            return;
        }
        [$amount, $per, $whole] = [$this->parse($line->amount), $this->parse($line->per->amount), $this->parse($base->amount)];
        if ($amount === null || $per === null || $whole === null || $per->unit->likely === null || $whole->unit->likely === null) {
            return;
        }
        $k = $whole->likely->multipliedBy($whole->unit->likely)->dividedBy($per->likely->multipliedBy($per->unit->likely));
        if (! $k->isEqualTo(1)) {
            $line->amount = AmountFormatter::machine($amount->scaledBy($k));
            $this->settled[$line->per->token->start] = true;
            $this->doubt($line->per->token, 'converted', Message::of('reading.converted', ['per' => $this->people($line->per->amount), 'base' => $this->people($base->amount)]));
        }
    }

    private function otherVolume(Volume $volume, Volume $best): void
    {
        $isRateOfOther = $volume->rank === Volume::RATE;
        if ($volume->rank < Volume::RATE && $best->rank === Volume::WATER && $this->likely($volume->amount) >= $this->likely($best->amount)) {
            // A bottle larger than the water in it is no contradiction.
            return;
        }
        $key = $volume->isForStirring || $best->isForStirring ? 'two-waters' : ($isRateOfOther ? null : 'contradiction');
        if ($key !== null) {
            $this->doubt($volume->token, $key, Message::of($key === 'two-waters' ? 'reading.two-waters' : 'reading.two-volumes', ['first' => $this->people($best->amount), 'second' => $this->people($volume->amount)]));
        }
    }

    private function doubt(Token $token, string $kind, Message $what): void
    {
        $this->doubts[] = $this->span($token, $kind, $what);
    }

    private function doubtAll(string $kind, Message $what): void
    {
        $this->doubts[] = Span::of($this->text, 0, strlen($this->text), $kind, $what);
    }

    private function span(Token $token, string $kind, Message $what): Span
    {
        return Span::of($this->text, $token->start, $token->end(), $kind, $what);
    }

    private function isNear(float $a, float $b): bool
    {
        return abs($a - $b) <= self::SAME * max($a, $b);
    }

    private function likely(string $amount): float
    {
        return $this->parse($amount)?->inBase()->likely ?? 0.0;
    }

    private function people(string $amount): string
    {
        $parsed = $this->parse($amount);

        return $parsed === null ? $amount : AmountFormatter::people($parsed);
    }

    private function parse(string $amount): ?Amount
    {
        try {
            return $this->amounts->parse($amount, $this->system);
        } catch (BadInput) {
            return null;
        }
    }
}
