<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Round;

use DateTimeImmutable;
use Nebbia\Core\Making\StockBatch;
use Nebbia\Core\Making\StockNeed;
use Nebbia\Core\Making\StockPlan;
use Nebbia\Core\Shelf\Kinds;

/** What the rounds of a plan want made ahead, backwards from each. */
final readonly class MakeAhead
{
    public function __construct(private Kinds $kinds) {}

    /** @return list<StockBatch> soonest first */
    public function of(CoursePlan $plan, DateTimeImmutable $now): array
    {
        $needs = [];
        foreach ($plan->rounds as $n => $round) {
            $at = $now->setTimestamp($round->slot->from);
            $mix = $plan->course->mixOf($n);
            $sources = [[$mix->recipe->liquid, $mix->baseMl, $mix->recipe->liquidPreparation]];
            foreach ($mix->lines as $line) {
                $sources[] = [$line->line->ingredient, $line->volumeMl ?? 0.0, $line->line->preparation];
            }
            foreach ($sources as [$ingredient, $ml, $jar]) {
                if ($ingredient->isLiquid && $ml > 0.0 && $jar === null && $this->kinds->making($ingredient->id) !== []) {
                    $needs[$ingredient->id][] = new StockNeed($at, $ml, (string) $round->number);
                }
            }
        }
        $batches = [];
        foreach ($needs as $ingredient => $some) {
            $kind = $this->kinds->making($ingredient)[0];
            if ($kind->hours->likely > 0.0) {
                $batches = [...$batches, ...StockPlan::of($kind, $some, [], $now)->batches];
            }
        }
        usort($batches, static fn (StockBatch $a, StockBatch $b): int => $a->startAt <=> $b->startAt);

        return $batches;
    }
}
