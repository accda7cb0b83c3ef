<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure\Vessel;

/** Shares a volume out over the sprayers there are: each alone, and two together where that saves fills. */
final class SprayerShare
{
    /** More fills than that of one bottle is no plan. */
    private const MOST_FILLS = 12;

    /**
     * @param  list<Vessel>  $vessels
     * @param  float  $neededMl  what is to be sprayed, above zero
     * @return list<list<FillPlan>> ways to do it: fewest fills first, then the least that stays unused
     */
    public static function ways(array $vessels, float $neededMl): array
    {
        $ways = [];
        foreach ($vessels as $vessel) {
            $plan = FillPlan::of($vessel, $neededMl);
            if ($plan->fills <= self::MOST_FILLS) {
                $ways[] = [$plan];
            }
        }
        $alone = $ways === [] ? self::MOST_FILLS + 1 : min(array_map(self::fills(...), $ways));
        foreach ($vessels as $n => $a) {
            foreach ($vessels as $m => $b) {
                $pair = $n === $m ? null : self::pair($a, $b, $neededMl);
                if ($pair !== null && self::fills($pair) < $alone) {
                    $ways[] = $pair;
                }
            }
        }
        usort($ways, static fn (array $x, array $y): int => [self::fills($x), self::made($x)] <=> [self::fills($y), self::made($y)]);

        return $ways;
    }

    /**
     * The first filled to its line as often as it takes, the second once with the rest.
     *
     * @return list<FillPlan>|null
     */
    private static function pair(Vessel $a, Vessel $b, float $neededMl): ?array
    {
        $full = $a->usableMl();
        $most = $b->usableMl() - $b->dead->likely;
        $fills = (int) ceil(($neededMl - $most + $a->dead->likely) / $full - 1e-9);
        $sprayed = $fills * $full - $a->dead->likely;
        $rest = $neededMl - $sprayed;
        if ($fills < 1 || $fills >= self::MOST_FILLS || $rest <= 0.0 || $rest + $b->dead->likely < $b->smallestMl()) {
            return null;
        }

        return [FillPlan::of($a, $sprayed, $fills), FillPlan::of($b, $rest, 1)];
    }

    /** @param  list<FillPlan>  $way */
    private static function fills(array $way): int
    {
        return array_sum(array_map(static fn (FillPlan $plan): int => $plan->fills, $way));
    }

    /** @param  list<FillPlan>  $way */
    private static function made(array $way): float
    {
        return array_sum(array_map(static fn (FillPlan $plan): float => $plan->madeMl, $way));
    }
}
