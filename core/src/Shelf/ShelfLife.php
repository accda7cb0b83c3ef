<?php

declare(strict_types=1);

namespace Nebbia\Core\Shelf;

use DateTimeImmutable;

/**
 * How long a preparation still keeps: each place uses its life up at its own pace, and what is used up stays so (a rough rule of practice).
 */
final readonly class ShelfLife
{
    private const HOUR = 3600;

    private function __construct(
        /** From here on it is well to use it soon. */
        public ?DateTimeImmutable $soonFrom,
        /** Null where it keeps nowhere that anybody knows of. */
        public ?DateTimeImmutable $useBy,
        /** It stands, or has stood, where it must not be kept. */
        public bool $isMisplaced,
    ) {}

    /** @param  list<Stay>  $stays  the first begins when it was strained */
    public static function of(Kind $kind, array $stays): self
    {
        $usedLikely = $usedLow = 0.0;
        $last = count($stays) - 1;
        foreach ($stays as $n => $stay) {
            $life = $kind->life($stay->place);
            if ($life === null) {
                return new self($stay->since, $stay->since, true);
            }
            if ($n === $last) {
                return new self(
                    self::later($stay->since, max(0.0, 1.0 - $usedLow) * $life->low),
                    self::later($stay->since, max(0.0, 1.0 - $usedLikely) * $life->likely),
                    false,
                );
            }
            $hours = max(0, $stays[$n + 1]->since->getTimestamp() - $stay->since->getTimestamp()) / self::HOUR;
            $usedLikely += $hours / $life->likely;
            $usedLow += $hours / $life->low;
        }

        return new self(null, null, false);
    }

    private static function later(DateTimeImmutable $from, float $hours): DateTimeImmutable
    {
        return $from->setTimestamp($from->getTimestamp() + (int) round($hours * self::HOUR));
    }
}
