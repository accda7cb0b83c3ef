<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Day;

/**
 * Which of the rounds that are due are today's: no plant is due twice on a day, and of a course that is behind only one round is due. The
 * one that has waited longest goes first, then the earlier hour. What waits, waits for one of those, or because the plant has had something
 * today already.
 */
final readonly class OncePerPlant
{
    public const SPRAYED = 'sprayed';

    /**
     * @param  list<string>  $now  ids of rounds, in the order in which they are due
     * @param  array<string, string>  $waits  id of a round => the round that it waits for, or "sprayed"
     */
    private function __construct(public array $now, public array $waits) {}

    /**
     * @param  list<DueOnPlants>  $rounds
     * @param  list<string>  $sprayed  plantings that have had something today
     */
    public static function of(array $rounds, array $sprayed = []): self
    {
        usort(
            $rounds,
            static fn (DueOnPlants $a, DueOnPlants $b): int => [$a->day, $a->hour, $a->round] <=> [$b->day, $b->hour, $b->round],
        );
        $taken = array_fill_keys($sprayed, self::SPRAYED);
        $now = $waits = $courses = [];
        foreach ($rounds as $round) {
            $for = $courses[$round->course] ?? self::taken($round, $taken);
            if ($for !== null) {
                $waits[$round->round] = $for;

                continue;
            }
            $now[] = $round->round;
            $courses[$round->course] = $round->round;
            foreach ($round->plantings as $planting) {
                $taken[$planting] = $round->round;
            }
        }

        return new self($now, $waits);
    }

    /** @param  array<array-key, string>  $taken  planting => by what */
    private static function taken(DueOnPlants $round, array $taken): ?string
    {
        foreach ($round->plantings as $planting) {
            if (isset($taken[$planting])) {
                return $taken[$planting];
            }
        }

        return null;
    }
}
