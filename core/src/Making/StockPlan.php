<?php

declare(strict_types=1);

namespace Nebbia\Core\Making;

use DateTimeImmutable;
use Nebbia\Core\Shelf\KeepingPlace;
use Nebbia\Core\Shelf\Kind;
use Nebbia\Core\Shelf\OnShelf;
use Nebbia\Core\Shelf\Raw;
use Nebbia\Core\Shelf\State;

/**
 * From what the rounds take back to what must be started, and when: leftover stock first as long as it is good, then as few makings as
 * their shelf life allows, each ready for the first round it serves.
 */
final readonly class StockPlan
{
    /**
     * @param  list<StockBatch>  $batches
     * @param  list<array{OnShelf, float, StockNeed}>  $fromShelf  a jar, the mL taken of it, and what for
     */
    private function __construct(public array $batches, public array $fromShelf) {}

    /**
     * @param  list<StockNeed>  $needs
     * @param  list<OnShelf>  $jars  of that kind of ingredient
     */
    public static function of(Kind $kind, array $needs, array $jars, DateTimeImmutable $now, ?KeepingPlace $place = null): self
    {
        usort($needs, static fn (StockNeed $a, StockNeed $b): int => $a->at <=> $b->at);
        [$open, $taken] = self::fromShelf($needs, $jars);
        $place ??= $kind->usualPlace();
        $batches = [];
        while ($open !== []) {
            $first = $open[0];
            $life = $kind->life($place);
            $until = $life === null ? null : self::later($first->at, $life->likely);
            $served = [$first];
            $later = [];
            foreach (array_slice($open, 1) as $need) {
                $until !== null && $need->at < $until ? ($served[] = $need) : ($later[] = $need);
            }
            $open = $later;
            $batches[] = self::batch($kind, $served, $until, $now);
        }

        return new self($batches, $taken);
    }

    /**
     * What turns sour first is used first.
     *
     * @param  list<StockNeed>  $needs
     * @param  list<OnShelf>  $jars
     * @return array{list<StockNeed>, list<array{OnShelf, float, StockNeed}>}
     */
    private static function fromShelf(array $needs, array $jars): array
    {
        usort($jars, static fn (OnShelf $a, OnShelf $b): int => [$a->useBy === null, $a->useBy] <=> [$b->useBy === null, $b->useBy]);
        $left = array_map(static fn (OnShelf $jar): float => $jar->leftMl ?? 0.0, $jars);
        $open = $taken = [];
        foreach ($needs as $need) {
            $missing = $need->ml;
            foreach ($jars as $n => $jar) {
                $take = self::serves($jar, $need) ? min($missing, $left[$n]) : 0.0;
                if ($take > 0.0) {
                    $left[$n] -= $take;
                    $missing -= $take;
                    $taken[] = [$jar, $take, $need];
                }
            }
            if ($missing > 1e-9 * $need->ml) {
                $open[] = new StockNeed($need->at, $missing, $need->for, $need->round);
            }
        }

        return [$open, $taken];
    }

    /** It is good by then; what still steeps counts from when it may be strained, for as long as it usually keeps after that. */
    private static function serves(OnShelf $jar, StockNeed $need): bool
    {
        if ($jar->state->isFitForUse()) {
            return ($jar->useBy === null || $need->at < $jar->useBy) && ($jar->readyAt === null || $jar->readyAt <= $need->at);
        }
        if ($jar->readyAt === null || ! in_array($jar->state, [State::Steeping, State::ToStrain], true)) {
            return false;
        }
        $life = $jar->kind->life($jar->kind->usualPlace());

        return self::later($jar->readyAt, $jar->kind->hours->low - $jar->kind->hours->likely) <= $need->at &&
            ($life === null || $need->at < self::later($jar->readyAt, $life->likely));
    }

    /** @param  non-empty-list<StockNeed>  $needs */
    private static function batch(Kind $kind, array $needs, ?DateTimeImmutable $until, DateTimeImmutable $now): StockBatch
    {
        $wanted = array_sum(array_map(static fn (StockNeed $need): float => $need->ml, $needs));
        $through = $kind->method->leftInPot()->times($kind->method->recovered);
        $poured = array_sum(array_map(static fn (Raw $one): float => $one->isPoured ? $one->perLitre->likely / 1000.0 : 0.0, $kind->raw));
        // As much as is enough even if the cloth keeps much. What is made of parts has no other liquid; what comes out of plants alone
        // cannot be foretold.
        $whole = $wanted / $through->low;
        $unit = $kind->isOfParts ? ($poured > 0.0 ? $whole / $poured : 0.0) : $whole / (1.0 + $poured);
        $raw = [];
        foreach ($kind->raw as $one) {
            $raw[$one->ingredient] = ($raw[$one->ingredient] ?? 0.0) + ($one->perLitre->likely * $unit) / 1000.0;
        }
        $liquid = $kind->isOfParts ? 0.0 : $unit;
        $start = self::later($needs[0]->at, -$kind->hours->likely);

        return new StockBatch($kind, $start, $needs[0]->at, $until, $wanted, $liquid, $through->times($whole), $raw, $needs, $start < $now);
    }

    private static function later(DateTimeImmutable $from, float $hours): DateTimeImmutable
    {
        return $from->setTimestamp($from->getTimestamp() + (int) round($hours * 3600));
    }
}
