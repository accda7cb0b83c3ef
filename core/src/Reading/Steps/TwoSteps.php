<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Steps;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Making\Maker;
use Nebbia\Core\Making\MakingReader;
use Nebbia\Core\Measure\NumberParser;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Reading\Draft\DoubtAnswers;
use Nebbia\Core\Reading\Draft\Draft;
use Nebbia\Core\Reading\Draft\Entry;
use Nebbia\Core\Reading\Span;
use Nebbia\Core\Reading\Stretch;
use Nebbia\Core\Reading\StretchReader;
use Nebbia\Core\Reading\Words\Lexicon;
use Nebbia\Core\Reading\Words\Token;
use Nebbia\Core\Reading\Words\TokenKind;
use Nebbia\Core\Shelf\Kind;
use Nebbia\Core\Substance\Ingredients;

/**
 * First a stock or a steep, then a dilution: what is read is what is sprayed. The stock becomes a preparation, and the recipe takes from
 * it. Where nothing is lost in a cloth and all of it is thinned, one recipe says the same and no preparation is needed.
 */
final readonly class TwoSteps
{
    /** The preparation within its recipe. */
    private const ID = 'stock';

    /** Doubts of a step that the other settles. */
    private const OF_ONE = ['missing-volume', 'missing-use', 'hopeless'];

    /** Of two things in equal parts so much each, where nothing is said: the parts are all that matters. */
    private const PART = '100 mL';

    public function __construct(
        private Lexicon $words,
        private Ingredients $ingredients,
        private StretchReader $stretches,
        private StockTokens $stocks,
        private StockKind $kinds,
        private MakingReader $makings,
        private Maker $maker,
    ) {}

    /**
     * @param  list<Token>  $tokens  of the whole paragraph
     * @param  int  $from  byte at which the second step begins
     */
    public function read(string $text, array $tokens, int $from, UnitSystem $system): ?ReadSteps
    {
        $making = $this->stretches->read(self::part($tokens, static fn (Token $one): bool => $one->start < $from), $text, $system);
        if ($making->lines === []) {
            return null;
        }
        $this->evenOut($making);
        $thinning = Thinning::in($text, $from, $this->words);
        $rest = $this->stocks->mark($text, $from, self::part($tokens, static fn (Token $one): bool => $one->start >= $from));
        $thinned = $this->stretches->read(
            self::part(
                $rest,
                static fn (Token $one): bool => $thinning === null ||
                    $one->end() <= $thinning->at ||
                    $one->start >= $thinning->at + strlen($thinning->words),
            ),
            $text,
            $system,
        );
        if ($thinning === null && $thinned->base === null && $this->taken($thinned) !== null && ! $this->isThinned($text, $from)) {
            // "Pour a cup of the mixture on each plant": it is given out as it is.
            return null;
        }
        if ($thinning === null && $this->taken($thinned) === null && $this->isOnlyToppedUp($text, $from, $making)) {
            return null;
        }
        [$base, $lines, $preparations] = $this->compose($text, $from, $making, $thinned, $thinning, $system);
        $understood = $this->understood($text, $making, $thinned, $thinning);
        $this->join($making->draft, $thinned->draft);

        return new ReadSteps(
            $making,
            $base,
            $lines,
            $preparations,
            self::each([...$understood, ...$making->understood()]),
            $this->doubts($text, $from, $making, $thinned, $base['amount'] === null, $thinning),
            [...$making->doubter->left($making->tokens), ...$thinned->doubter->left($thinned->tokens)],
        );
    }

    /**
     * "100 ml of oil, 20 ml of soap, top up to 5 L": nothing steeps and no water was spoken of, so nothing was made before. What is topped
     * up with is water, and the largest of what went in is no base.
     */
    private function isOnlyToppedUp(string $text, int $from, Stretch $making): bool
    {
        $first = substr($text, 0, $from);
        $says = fn (string $group): bool => preg_match("/(?<!\\p{L}){$this->words->any($group)}/iu", $first) === 1;

        return ($making->base === null || $making->liquid !== null) &&
            self::hours($making->tokens) === null &&
            ! $says('strained') &&
            ! $says('boiled') &&
            preg_match("/(?<!\\p{L}){$this->words->any('fills_up')}/iu", $text, offset: $from) === 1;
    }

    /**
     * @return array{array<string, mixed>, list<array<string, mixed>>, list<array<string, mixed>>} base, lines, preparations
     */
    private function compose(string $text, int $from, Stretch $making, Stretch $thinned, ?Thinning $thinning, UnitSystem $system): array
    {
        $first = substr($text, 0, $from);
        $isStrained = preg_match("/(?<!\\p{L}){$this->words->any('strained')}/iu", $first) === 1;
        $kind = $this->kinds->of(
            array_values(
                array_filter(
                    array_map(static fn (Entry $one): ?string => $one === $making->liquid ? null : $one->ingredient, $making->lines),
                ),
            ),
            $making->liquid->ingredient ?? 'water',
            self::hours($making->tokens),
            preg_match("/(?<!\\p{L}){$this->words->any('boiled')}/iu", $first) === 1,
        );
        $stock = $this->preparation($making, $kind, $system);
        $yield = $this->yield($stock, $kind, $isStrained);
        $others = array_values(
            array_filter(
                $thinned->lineBodies(),
                static fn (array $line): bool => $line['ingredient'] !== StockTokens::INGREDIENT && $line['ingredient'] !== null,
            ),
        );
        $taken = $this->taken($thinned);
        $line = ['ingredient' => $kind->makes, 'preparation' => self::ID];
        $volume = $thinned->base === null ? null : $thinned->peek->machine($thinned->base->amount);
        if ($thinning !== null) {
            $all = self::litres(($yield ?? 1000.0) * $thinning->times);

            return [
                ['amount' => $volume ?? $all, 'basis' => $thinning->isOfWhole && $volume === null ? 'final' : 'added', 'liquid' => 'water'],
                [$line + ['amount' => $thinning->share], ...$others],
                [$stock],
            ];
        }
        if ($taken !== null && $volume !== null) {
            return [$thinned->baseBody(), [$line + ['amount' => $taken], ...$others], [$stock]];
        }
        if ($taken !== null || $volume === null) {
            return [['amount' => null, 'basis' => 'added', 'liquid' => 'water'], [$line + ['amount' => $taken], ...$others], [$stock]];
        }
        // All of it is thinned.
        $fillsUp = preg_match("/(?<!\\p{L}){$this->words->any('fills_up')}/iu", $text, offset: $from) === 1;
        if ($isStrained && $fillsUp) {
            return [
                ['amount' => $volume, 'basis' => 'added', 'liquid' => $kind->makes, 'preparation' => self::ID],
                $others,
                [$stock + ['topped_up' => $volume]],
            ];
        }
        if ($isStrained || $making->base === null) {
            return [
                ['amount' => $volume, 'basis' => $fillsUp ? 'final' : 'added', 'liquid' => 'water'],
                [$line + ['amount' => $yield === null ? null : self::litres($yield)], ...$others],
                [$stock],
            ];
        }
        $base = $making->baseBody();

        return [
            [
                'amount' => $fillsUp ? $volume : $making->peek->machine("{$making->base->amount} + $volume"),
                'basis' => $fillsUp ? 'final' : 'added',
            ] + $base,
            [...$making->lineBodies(), ...$others],
            [],
        ];
    }

    /** @return array<string, mixed> nebbia.preparation/1 */
    private function preparation(Stretch $making, Kind $kind, UnitSystem $system): array
    {
        $stands = $kind->hours->likely > 0.0 ? $this->stands($making->tokens) : null;

        return ['format' => MakingReader::FORMAT, 'id' => self::ID, 'kind' => $kind->id, 'units' => $system->value] +
            ($stands === null ? [] : ['stands_hours' => $stands]) +
            ($making->base === null ? [] : ['base' => $making->baseBody()]) + ['ingredients' => $making->lineBodies()];
    }

    /**
     * mL that there will be of it; null where that cannot be worked out.
     *
     * @param  array<string, mixed>  $stock
     */
    private function yield(array $stock, Kind $kind, bool $isStrained): ?float
    {
        try {
            $made = $this->maker->make($this->makings->read($stock));
        } catch (BadInput) {
            return null;
        }

        return $isStrained || $kind->method->evaporated->high > 0.0 ? $made->yield?->likely : $made->pot?->finalVolume->likely;
    }

    /** Whether thinning is spoken of at all. */
    private function isThinned(string $text, int $from): bool
    {
        return preg_match("/(?<!\\p{L})(?:{$this->words->any('thins')}|water|acqua|água)(?!\\p{L})/iu", $text, offset: $from) === 1;
    }

    /** How much of the stock is taken, as a recipe writes it. */
    private function taken(Stretch $thinned): ?string
    {
        foreach ($thinned->lines as $entry) {
            $isStock = $entry->ingredient === StockTokens::INGREDIENT || ($entry->ingredient === null && ! $entry->isNamed());
            if ($isStock && $entry->amount !== null && $entry !== $thinned->liquid) {
                return $thinned->peek->machine($entry->amount);
            }
        }

        return null;
    }

    /** "equal parts of oil and soap": so much of each as of the other. */
    private function evenOut(Stretch $making): void
    {
        $half = array_values(array_filter($making->tokens, static fn (Token $one): bool => $one->is(TokenKind::Half)))[0] ?? null;
        if ($half === null || $making->base !== null || count($making->lines) < 2) {
            return;
        }
        foreach ($making->lines as $entry) {
            if ($entry->amount === null || $entry->amountToken?->is(TokenKind::Half) === true) {
                $entry->give(Token::of(TokenKind::Amount, $half->text, $half->start, self::PART));
            }
        }
    }

    /** What the second step says of use, plants and rounds holds for the whole. */
    private function join(Draft $whole, Draft $second): void
    {
        $whole->uses += $second->uses;
        $whole->targets += $second->targets;
        $whole->plants += $second->plants;
        $whole->repeat ??= $second->repeat;
        $whole->times ??= $second->times;
        $whole->rounds ??= $second->rounds;
    }

    /** @return list<Span> */
    private function understood(string $text, Stretch $making, Stretch $thinned, ?Thinning $thinning): array
    {
        $spans = $thinned->understood();
        if ($thinning !== null) {
            $spans[] = Span::of($text, $thinning->at, $thinning->at + strlen($thinning->words), 'thinned', Message::of('reading.thinned'));
        }

        return $spans;
    }

    /** @return list<Span> */
    private function doubts(string $text, int $from, Stretch $making, Stretch $thinned, bool $isOpen, ?Thinning $thinning): array
    {
        $isOwn = static fn (Span $one): bool => ! in_array($one->kind, self::OF_ONE, true);
        $of = static fn (Span $one): bool => $isOwn($one) &&
            ! in_array($one->kind, ['unknown-ingredient', 'missing-amount', 'contradiction'], true);
        $doubts = array_filter($making->doubter->doubts($making->base, $making->lines), $isOwn);
        foreach ($thinned->doubter->doubts($thinned->base, $thinned->lines) as $one) {
            if (
                $of($one) ||
                ($one->kind === 'unknown-ingredient' &&
                    preg_match('/\p{L}{3}/u', $one->text) === 1 &&
                    preg_match('/^\d/u', $one->text) !== 1)
            ) {
                $doubts[] = $one;
            }
        }
        $at = $thinning === null ? $from : $thinning->at;
        $end = $thinning === null ? min(strlen($text), $from + strcspn($text, ".;\n", $from)) : $thinning->at + strlen($thinning->words);
        $doubts[] = Span::of(
            $text,
            $at,
            max($end, $at + 1),
            'two-steps',
            Message::of($isOpen ? 'reading.two-steps-open' : 'reading.two-steps'),
        );
        if ($making->doubter->use() === null) {
            $doubts[] = Span::of(
                $text,
                0,
                strlen($text),
                'missing-use',
                Message::of('reading.missing-use', ['use' => $making->draft->usualUse()]),
                (new DoubtAnswers($this->ingredients))->uses(),
            );
        }
        usort($doubts, static fn (Span $a, Span $b): int => $a->start <=> $b->start);

        return self::each($doubts);
    }

    /**
     * Each place and kind once.
     *
     * @param  list<Span>  $spans
     * @return list<Span> in the order of the text
     */
    private static function each(array $spans): array
    {
        $each = [];
        foreach ($spans as $span) {
            $each["$span->start $span->end $span->kind"] ??= $span;
        }
        usort($each, static fn (Span $a, Span $b): int => [$a->start, -$a->end] <=> [$b->start, -$b->end]);

        return $each;
    }

    /**
     * @param  list<Token>  $tokens
     * @param  callable(Token): bool  $which
     * @return list<Token>
     */
    private static function part(array $tokens, callable $which): array
    {
        return array_values(array_filter($tokens, $which));
    }

    /**
     * How long it is said to stand, h; null where nobody says, or only "overnight".
     *
     * @param  list<Token>  $tokens
     */
    private function stands(array $tokens): ?float
    {
        foreach ($tokens as $token) {
            if (! $token->is(TokenKind::Duration)) {
                continue;
            }
            if ($token->value !== '') {
                return 24.0 * (float) $token->value;
            }
            $inHours = '/('.NumberParser::PATTERN.")\\s*(?:{$this->words->any('hours')})(?!\\p{L})/iu";
            if (preg_match($inHours, $token->text, $found) === 1) {
                return NumberParser::parse($found[1])->toFloat();
            }
        }

        return null;
    }

    /** @param  list<Token>  $tokens */
    private static function hours(array $tokens): ?float
    {
        foreach ($tokens as $token) {
            if ($token->is(TokenKind::Duration)) {
                return $token->value === '' ? 12.0 : 24.0 * (float) $token->value;
            }
        }

        return null;
    }

    /** A volume that a hand can measure: three figures are more than any jug shows. */
    private static function litres(float $ml): string
    {
        $digits = $ml <= 0.0 ? 0 : 2 - (int) floor(log10($ml));
        $rounded = round($ml, $digits);

        return $rounded >= 1000.0 ? $rounded / 1000.0.' L' : $rounded.' mL';
    }
}
