<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Draft;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Measure\Amount;
use Nebbia\Core\Measure\UnitKind;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Mixing\Recipe\RecipeReader;
use Nebbia\Core\Mixing\Recipe\UseOfSpray;
use Nebbia\Core\Reading\Span;
use Nebbia\Core\Reading\Words\Scanner;
use Nebbia\Core\Reading\Words\Token;
use Nebbia\Core\Reading\Words\TokenKind;
use Nebbia\Core\Substance\Ingredient;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Substance\PercentMeaning;
use Nebbia\Core\Substance\StrengthParser;
use Nebbia\Core\Target\TargetKind;
use Nebbia\Core\Target\Targets;

/** Says what was understood of a paragraph, and of everything that could be otherwise that it could. */
final readonly class Doubter
{
    public const SMALLEST_BASE_ML = 100.0;

    public function __construct(
        private Targets $targets,
        private Ingredients $ingredients,
        private RecipeReader $recipes,
        private Mixer $mixer,
        private UnitSystem $system,
        private string $text,
        private Draft $draft,
        private Peek $peek,
        private Doubts $doubts,
    ) {}

    public function use(): ?string
    {
        foreach (['disinfect', 'weed', 'drench', 'dip', 'wipe', 'foliar'] as $use) {
            if (isset($this->draft->uses[$use])) {
                // Weeds are sprayed like leaves, and not to keep them.
                return $use === UseOfSpray::Foliar->value && $this->isAgainstWeeds() ? UseOfSpray::Weed->value : $use;
            }
        }

        return $this->isAgainstWeeds() ? UseOfSpray::Weed->value : null;
    }

    private function isAgainstWeeds(): bool
    {
        foreach (array_keys($this->draft->targets) as $target) {
            if ($this->targets->named($target)->kind === TargetKind::Weed) {
                return true;
            }
        }

        return false;
    }

    /** mL of an entry where it is a volume; 0 where it is none. */
    public function millilitres(Entry $entry): float
    {
        $amount = $entry->amount === null ? null : $this->peek->amount($entry->amount);

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
            $spans[] = $this->span($base->token, 'base', Message::of($base->isFinal ? 'reading.base-final' : 'reading.base-added', ['amount' => $this->peek->people($base->amount)]));
        }
        foreach ($this->draft->entries as $entry) {
            if ($entry->name !== null && $entry->ingredient !== null) {
                $spans[] = $this->span($entry->name, 'ingredient', Message::of('reading.ingredient', ['name' => $this->ingredients->named($entry->ingredient)->name]));
            }
            if ($entry->amountToken !== null && $entry->amount !== null && $entry->amountToken !== $entry->name) {
                $spans[] = $this->span($entry->amountToken, 'amount', Message::of('reading.amount', ['amount' => $this->peek->people($entry->amount)]));
            }
            if ($entry->stated !== null) {
                $spans[] = $this->span($entry->stated, 'stated', Message::of('reading.stated'));
            }
            if ($entry->strengthToken !== null) {
                $spans[] = $this->span($entry->strengthToken, 'strength', $entry->strength === null
                    ? Message::of('reading.amount', ['amount' => $this->peek->people($entry->amount ?? '')]) : Message::of('reading.strength', ['strength' => $entry->strength]));
            }
        }
        foreach ($this->draft->volumes as $volume) {
            if ($volume !== $base) {
                $spans[] = $this->span($volume->token, 'volume', Message::of('reading.volume', ['amount' => $this->peek->people($volume->amount)]));
            }
        }
        foreach ($this->draft->uses as $use => $token) {
            $spans[] = $this->span($token, 'use', Message::of("reading.use.$use"));
        }
        foreach ($this->draft->targets as $target => $token) {
            $spans[] = $this->span($token, 'target', Message::of('reading.target', ['name' => $this->targets->named($target)->name]));
        }
        if ($this->draft->repeat !== null && $this->draft->repeat->value !== 'odd') {
            $spans[] = $this->span($this->draft->repeat, 'repeat', Message::of('reading.repeat', ['days' => (int) $this->draft->repeat->value]));
        }
        if ($this->draft->times !== null) {
            $spans[] = $this->span($this->draft->times, 'times', $this->draft->rounds === null
                ? Message::of('reading.times', ['times' => (int) $this->draft->times->value]) : Message::of('reading.times-by-length', ['times' => $this->draft->rounds]));
        }
        foreach ($this->draft->durations as $token) {
            $spans[] = $this->span($token, 'time', Message::of('reading.time'));
        }
        foreach ($this->draft->stocks as $token) {
            $spans[] = $this->span($token, 'stock', Message::of('reading.stock'));
        }
        foreach ($this->draft->thinned as $token) {
            $spans[] = $this->span($token, 'thinned', Message::of('reading.thinned'));
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
            $this->doubts->addAll('hopeless', Message::of('reading.hopeless'));
        } else {
            if ($isHopeless && $base === null) {
                $this->doubts->addAll('hopeless', Message::of('reading.hopeless'));
            } elseif ($base === null) {
                $this->doubts->addAll('missing-volume', Message::of('reading.missing-volume'));
            }
            foreach ($lines as $entry) {
                $this->doubtLine($entry, $base);
            }
            if ($this->use() === null && ! ($isHopeless && $base === null)) {
                $this->doubts->addAll('missing-use', Message::of('reading.missing-use'));
            }
        }
        foreach ($this->draft->unknown as [$amount, $name]) {
            $this->doubts->add($name, 'unknown-ingredient', Message::of('reading.unknown-ingredient', ['name' => $name->text]));
        }
        if ($base !== null && preg_match(Scanner::THOUSANDS, $base->token->text) === 1) {
            $this->doubts->add($base->token, 'two-readings', Message::of('reading.two-readings', ['text' => $base->token->text, 'read' => $this->peek->people($base->amount)]));
        }
        if ($this->draft->thinned !== []) {
            $this->doubts->add($this->draft->thinned[0], 'two-steps', Message::of('reading.two-steps'));
        }
        if ($this->draft->repeat?->value === 'odd') {
            $this->doubts->add($this->draft->repeat, 'odd-repeat', Message::of('reading.odd-repeat'));
        }
        foreach ($this->draft->unplaced as $token) {
            $this->doubts->add($token, 'not-understood', Message::of('reading.not-placed', ['text' => $token->text]));
        }

        return $this->doubts->all();
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

    private function doubtLine(Entry $entry, ?Volume $base): void
    {
        $token = $entry->name ?? $entry->amountToken;
        if ($token === null) {
            return;
        }
        $amount = $entry->amount === null ? null : $this->peek->amount($entry->amount);
        if ($entry->amountToken !== null && $entry->amount !== null && $amount === null) {
            $this->doubts->add($entry->amountToken, 'not-understood', Message::of('reading.not-placed', ['text' => $entry->amountToken->text]));
        }
        if ($entry->amountToken !== null && $amount !== null && preg_match(Scanner::THOUSANDS, $entry->amountToken->text) === 1) {
            $this->doubts->add($entry->amountToken, 'two-readings', Message::of('reading.two-readings', ['text' => $entry->amountToken->text, 'read' => $this->peek->people($entry->amount ?? '')]));
        }
        if ($entry->amountToken?->isHeaped) {
            $this->doubts->add($entry->amountToken, 'heaped', Message::of('reading.heaped'));
        }
        if ($amount !== null && $entry->amountToken !== null && $this->isWide($amount)) {
            $this->doubts->add($entry->amountToken, 'rough', Message::of('reading.rough', ['text' => $entry->amountToken->text]));
        }
        if ($entry->ingredient === null) {
            return;
        }
        $ingredient = $this->ingredients->named($entry->ingredient);
        if ($entry->amount === null) {
            $this->doubts->add($token, 'missing-amount', Message::of('reading.missing-amount', ['name' => $ingredient->name]));
        }
        if ($token->is(TokenKind::Unnamed)) {
            $kind = $ingredient->group === 'alcohol' ? 'unnamed-alcohol' : 'unnamed-soap';
            $this->doubts->add($token, $kind, Message::of("reading.$kind", ['name' => $ingredient->name]));
        }
        if ($entry->strength === null && $ingredient->substance !== null && $ingredient->usual->likely !== 100.0) {
            $this->doubts->add($token, 'missing-strength', Message::of('reading.missing-strength', ['name' => $ingredient->name]));
        }
        $this->doubtStrength($entry, $ingredient);
        $this->doubtStated($entry, $ingredient, $base);
    }

    /** "A 0.5 % solution: 5 g in a litre" is looked at again: does the amount give that strength? */
    private function doubtStated(Entry $entry, Ingredient $ingredient, ?Volume $base): void
    {
        if ($entry->stated === null || $entry->amount === null || $base === null) {
            return;
        }
        try {
            $recipe = $this->recipes->read([
                'format' => RecipeReader::FORMAT, 'use' => 'foliar', 'units' => $this->system->value,
                'base' => ['amount' => $base->amount, 'basis' => $base->isFinal ? 'final' : 'added', 'liquid' => 'water'],
                'ingredients' => [['ingredient' => $ingredient->id, 'amount' => $entry->amount] + ($entry->strength === null ? [] : ['strength' => $entry->strength])],
            ]);
            $strength = $this->mixer->mix($recipe)->strengths[0] ?? null;
        } catch (BadInput) {
            return;
        }
        $given = ($ingredient->percent === PercentMeaning::ByVolume ? $strength?->percentVv : $strength?->percentWv)->likely ?? 0.0;
        $stated = (float) str_replace(',', '.', $entry->stated->value);
        if (! Settler::isNear($given, $stated)) {
            $this->doubts->add($entry->stated, 'contradiction', Message::of('reading.stated-otherwise', ['stated' => $stated, 'given' => $given]));
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
            $this->doubts->add($entry->strengthToken, 'not-understood', $e->said);
            $entry->strength = null;
        }
    }

    /** Spoons are what they are; a drop, a squeeze, a capful, a handful are anything. */
    private function isWide(Amount $amount): bool
    {
        return ! $amount->unit->isPrecise() || $amount->unit->kind === UnitKind::Piece;
    }

    private function span(Token $token, string $kind, Message $what): Span
    {
        return Span::of($this->text, $token->start, $token->end(), $kind, $what);
    }
}
