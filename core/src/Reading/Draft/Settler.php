<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Draft;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Measure\AmountFormatter;
use Nebbia\Core\Mixing\DoseReader;
use Nebbia\Core\Mixing\Recipe\RecipeLine;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Substance\Strength;

/** Settles what a draft leaves open: which volume is the base, what an amount said twice comes to. Each choice is doubted. */
final readonly class Settler
{
    /** Two ways to say the same differ by no more: a quart is a litre to most. */
    private const SAME = 0.06;

    public function __construct(
        private Ingredients $ingredients,
        private DoseReader $doses,
        private Draft $draft,
        private Peek $peek,
        private Doubts $doubts,
    ) {}

    /** The volume that is the base: the most plainly said, of these the first that is not for dissolving something in. */
    public function base(): ?Volume
    {
        $best = null;
        foreach ($this->draft->volumes as $volume) {
            $isBetter =
                $best === null ||
                $volume->rank > $best->rank ||
                ($volume->rank === $best->rank &&
                    $best->isForStirring &&
                    $this->peek->likely($volume->amount) > $this->peek->likely($best->amount));
            if ($volume->isFinal && $best !== null && ! $best->isFinal) {
                $isBetter = true;
            }
            $best = $isBetter && ! ($best !== null && $best->isFinal && ! $volume->isFinal) ? $volume : $best;
        }
        foreach ($this->draft->volumes as $volume) {
            if (
                $best !== null &&
                $volume !== $best &&
                ! self::isNear($this->peek->likely($volume->amount), $this->peek->likely($best->amount))
            ) {
                $this->otherVolume($volume, $best);
            }
        }

        if ($best?->rank === Volume::BARE) {
            $this->doubts->add($best->token, 'bare-volume', Message::of('reading.bare-volume', ['text' => $best->token->text]));
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
        [$a, $b] = [$this->dose($first), $this->dose($second)];
        if (
            $a === null ||
            $b === null ||
            ! self::isSame($a->dividedBy($this->volumeOf($first, $base)), $b->dividedBy($this->volumeOf($second, $base)))
        ) {
            $this->doubts->add(
                $second->amountToken,
                'contradiction',
                Message::of('reading.two-amounts', [
                    'first' => $this->peek->people($first->amount),
                    'second' => $this->peek->people($second->amount),
                ]),
            );
        }
    }

    /** mL poured or g, however it is said: "1 teaspoon (5 g)" is one amount twice. */
    private function dose(Entry $entry): ?Interval
    {
        $amount = $entry->ingredient === null || $entry->amount === null ? null : $this->peek->amount($entry->amount);
        if ($amount === null || $amount->isRelative()) {
            return $amount?->inBase();
        }
        $ingredient = $this->ingredients->named((string) $entry->ingredient);
        try {
            return $this->doses->read(RecipeLine::of($ingredient, $amount, Strength::usual($ingredient)))->size;
        } catch (BadInput) {
            return null;
        }
    }

    /** Near each other, or each within what the other may be. */
    private static function isSame(Interval $a, Interval $b): bool
    {
        return self::isNear($a->likely, $b->likely) ||
            ($a->low <= $b->likely && $b->likely <= $a->high) ||
            ($b->low <= $a->likely && $a->likely <= $b->high);
    }

    private function volumeOf(Entry $entry, ?Volume $base): float
    {
        $volume = $entry->per ?? $base;

        return $volume === null ? 1.0 : max($this->peek->likely($volume->amount), 1e-9);
    }

    /** "1 tsp per gallon" in a recipe for a litre: as much as the litre takes. */
    private function convert(Entry $line, ?Volume $base): void
    {
        if (
            $line->per === null ||
            $base === null ||
            $line->amount === null ||
            $line->amountToken === null ||
            $line->per->rank !== Volume::RATE ||
            $line->per === $base
        ) {
            return;
        }
        [$amount, $per, $whole] = [
            $this->peek->amount($line->amount),
            $this->peek->amount($line->per->amount),
            $this->peek->amount($base->amount),
        ];
        if ($amount === null || $per === null || $whole === null || $per->unit->likely === null || $whole->unit->likely === null) {
            return;
        }
        $k = $whole->likely->multipliedBy($whole->unit->likely)->dividedBy($per->likely->multipliedBy($per->unit->likely));
        if (! $k->isEqualTo(1)) {
            $line->amount = AmountFormatter::machine($amount->scaledBy($k));
            $this->doubts->add(
                $line->per->token,
                'converted',
                Message::of('reading.converted', [
                    'per' => $this->peek->people($line->per->amount),
                    'base' => $this->peek->people($base->amount),
                ]),
            );
        }
    }

    private function otherVolume(Volume $volume, Volume $best): void
    {
        $isRateOfOther = $volume->rank === Volume::RATE;
        if (
            $volume->rank < Volume::RATE &&
            $best->rank === Volume::WATER &&
            $this->peek->likely($volume->amount) >= $this->peek->likely($best->amount)
        ) {
            // A bottle larger than the water in it is no contradiction.
            return;
        }
        $key = $volume->isForStirring || $best->isForStirring ? 'two-waters' : ($isRateOfOther ? null : 'contradiction');
        if ($key !== null) {
            $this->doubts->add(
                $volume->token,
                $key,
                Message::of($key === 'two-waters' ? 'reading.two-waters' : 'reading.two-volumes', [
                    'first' => $this->peek->people($best->amount),
                    'second' => $this->peek->people($volume->amount),
                ]),
            );
        }
    }

    public static function isNear(float $a, float $b): bool
    {
        return abs($a - $b) <= self::SAME * max($a, $b);
    }
}
