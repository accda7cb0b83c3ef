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
use Nebbia\Core\Reading\Answer;
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

/** Says of everything in a paragraph that could be otherwise that it could. */
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
        private DoubtAnswers $answers,
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

    /** mL of an entry that adds to the volume; 0 of what does not. */
    public function millilitres(Entry $entry): float
    {
        if ($entry->ingredient !== null && ! $this->ingredients->named($entry->ingredient)->isLiquid) {
            return 0.0;
        }
        $amount = $entry->amount === null ? null : $this->peek->amount($entry->amount);

        return $amount?->unit->kind === UnitKind::Volume ? $amount->inBase()->likely : 0.0;
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
                $this->doubts->addAll('missing-volume', Message::of('reading.missing-volume'), $this->answers->volumes($this->system));
            }
            foreach ($lines as $entry) {
                $this->doubtLine($entry, $base);
            }
            if ($this->use() === null && ! ($isHopeless && $base === null)) {
                $said = Message::of('reading.missing-use', ['use' => $this->draft->usualUse()]);
                $this->doubts->addAll('missing-use', $said, $this->answers->uses());
            }
        }
        foreach ($this->draft->unknown as [$amount, $name]) {
            $this->doubts->add($name, 'unknown-ingredient', Message::of('reading.unknown-ingredient', ['name' => $name->text]));
        }
        if ($base !== null && preg_match(Scanner::THOUSANDS, $base->token->text) === 1) {
            $this->doubts->add(
                $base->token,
                'two-readings',
                Message::of('reading.two-readings', ['text' => $base->token->text, 'read' => $this->peek->people($base->amount)]),
                $this->answers->thousands($base->token),
            );
        }
        if ($this->draft->thinned !== []) {
            $this->doubts->add($this->draft->thinned[0], 'two-steps', Message::of('reading.two-steps'));
        }
        if ($this->draft->repeat?->is(TokenKind::RepeatRange) === true) {
            $this->doubts->add(
                $this->draft->repeat,
                'odd-repeat',
                Message::of('reading.odd-repeat', ['days' => (float) $this->draft->repeat->value]),
            );
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
            $this->doubts->add(
                $entry->amountToken,
                'not-understood',
                Message::of('reading.not-placed', ['text' => $entry->amountToken->text]),
            );
        }
        if ($entry->amountToken !== null && $amount !== null && preg_match(Scanner::THOUSANDS, $entry->amountToken->text) === 1) {
            $this->doubts->add(
                $entry->amountToken,
                'two-readings',
                Message::of('reading.two-readings', [
                    'text' => $entry->amountToken->text,
                    'read' => $this->peek->people($entry->amount ?? ''),
                ]),
                $this->answers->thousands($entry->amountToken),
            );
        }
        if ($entry->amountToken?->doubt !== null) {
            $doubt = $entry->amountToken->doubt;
            $this->doubts->add($entry->amountToken, $doubt, Message::of("reading.$doubt"), $this->answersTo($doubt, $entry));
        }
        if ($amount !== null && $entry->amountToken !== null && $this->isWide($amount)) {
            $this->doubts->add(
                $entry->amountToken,
                'rough',
                Message::of('reading.rough', ['text' => $entry->amountToken->text]),
                $this->answers->rough($amount),
            );
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
            $this->doubts->add(
                $token,
                $kind,
                Message::of("reading.$kind", ['name' => $ingredient->name]),
                $this->answers->which($ingredient),
            );
        }
        $isLabelled = $ingredient->substance !== null && ! $ingredient->substance->isUnlabelled;
        if ($entry->strength === null && $isLabelled && $ingredient->usual->likely !== 100.0) {
            $this->doubts->add(
                $token,
                'missing-strength',
                Message::of('reading.missing-strength', ['name' => $ingredient->name]),
                $this->answers->strength($token, $ingredient),
            );
        }
        $this->doubtStrength($entry, $ingredient);
        $this->doubtStated($entry, $ingredient, $base);
    }

    /** @return list<Answer> */
    private function answersTo(string $doubt, Entry $entry): array
    {
        $token = $entry->amountToken;

        return match (true) {
            $token === null => [],
            $doubt === 'which-spoon' => $this->answers->spoon($token),
            $doubt === 'heaped' => $this->answers->heaped($token, $this->peek),
            $doubt === 'percent-of' && $entry->ingredient !== null => $this->answers->percentOf(
                $token,
                (float) str_replace(',', '.', $token->text),
                $this->ingredients->named($entry->ingredient)->usual,
            ),
            default => [],
        };
    }

    /** "A 0.5 % solution: 5 g in a litre" is looked at again: does the amount give that strength? */
    private function doubtStated(Entry $entry, Ingredient $ingredient, ?Volume $base): void
    {
        if ($entry->stated === null || $entry->amount === null || $base === null) {
            return;
        }
        try {
            $recipe = $this->recipes->read([
                'format' => RecipeReader::FORMAT,
                'use' => 'foliar',
                'units' => $this->system->value,
                'base' => ['amount' => $base->amount, 'basis' => $base->isFinal ? 'final' : 'added', 'liquid' => 'water'],
                'ingredients' => [
                    ['ingredient' => $ingredient->id, 'amount' => $entry->amount] +
                    ($entry->strength === null ? [] : ['strength' => $entry->strength]),
                ],
            ]);
            $strength = $this->mixer->mix($recipe)->strengths[0] ?? null;
        } catch (BadInput) {
            return;
        }
        $given = ($ingredient->percent === PercentMeaning::ByVolume ? $strength?->percentVv : $strength?->percentWv)->likely ?? 0.0;
        $stated = (float) str_replace(',', '.', $entry->stated->value);
        if (! Settler::isNear($given, $stated)) {
            $this->doubts->add(
                $entry->stated,
                'contradiction',
                Message::of('reading.stated-otherwise', ['stated' => $stated, 'given' => $given]),
            );
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
}
