<?php

declare(strict_types=1);

namespace Nebbia\Core\Shelf;

use DateTimeImmutable;

/** Which jar is taken where none is named: of those that are ready and fit, the one that goes off first. */
final readonly class NextJar
{
    /**
     * @param  iterable<OnShelf>  $jars  in the order in which they were put there
     * @param  string  $ingredient  id
     * @param  DateTimeImmutable  $at  when it is used
     */
    public static function of(iterable $jars, string $ingredient, DateTimeImmutable $at): ?OnShelf
    {
        $fit = array_filter([...$jars], static fn (OnShelf $jar): bool => $jar->ingredient->id === $ingredient && self::fits($jar, $at));
        usort($fit, static fn (OnShelf $a, OnShelf $b): int => [$a->useBy === null, $a->useBy] <=> [$b->useBy === null, $b->useBy]);

        return $fit[0] ?? null;
    }

    private static function fits(OnShelf $jar, DateTimeImmutable $at): bool
    {
        return $jar->state->isFitForUse() &&
            ($jar->leftMl ?? 1.0) > 0.0 &&
            ($jar->readyAt === null || $jar->readyAt <= $at) &&
            ($jar->useBy === null || $jar->useBy > $at);
    }
}
